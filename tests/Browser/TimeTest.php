<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The run sheet, the evening and the probe, by mouse and by key. */
final class TimeTest extends BrowserCase
{
    public function testAStepIsDraggedSeenAndPutBackThenAccepted(): void
    {
        $this->visit('/run-sheet?span=3d');
        $this->drag('flat', 110);
        $this->sees('Put back', '.trial');
        $this->press('Put back', '.trial');
        self::assertSame([], $this->all('.trial'));
        $before = $this->startOf('flat');
        $this->drag('flat', 28);
        $this->sees(Said::of('sheet.accept'), '.trial');
        $this->press(Said::of('sheet.accept'), '.trial');
        $this->sees('Pinned to', '.notice');
        self::assertGreaterThan($before, $this->startOf('flat'));
        self::assertCount(1, $this->all('.block .pin'));
        $this->visit('/run-sheet?span=1w');
        self::assertCount(1, $this->all('.block .pin'), 'it stays pinned');
    }

    public function testTheAllowedRangeIsShownWhileDraggingAndPlacesOutsideAreSaid(): void
    {
        $this->visit('/run-sheet?span=1d');
        $block = $this->block('build-4');
        $mouse = $this->hold($block, 30);
        $this->waitFor('#range rect');
        self::assertNotSame([], $this->all('#range rect.is-bonded'));
        $mouse->moveByOffset(250, 0)->perform();
        $this->waitForText('no place', '.sheet-live');
        self::assertStringContainsString('is-off', (string) $this->block('build-4')->getAttribute('class'));
        (new WebDriverActions($this->shop->browser))->release()->perform();
        $this->waitFor('.trial');
        $this->sees('It has no place there', '.trial');
        self::assertSame([], $this->all('.trial form'));
    }

