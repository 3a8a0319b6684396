<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Other ways of working than the brush, from their form to their record. */
final class MethodsTest extends BrowserCase
{
    use LivesAPart;

    public function testTheFormAsksWhatTheWayOfWorkingNeeds(): void
    {
        $this->visit('/parts/new');
        $this->waitForText('Still open', '#answer');
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
        $this->waitForText('parts from it', '#answer');
        $this->sees('16', '#answer');
        $this->press('Plan this part');
        $this->sees('Buoy lamp plates is planned');
        $this->sees('Section through the laminate');
        $this->sees('Parts from the sheet');
    }

    /** A flaw that is found costs a part, and the others lie around it. */
    public function testAFlatSheetFromItsPlateToItsParts(): void
    {
        $id = $this->alone('H');
        $this->visit("/parts/{$id}");
        $this->sees('16 parts', '#yield');
        $seen = $this->finish($id, 'Look for flaws');
        self::assertContains('Take the sheet off', $seen);
        $this->press('Other', '.coat-acts');
        $this->fill('along', '200');
        $this->fill('across', '140');
        $this->fill('radius', '12');
        $this->press('Keep', '.coat-acts .fold[open] form:has([name=along])');
        $this->sees('of 16 parts', '#yield');
        self::assertCount(1, $this->all('#yield .sheet-flaw'));
        self::assertCount(count($this->all('#yield .sheet-n')), $this->all('#yield .sheet-blank'));
        $this->finish($id);
        $this->visit("/parts/{$id}/record");
        $this->sees('a flaw 200 mm along and 140 mm across');
        $this->sees('Ply 3 of 3');
    }

    /** Lows that are seen on the second block ask for another round; matt everywhere asks for none. */
    public function testARescueOfTwoRounds(): void
    {
        $id = $this->alone('R');
        $this->finish($id, 'Block until no low is left');
        for ($day = 0; $day < 12 && ! str_contains($this->text('.coat-acts .soft'), 'any time') && str_contains($this->text('.coat-acts .soft'), 'ready '); $day++) {
            $this->press('tomorrow', '.clockbar');
            $this->visit("/parts/{$id}");
        }
        $this->seesNot('Round 2', '.coats');
        foreach (['P180', 'P240'] as $paper) {
            $this->visit("/parts/{$id}/sand");
            $this->sees($paper, '.ladder.is-next');
            $this->press('Still shiny lows', '.pass');
        }
        $this->visit("/parts/{$id}");
        $this->sees('Round 2, first coat', '.coats');
        $seen = $this->finish($id);
        foreach (['Round 2, first coat', 'Round 2, second coat at tack', 'Block until no low is left', 'Wet-flat', 'Tie coat', 'Cut and polish'] as $step) {
            self::assertNotSame([], array_filter($seen, fn (string $s): bool => str_contains($s, $step)), "{$step}: ".implode(' · ', $seen));
        }
        $this->visit("/parts/{$id}/record");
        $this->sees('Round 2, second coat at tack');
    }

    private function alone(string $letter): int
    {
        $id = $this->partId($letter);
        $this->shop->alter("UPDATE parts SET finished_at = '2027-03-09 10:00:00' WHERE id <> {$id}");

        return $id;
    }
}
