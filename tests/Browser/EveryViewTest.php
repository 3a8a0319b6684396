<?php

declare(strict_types=1);

namespace Tests\Browser;

/** What must hold on each main view: accessible, silent in the console, and on a phone where it must be. */
final class EveryViewTest extends BrowserCase
{
    /** Views that may be taller than three screens: a record, a data sheet that is new, a plan by its layers. */
    private const LONG = ['record', 'clear', 'plan as layers'];

    public function testNoMainViewBreaksItsPolicyThrowsOrHasASeriousAccessibilityFinding(): void
    {
        $views = $this->views();
        $this->shop->browser->manage()->getLog('browser');
        foreach ($views as $name => $path) {
            $this->visit($path);
            $this->waitUntilItRests();
            in_array($name, self::LONG, true) || $this->assertShort($name, 3);
            self::assertSame([], array_column($this->shop->browser->manage()->getLog('browser'), 'message'), $name);
            self::assertSame([], $this->axe(), $name);
        }
        $this->visit('/nothing');
        $said = array_column($this->shop->browser->manage()->getLog('browser'), 'message');
        self::assertSame([], array_filter($said, fn (string $line): bool => ! str_contains($line, 'status of 404')), 'nothing there');
        self::assertSame([], $this->axe(), 'nothing there');
        $this->visit('/');
        $this->press('Sign out');
        self::assertSame([], $this->axe(), 'sign in');
    }

    public function testDarkIsAsReadableAsLight(): void
    {
        $views = $this->views();
        foreach (['bench', 'inspect', 'a defect', 'what goes wrong', 'plan', 'flat sheet', 'sand room', 'film', 'top', 'a lesson', 'weigh', 'run sheet', 'air'] as $name) {
            $this->visit($views[$name]);
            $this->shop->emulateDark();
            self::assertSame('dark', $this->script('return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light"'));
            self::assertSame([], $this->axe(), $name);
        }
    }

    public function testBenchAndWeighingFitAPhone(): void
    {
        $this->reopen(width: 390, height: 844);
        $this->assertFits('bench');
        self::assertSame([], $this->axe(), 'bench');
        $this->sees(Said::of('bench.closes_in'));
        $this->press('Weigh', '.now');
        $this->assertFits('ready check');
        $this->press('Ready, weigh');
        $this->assertFits('weighing');
        self::assertSame([], $this->axe(), 'weighing');
        $this->fill('grams', '500');
        $this->press('Poured');
        $this->sees('times its mark');
        $this->sees(Said::of('weigh.sure_pour', ['grams' => '500', 'jar' => 'g resin']));
        self::assertTrue($this->script('const at = document.querySelector("form.sure").getBoundingClientRect(); return at.top >= 0 && at.bottom <= innerHeight'), 'what is asked is seen without a scroll');
        $this->assertFits('doubted');
        self::assertSame([], $this->axe(), 'doubted');
        $this->fill('grams', '36');
        $this->press('Poured');
        $this->sees('Resin ran over');
        $this->visit($this->path());
        $this->sees('Resin ran over');
        $this->fill('grams', trim(str_replace('g', '', $this->text('#pour-title .num'))));
        $this->press('Poured');
        $this->assertFits('mixed');
        $this->sees('use by');
        $this->press('Coat is on');
        self::assertSame('/', $this->path());
        foreach (['/shelf', '/shelf?q=tarn', '/shelf/to-buy', '/shelf/cloths/1', '/shelf/resins/1', '/shop', '/shop?section=bench', '/shop/money', '/run-sheet', '/parts?q=s', '/parts/'.$this->partId('L').'/money'] as $path) {
            $this->visit($path);
            $this->assertFits($path, 6);
        }
        self::assertSame([], $this->axe(), 'parts that are sought');
        foreach (['W', 'H', 'R', 'E', 'L', 'P'] as $letter) {
            $this->visit('/parts/'.$this->partId($letter));
            $this->waitUntilItRests();
            $this->assertFits("plan of {$letter}", 5);
            if (! in_array($letter, ['W', 'H', 'R'], true)) {
                continue;
            }
            $this->visit('/parts/'.$this->partId($letter).'/edit');
            $this->assertFits("brief of {$letter}");
            $this->visit('/parts/'.$this->partId($letter).'/inspect');
            $this->assertFits("inspection of {$letter}");
        }
    }

    public function testTargetsAreLargeEnoughForGloves(): void
    {
        $this->reopen(width: 390, height: 844);
        $small = $this->script(<<<'JS'
            return [...document.querySelectorAll('main .btn, main summary, .clockbar button, .bar a, .bar button, main input:not([type=hidden]):not([type=checkbox]), main select')]
                .filter((e) => e.offsetParent !== null)
                .map((e) => [e.textContent.trim() || e.name, e.getBoundingClientRect()])
                .filter(([, r]) => r.height < 44 || r.width < 44)
                .map(([name, r]) => `${name} ${Math.round(r.width)}×${Math.round(r.height)}`);
            JS);
        self::assertSame([], $small);
    }