    public function testAStepIsMovedByKeysAlone(): void
    {
        $this->visit('/run-sheet?span=1d');
        $start = $this->startOf('flat');
        $this->script("document.querySelector('.block[data-step=flat][aria-label^=\"N,\"]').focus()");
        $keys = $this->shop->browser->getKeyboard();
        $keys->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT]);
        $this->waitForText(':', '.sheet-live');
        $keys->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('Put back', $this->script("return document.querySelector('.sheet-live').textContent"));
        $keys->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ENTER]);
        $this->waitFor('.trial');
        $this->press(Said::of('sheet.accept'), '.trial');
        self::assertEqualsWithDelta($start + 10.0, $this->startOf('flat'), 1e-6);
        $this->script("document.querySelector('.block[data-step=flat][aria-label^=\"N,\"]').focus()");
        $this->shop->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->waitFor('.move-form');
        $this->press('Unpin', '#step-card');
        self::assertEqualsWithDelta($start, $this->startOf('flat'), 1e-6);
    }

    public function testATypedTimeDoesWhatADragDoes(): void
    {
        $this->visit('/run-sheet?span=1d');
        $this->visit('/run-sheet?span=1d&step='.$this->block('flat')->getAttribute('data-part').':flat');
        $this->script("document.querySelector('#at_local').value = '2027-03-11T09:00'");
        $this->press(Said::of('sheet.see'), '#step-card');
        $this->sees('tomorrow 09:00', '.trial');
    }

    public function testTheEveningsWaysArePricedAndTakenWithOneTap(): void
    {
        $this->waitForText(Said::of('bench.before_closing', ['at' => '18:00']), '.bench-side');
        $this->press('Before you lock up', '.lock-up');
        $offered = array_map(fn ($b): string => $b->getText(), $this->all('.lock-up .priced b'));
        self::assertGreaterThanOrEqual(3, count($offered));
        foreach ($this->all('.lock-up .priced .num') as $price) {
            self::assertMatchesRegularExpression('/ready (stays )?\w{3}( \d+ \w{3})? \d\d:\d\d/', $price->getText());
        }
        self::assertStringNotContainsString('Cool place', $this->text('.lock-up'), 'its resin stands still at 9 °C');
        // Each in a shop of its own.
        foreach (['Stay until', 'Begin the coat below', 'Cure, key'] as $way) {
            $this->reopen();
            $this->waitFor('.lock-up');
            $this->press('Before you lock up', '.lock-up');
            if (! str_contains($this->text('.lock-up'), $way)) {
                self::fail("{$way} is not offered: ".$this->text('.lock-up'));
            }
            $this->press($way, '.lock-up [role=group][aria-label^="W:"]');
            $this->sees("Taken. {$way}", '.notice');
            $this->visit("/parts/{$this->partId('W')}/record");
            $this->sees($way === 'Cure, key' ? Said::of('facts.decided.key') : Said::of('facts.decided.bond'));
        }
    }

    public function testAProbeThatFallsSilentIsSaidAndThePlanStands(): void
    {
        $this->visit('/parts');
        $ready = array_map(fn ($p): string => $p->getText(), $this->all('.part-ready'));
        $probe = $this->shop->startProbe();
        $this->visit('/air');
        $this->fill('probe_url', $probe);
        $this->press('Save', '.one-line');
        $this->press(Said::of('air.ask'));
        $this->sees('It answers');
        $this->shop->stopDevice();
        $this->press(Said::of('air.ask'));
        $this->sees('Silent');
        $this->sees('no answer that can be used');
        $this->visit('/');
        $this->sees('Probe silent', '.bench-side');
        $this->visit('/parts');
        self::assertSame($ready, array_map(fn ($p): string => $p->getText(), $this->all('.part-ready')));
        foreach (['hot' => 'no workshop is that warm', 'nan' => 'no temperature'] as $says => $why) {
            $this->reopen();
            $this->visit('/air');
            $this->fill('probe_url', $this->shop->startProbe($says));
            $this->press('Save', '.one-line');
            $this->press(Said::of('air.ask'));
            $this->sees('Left out');
            $this->sees($why);
            $this->shop->stopDevice();
        }
    }

    public function testADifferenceStandsOnTheBenchUntilItIsSeen(): void
    {
        $this->seesNot('What changed');
        $this->visit('/shop');
        foreach (range(2, 5) as $day) {
            $this->fill("hours[{$day}][0][0]", '10:00');
            $this->fill("hours[{$day}][1][1]", '15:00');
        }
        $this->press('Save', 'form[action$="/shop"]');
        $this->visit('/');
        $this->sees('What changed', '.changes');
        self::assertMatchesRegularExpression('/[ENQW] ready \w{3} \d\d:\d\d → \w{3} \d\d:\d\d, because the shop\'s week or numbers changed/', $this->text('.changes'));
        $this->press('Seen', '.changes');
        $this->seesNot('What changed');
    }

    public function testTheFeedIsReadByItsAddressUntilItIsRevoked(): void
    {
        $this->visit('/run-sheet');
        $this->press(Said::of('sheet.new_address'));
        $address = (string) $this->one('#feed-address')->getAttribute('value');
        self::assertStringStartsWith("{$this->shop->url}/calendar/", $address);
        self::assertStringStartsWith('BEGIN:VCALENDAR', (string) file_get_contents($address));
        $file = $this->shop->browser->executeAsyncScript('const done = arguments[0]; fetch("/run-sheet.ics").then(async (r) => done([r.headers.get("content-disposition"), await r.text()]))');
        self::assertSame('attachment; filename="run-sheet.ics"', $file[0]);
        self::assertStringContainsString('BEGIN:VALARM', $file[1]);
        $this->press('Revoke');
        self::assertFalse(@file_get_contents($address));
    }

    public function testAReminderComesByTheShopsClockAndSurvivesAReload(): void
    {
        $this->reopen(runningClock: true);
        $this->press('More', '.now');
        $this->press('Remind me', '.now');
        self::assertSame('true', $this->one('.remind')->getAttribute('aria-pressed'));
        $this->visit('/');
        $this->press('More', '.now');
        self::assertStringStartsWith('Reminds', $this->text('.now .remind'));
        $this->script("const all = JSON.parse(localStorage.getItem('oak-reminders')); for (const r of Object.values(all)) { r.at = 0; } localStorage.setItem('oak-reminders', JSON.stringify(all))");
        $this->visit('/');
        $this->waitFor('#reminder');
        $this->sees(Said::of('bench.remind_ends', ['letter' => 'W', 'step' => 'Build coat 4 of 7']), '#reminder');
        $this->one('#reminder button')->click();
        self::assertSame([], $this->all('#reminder'));
    }

    public function testAWindowIsTurnedToFreeHands(): void
    {
        $this->visit('/run-sheet');
        $this->press(Said::of('sheet.turn'));
        $this->fill('free', 'whenever');
        $this->press('Find ways');
        $this->sees('can\'t be read');
        self::assertSame('whenever', $this->one('[name=free]')->getAttribute('value'));
        $this->fill('free', 'today 16:35 to 17:30 and 18:45 to 20:30');
        $this->press('Find ways');
        self::assertNotSame([], $this->all('.turned svg .bond'));
        $this->press('Take it', '.turned');
        $this->sees('Taken: P', '.notice');
        $this->sees('The others are placed around it', '.notice');
    }

    private function block(string $step): \Facebook\WebDriver\Remote\RemoteWebElement
    {
        // Flattings are the porthole surround's.
        $letter = $step === 'flat' ? 'N' : 'W';

        return $this->one(".block[data-step=\"{$step}\"][aria-label^=\"{$letter},\"]");
    }

    private function startOf(string $step): float
    {
        return (float) $this->block($step)->getAttribute('data-start');
    }

    /** Presses the mouse on a block and moves it so many pixels. */
    private function hold(\Facebook\WebDriver\Remote\RemoteWebElement $block, int $px): WebDriverActions
    {
        (new WebDriverActions($this->shop->browser))->clickAndHold($block->findElement(WebDriverBy::cssSelector('rect')))->moveByOffset((int) ($px / 2), 0)->perform();
        (new WebDriverActions($this->shop->browser))->moveByOffset((int) ($px / 2), 0)->perform();

        return new WebDriverActions($this->shop->browser);
    }

    private function drag(string $step, int $px): void
    {
        $this->hold($this->block($step), $px);
        $this->waitFor('#range rect');
        (new WebDriverActions($this->shop->browser))->release()->perform();
        $this->waitFor('.trial');
    }
}
