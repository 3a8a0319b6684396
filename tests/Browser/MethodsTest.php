<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** Other ways of working than the brush, from their form to their record. */
final class MethodsTest extends BrowserCase
{
    use LivesAPart;

    public function testTheFormAsksWhatTheWayOfWorkingNeeds(): void
    {
        $this->visit('/parts/new');
        $this->waitForText('Grows while you type', '#answer');
        $this->fill('name', 'Buoy lamp plates');
        $this->pick('method', 'rescue');
        $this->waitFor('[name=film_um]');
        self::assertSame([], $this->all('[name=base_resin_id]'));
        $this->pick('method', 'sheet_metal');
        $this->waitFor('[name=base_resin_id]');
        $this->pick('method', 'flat_sheet');
        $this->waitFor('[name="sizes[part_length]"]');
        self::assertSame('Buoy lamp plates', $this->one('[name=name]')->getAttribute('value'), 'nothing typed is lost');
        self::assertSame([], $this->all('[name=substrate]'), 'a sheet is its own part');
        self::assertSame([], $this->all('[name=base_resin_id]'));
        foreach (['length' => '600', 'width' => '400', 'part_length' => '140', 'part_width' => '95'] as $name => $mm) {
            $this->fill("sizes[{$name}]", $mm);
        }
        $this->waitForText(Said::of('answer.parts'), '#answer');
        $this->sees('16', '#answer');
        $this->press(Said::of('form.plan'));
        $this->sees('Buoy lamp plates is planned');
        $this->sees(Said::of('section.laminate.titles.part'));
        $this->sees(Said::of('section.sheet.title'));
    }

    /** A flaw that is found costs a part, and the others lie around it. */
    public function testAFlatSheetFromItsPlateToItsParts(): void
    {
        $id = $this->alone('H');
        $this->visit("/parts/{$id}");
        $this->sees('16 parts', '#yield');
        $seen = $this->finish($id, 'Look for flaws');
        self::assertContains('Take the flat sheet off', $seen);
        $this->press('Other', '.now');
        $this->fill('along', '200');
        $this->fill('across', '140');
        $this->fill('radius', '12');
        $this->press('Save', '.now .fold[open] form:has([name=along])');
        $this->sees('of 16 parts', '#yield');
        self::assertCount(1, $this->all('#yield .sheet-flaw'));
        self::assertCount(count($this->all('#yield .sheet-n')), $this->all('#yield .sheet-blank'));
        $this->finish($id);
        $this->visit("/parts/{$id}/record");
        $this->sees('a flaw 200 mm along and 140 mm across');
        $this->sees('Ply 3 of 3');
    }

    /** Lows that are seen on the second block ask for another round; matt everywhere asks for none. */
    #[Group('long')]
    public function testARescueOfTwoRounds(): void
    {
        $id = $this->alone('R');
        $this->finish($id, 'Block until no low is left');
        for ($day = 0; $day < 12 && ! str_contains($this->text('.now-figures'), 'any time') && str_contains($this->text('.now-figures'), 'ready '); $day++) {
            $this->press('tomorrow', '.clockbar');
            $this->visit("/parts/{$id}");
        }
        $this->seesNot('Round 2', '.coats');
        foreach (['P180', 'P240'] as $paper) {
            $this->visit("/parts/{$id}/sand");
            $this->sees($paper, '.ladder.is-next');
            $this->press(Said::of('sand.ends.lows'), '.pass');
        }
        $this->visit("/parts/{$id}");
        $this->sees(Said::of('steps.round_coat.title', ['n' => '2']), '.coats');
        $seen = $this->finish($id);
        foreach (['Round 2, first coat', 'Round 2, second coat at tack', 'Block until no low is left', 'Wet-flat', 'Tie coat', 'Cut and polish'] as $step) {
            self::assertNotSame([], array_filter($seen, fn (string $s): bool => str_contains($s, $step)), "{$step}: ".implode(' · ', $seen));
        }
        $this->visit("/parts/{$id}/record");
        $this->sees(Said::of('steps.round_second.title', ['n' => '2']));
    }

    /** A mould in lifts, held warm with its pattern, and a part out of it: laminates to scale, a bag that leaks first. */
    #[Group('long')]
    public function testAMouldWithLiftsAndPostCure(): void
    {
        $id = $this->alone('L');
        $this->visit("/parts/{$id}");
        $this->sees(Said::of('section.laminate.titles.mould'));
        $this->press(Said::of('app.as_table'), '#section-mould');
        $this->sees('gel coat', '#section-mould');
        $this->press('Good to know', '.minds');
        $this->sees('laid at once, 14 plies get', '.minds');
        $this->sees('Lift 2 of 2', '.coats');
        $seen = $this->finish($id, 'Hold the mould warm');
        self::assertContains('Lift 2 of 2: 5 plies', $seen);
        self::assertCount(16, $this->all('#section-mould .ply:not(.is-ahead)'), 'gel coat, coupling and fourteen plies lie');
        $this->visit('/run-sheet?span=1w');
        self::assertStringContainsString('Hold the mould warm: ', (string) $this->script('return document.querySelector(".sheet-days").textContent'));
        $held = $this->finish($id, 'Leak check');
        self::assertNotSame([], array_filter($held, fn (string $s): bool => str_starts_with($s, 'Hold the mould warm: ')), implode(' · ', $held));
        $this->readBag('40', '70');
        $this->sees('Leak check: leaks: 30 mbar in 10 min', '.notice');
        $this->sees('Leak check', '#now-title');
        $this->readBag('40', '38');
        $this->sees('read both again');
        $this->readBag('40', '43');
        $this->seesNot('Leak check', '#now-title');
        $seen = $this->finish($id);
        foreach (['Demould', 'P320 by hand', 'Look for pinholes', 'Cut and polish'] as $step) {
            self::assertContains($step, $seen);
        }
        $this->visit("/parts/{$id}/record");
        $this->sees(Said::of('facts.leak_tried.leaks', ['rise' => '30', 'limit' => '5']));
        $this->sees('holds: 3 mbar in 10 min');
    }

    private function readBag(string $from, string $to): void
    {
        $this->waitFor('.typed-act [name=mbar_from]');
        foreach (['mbar_from' => $from, 'mbar_to' => $to, 'over_min' => '10'] as $name => $value) {
            $this->fill($name, $value);
        }
        $this->press('Save', '.typed-act');
    }

    /** Turned in the window of the face that it is turned onto; the rim is coated with both. */
    #[Group('long')]
    public function testATwoSidedPieceThroughItsTurningWindow(): void
    {
        $id = $this->alone('P');
        $seen = $this->finish($id, 'turn it over');
        self::assertSame([Said::of('steps.first_face.title', ['n' => '1'])], $seen);
        $this->sees('ready ', '.now-figures');
        $this->sees('over second face, rim alone', '.coats');
        $this->press('Tack check', '.now');
        $this->sees('print');
        $this->press(Said::of('app.skip_to.window'), '.clockbar');
        $this->visit("/parts/{$id}");
        $this->sees('window open', '.now-figures');
        $this->press('Coat is on', '.now');
        $this->sees(Said::of('steps.wash_blush_pad.title'), '#now-title');
        $seen = $this->finish($id);
        foreach (['Round 2: first face', 'Round 2: turn it over, second face', 'Wet-flat both faces', 'Varnish coat 3 of 3, both faces', 'Wet-flat between'] as $step) {
            self::assertContains($step, $seen, implode(' · ', $seen));
        }
        $this->visit("/parts/{$id}/record");
        $this->sees(Said::of('steps.second_face.title', ['n' => '1']));
    }
}