    public function testARecordPrintsWithoutButtons(): void
    {
        $this->visit('/parts/'.$this->partId('D').'/record');
        self::assertTrue($this->one('.no-print .btn')->isDisplayed());
        $this->shop->emulatePrint();
        self::assertFalse($this->one('.no-print .btn')->isDisplayed());
        self::assertFalse($this->one('.bar')->isDisplayed());
        $this->sees('Courier-trike fairing');
    }

    public function testPeopleLinksAndTheAuditListFitAPhone(): void
    {
        $this->reopen(width: 390, height: 844);
        foreach (['people' => '/people', 'audit list' => '/people/audit', 'one\'s own sign-in' => '/account', 'shop' => '/shop'] as $name => $path) {
            $this->visit($path);
            $this->assertFits($name);
            self::assertSame([], $this->axe(), $name);
        }
        $this->visit('/people');
        $this->press(Said::of('people.new_link'));
        $link = (string) $this->one('#link')->getAttribute('value');
        $this->assertFits('a link');
        $this->press('Sign out');
        $this->shop->browser->get($link);
        $this->sees('Welcome, Ines Tarrow');
        $this->assertFits('a first password');
        self::assertSame([], $this->axe(), 'a first password');
    }

    /** @return array<string, string> */
    private function views(): array
    {
        $w = $this->partId('W');
        $e = $this->partId('E');
        $sheet = $this->partId('H');
        $rescue = $this->partId('R');

        return [
            'flat sheet' => "/parts/{$sheet}", 'rescue' => "/parts/{$rescue}", 'rescue in the sand room' => "/parts/{$rescue}/sand",
            'choosing' => '/parts/choose?form=deep', 'mould' => '/parts/'.$this->partId('L'), 'two-sided piece' => '/parts/'.$this->partId('P'),
            'bench' => '/', 'inspect' => '/parts/'.$this->partId('N').'/inspect', 'inspect what is finished' => '/parts/'.$this->partId('D').'/inspect', 'a defect' => $this->defect(), 'what goes wrong' => '/parts/habits', 'parts' => '/parts', 'new part' => '/parts/new', 'plan' => "/parts/{$w}", 'plan not begun' => "/parts/{$e}", 'change the brief' => "/parts/{$e}/edit",
            'sand' => "/parts/{$w}/sand", 'record' => "/parts/{$w}/record", 'weigh' => "/parts/{$w}/weigh/build-4", 'run sheet' => '/run-sheet', 'a step on the run sheet' => "/run-sheet?span=1d&step={$w}:build-4", 'turned window' => '/run-sheet/turn?free=today+16%3A35+to+17%3A30+and+19%3A00+to+21%3A00', 'air' => '/air', 'shelf' => '/shelf', 'the shelf sought' => '/shelf?q=tarn', 'resin' => '/shelf/resins/1', 'a section of a resin' => '/shelf/resins/1?section=1', 'finding' => '/find?q=w', 'plan as layers' => "/parts/{$w}?as=layers", 'the shop\'s bench' => '/shop?section=bench', 'clear' => '/shelf/clears/new', 'shop' => '/shop',
            'people' => '/people', 'audit list' => '/people/audit', 'one\'s own sign-in' => '/account', 'money' => '/parts/'.$this->partId('D').'/money', 'money before' => "/parts/{$e}/money", 'hours and money' => '/shop/money', 'to buy' => '/shelf/to-buy', 'cloth' => '/shelf/cloths/1',
            'film' => "/parts/{$w}/film", 'sand room' => '/parts/'.$this->partId('Q').'/sand', 'top' => "/parts/{$w}/clear", 'practice' => '/practice', 'a lesson' => $this->lesson(),
        ];
    }

    private function defect(): string
    {
        $this->visit('/parts/'.$this->partId('N').'/inspect');

        return (string) parse_url((string) $this->one('.defects a')->getAttribute('href'), PHP_URL_PATH);
    }

    private function lesson(): string
    {
        $this->visit('/practice');
        $this->press(Said::of('practice.take'));

        return $this->path();
    }

    /** @param int|null $screens how tall it may be */
    private function assertFits(string $view, ?int $screens = null): void
    {
        self::assertLessThanOrEqual(390, $this->script('return document.documentElement.scrollWidth'), "{$view} is wider than the phone");
        $screens === null || $this->assertShort($view, $screens);
    }

    private function assertShort(string $view, int $screens): void
    {
        self::assertLessThanOrEqual($screens, round($this->script('return document.documentElement.scrollHeight / innerHeight'), 2), "screens of {$view}");
    }
}
