<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A part through the bench: coat, touch, weigh, sand, and what a missed window does. */
final class JobTest extends BrowserCase
{
    public function testTheBenchSaysWhatNeedsHandsNowUntilWhenAndHowMuch(): void
    {
        $this->sees(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), '.now h1');
        $this->sees(Said::of('bench.closes_in'), '.now-figures');
        $this->sees('surely until', '.now-figures');
        self::assertMatchesRegularExpression('/\d+\.\d g resin \+ \d+\.\d g hardener/', $this->text('.now-figures'));
        self::assertCount(1, $this->all('.strip-whole .now-line'));
        self::assertNotSame([], $this->all('.strip .bond'));
        $this->sees(Said::of('steps.resin_flat.title'), '.then');
    }

    public function testACoatIsTouchedWeighedWithAnOverpourLaidAndSurvivesAReload(): void
    {
        $this->press('Tack check', '.now');
        $this->press(Said::of('words.touch.print'), '.now');
        $this->sees('tack check print, nothing lifts, kept.');
        $this->press('Weigh', '.now');
        $this->sees('goes into a window that closes');
        // All of it was gone through this morning.
        $this->sees('stood ready today', '.ready');
        $this->press('Ready, weigh');
        [$resin] = $this->marks();
        $this->fill('grams', number_format($resin, 1, '.', ''));
        $this->sees('asks for', '.preview');
        $this->press('Poured');
        $hardener = (float) $this->text('#pour-title .num');
        $this->fill('grams', number_format(1.3 * $hardener, 1, '.', ''));
        $this->sees('+30', '.preview');
        $this->press('Poured');
        $this->sees('Too much hardener', '.pour .finding');
        $this->visit($this->path());
        $this->sees('Too much hardener', '.pour .finding');
        $this->fill('grams', trim(str_replace('g', '', $this->text('#pour-title .num'))));
        $this->press('Poured');
        $this->sees('Mix two minutes');
        $this->sees('use by');
        $this->visit($this->path());
        $this->sees('Mix two minutes');
        $this->press('Coat is on');
        self::assertSame('/', $this->path());
        self::assertStringNotContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $this->due());
        $this->visit('/parts/'.$this->partId('W').'/record');
        $this->sees('tack check: print, nothing lifts');
        $this->sees(Said::of('steps.build.title', ['n' => '4', 'of' => '7 on']));
    }

    public function testACupWeighedToTheMarksIsOnePress(): void
    {
        $this->press('Weigh', '.now');
        $this->press('Ready, weigh');
        $this->press('All as shown');
        $this->sees('Mix two minutes');
        $this->sees('goes into a window that closes');
        $this->press('Coat is on');
        self::assertStringNotContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $this->due());
    }

    public function testACoatLoggedByMistakeIsStruckOut(): void
    {
        $this->press('Coat is on', '.now');
        self::assertStringNotContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $this->due());
        $id = $this->partId('W');
        $this->visit("/parts/{$id}");
        $this->sees('Build coat 5 of 7', '#now-title');
        $this->press('Other', '.now');
        $this->press('Undo: Coat is on', '.now');
        $this->sees('Build coat 4 of 7', '#now-title');
        $this->visit("/parts/{$id}/record");
        $this->sees('struck out');
    }

    public function testPastTheWindowThePlanTurnsToKeyFirst(): void
    {
        $id = $this->partId('W');
        $this->visit('/');
        // Windows of others come first.
        for ($skips = 0; $skips < 4 && str_contains($this->text('.bench'), Said::of('bench.closes_in')); $skips++) {
            $this->press(Said::of('app.skip_to.window'));
        }
        $this->waitForText(Said::of('steps.build.title', ['n' => '4', 'of' => '7']));
        $this->seesNot(Said::of('bench.closes_in'), '.bench');
        $this->visit("/parts/{$id}");
        $this->sees('window missed, sandable');
        for ($skips = 0; $skips < 6 && ! str_contains($this->text('.now-figures'), Said::of('bench.key')); $skips++) {
            $this->press(Said::of('app.skip_to.window'));
        }
        $this->sees(Said::of('words.window_missed'), '.coats');
        $this->visit('/');
        $this->sees(Said::of('bench.key_first', ['step' => 'build coat 4 of 7']));
        $this->visit("/parts/{$id}");
        $this->press(Said::of('bench.keyed'), '.now');
        $this->visit("/parts/{$id}");
        $this->sees('keyed', '.now');
        $this->press('Coat is on', '.now');
        $this->sees('Build coat 5 of 7', '#now-title');
    }

    public function testALadderIsSandedPaperByPaper(): void
    {
        $id = $this->partId('Q');
        $this->visit("/parts/{$id}/sand");
        $this->sees(Said::of('steps.resin_flat.title'), '.ladder.is-next');
        $this->sees('by hand', '.ladder.is-next');
        $this->press('Sanded P150', '.answer-line');
        $this->sees('sanded', '.ladder.is-next .ladder-table tr.is-done');
        $this->visit("/parts/{$id}/sand");
        $this->press('Sanded P240', '.answer-line');
        $this->visit("/parts/{$id}");
        $this->sees('Wipe', '#now-title');
        $this->press('Wiped', '.now');
        $this->sees('Finish coat', '#now-title');
    }

    public function testTheSectionShowsTheSkinAfterAnyCoat(): void
    {
        $this->visit('/parts/'.$this->partId('W'));
        $this->sees('after build coat 7 of 7', '#section');
        self::assertCount(5, $this->all('#section .pill'));
        $this->press('steps done', '.coats');
        $this->press(Said::of('steps.build.title', ['n' => '1', 'of' => '7']), '.coats');
        $this->waitForText('after build coat 1 of 7', '#section');
        self::assertCount(5 * 2, $this->all('#section .resin'));
    }

    public function testAChoiceIsPricedAndTakenWithOneTap(): void
    {
        $id = $this->partId('E');
        $this->visit("/parts/{$id}");
        $this->waitFor('#choices details');
        $this->sees(Said::of('words.after_wet_out.cure_then_key'), '#choices');
        $this->press(Said::of('words.choice.after_wet_out'), '#choices');
        $this->press(Said::of('words.after_wet_out.second_at_tack'), '#choices');
        $this->sees('Taken.');
        $this->sees(Said::of('steps.insurance.title'), '.coats');
        $before = $this->text('.figures-card');
        $this->waitFor('#choices details');
        $this->press(Said::of('words.choice.build_coats'), '#choices');
        $this->press('4 coats', '#choices');
        self::assertNotSame($before, $this->text('.figures-card'));
        $this->waitFor('#choices details');
        $this->sees(Said::of('parts.by_hand'), '#choices');
    }

    public function testAReadingTypedAtTheBenchMovesTheAir(): void
    {
        $this->fill('air_c', '15.2');
        $this->fill('rh_percent', '62');
        $this->press('Save reading');
        $this->sees('15.2 °C', '.bar .air');
        $this->fill('air_c', '95');
        $this->press('Save reading');
        $this->sees('Between -20 and 50: air.', '.air-form');
        self::assertSame('95', $this->one('[name=air_c]')->getAttribute('value'));
    }

    public function testTheCountdownIsRightAfterASleep(): void
    {
        $this->reopen(runningClock: true);
        $read = function (): int {
            preg_match('/(?:(\d+) h )?(\d+)/', $this->text('[data-until]'), $m);

            return 60 * (int) $m[1] + (int) $m[2];
        };
        $before = $read();
        // The machine's clock goes on while the page's timers sleep.
        $this->script('const real = Date.now; Date.now = () => real() + 25 * 60000; document.dispatchEvent(new Event("visibilitychange"));');
        self::assertEqualsWithDelta($before - 25, $read(), 1.0);
    }

    /** @return list<float> grams that the jars still ask for, resin first */
    private function marks(): array
    {
        preg_match_all('/of (\d+\.\d) g/', $this->text('.jars'), $found);

        return array_map(floatval(...), $found[1]);
    }
}
