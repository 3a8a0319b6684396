<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** The bench at arm's length: what is due, until when and how much stand where they are seen, its press where the thumb is. */
final class GlanceTest extends BrowserCase
{
    use LivesAPart;

    private const PHONE = [390, 844];

    private const DESK = [1280, 800];

    /** All that ends the step that is due, as a form of its own: pressed without a look at the page around it. */
    private const DO = <<<'JS'
        const kinds = ['ready', 'coat_on', 'done', 'wiped', 'sanded', 'leak_tried'];
        const forms = [...document.querySelectorAll('.now-acts .acts > form, .now-acts .acts > details > form')];
        const form = kinds.map((kind) => forms.find((f) => f.querySelector('[name=kind]')?.value === kind && !f.querySelector('button')?.disabled)).find(Boolean);
        if (!form) { return false; }
        window.leaving = true;
        form.noValidate = true;
        form.querySelectorAll('input[type=checkbox]').forEach((box) => { box.checked = true; });
        Object.entries({ mbar_from: 40, mbar_to: 42, over_min: 10 }).forEach(([name, value]) => { if (form.elements[name]) { form.elements[name].value = value; } });
        setTimeout(() => form.requestSubmit(), 0);
        return true;
        JS;

    private const MEASURES = <<<'JS'
        const at = (css) => { const e = document.querySelector(css); return e ? e.getBoundingClientRect() : null; };
        const px = (css) => { const e = document.querySelector(css); return e ? parseFloat(getComputedStyle(e).fontSize) : null; };
        const main = document.querySelector('.now-acts :is(.go, .acts .btn)');
        const button = main.getBoundingClientRect();
        return {
            title: at('#now-title').bottom, figure: at('.now .huge').bottom, grams: at('.now .grams')?.bottom ?? 0,
            figurePx: px('.now .huge'), gramsPx: px('.now .grams b') ?? 40, button: button.bottom, tall: button.height, hasGo: main.classList.contains('go'),
            caution: document.querySelector('.caution-line')?.getBoundingClientRect().height ?? 1,
            wide: document.documentElement.scrollWidth, long: document.documentElement.scrollHeight,
        };
        JS;

    public function testEachThingThatIsDueOnASkinIsReadAndPressedWithoutAScroll(): void
    {
        $kinds = $this->lifeAtTheBench('E');
        foreach (['Strip', 'Wipe', 'Key', 'Base coat', 'Lay', 'Wet-out', 'Build coat', 'Flat', 'Finish coat', 'Last look'] as $kind) {
            self::assertNotSame([], array_filter($kinds, fn (string $title): bool => str_contains($title, $kind)), "{$kind} was due: ".implode(' · ', $kinds));
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function others(): iterable
    {
        yield 'mould' => ['L', ['Lift 2 of 2', 'Take the mould off', 'Leak check', 'Demould']];
        yield 'flat sheet' => ['H', ['Take the flat sheet off', 'Cut']];
        yield 'two faces' => ['P', ['turn it over', 'Wash', 'Varnish']];
        yield 'skin that is polished' => ['N', ['Drill', 'Cut and polish']];
    }

    /** @param list<string> $kinds that are due among others */
    #[Group('long')]
    #[DataProvider('others')]
    public function testSoIsEachOfTheOtherWays(string $letter, array $kinds): void
    {
        $seen = implode(' · ', $this->lifeAtTheBench($letter));
        foreach ($kinds as $kind) {
            self::assertStringContainsString($kind, $seen);
        }
    }

    public function testAFullBenchIsShortAndWithoutAFinding(): void
    {
        $this->fill15();
        foreach ([[self::DESK, 2.0], [self::PHONE, 3.5]] as [$size, $screens]) {
            $this->sized($size);
            $this->visit('/');
            $this->waitFor('#evening-cards');
            $m = $this->script(self::MEASURES);
            self::assertLessThanOrEqual($screens * $size[1], $m['long'], "{$size[0]} px wide");
            $this->sees(Said::of('bench.decide'), '#live');
            self::assertSame([], $this->axe(), "{$size[0]} px wide");
            $this->visit('/bench/hands');
            self::assertSame([], $this->axe(), "hands dirty, {$size[0]} px wide");
            self::assertGreaterThanOrEqual(96.0, $this->script('return parseFloat(getComputedStyle(document.querySelector(".huge")).fontSize)'));
            self::assertCount(3, $this->all('.three .btn'));
        }
    }

    /** Every word a third longer, as another language would have it. */
    public function testLongerWordsBreakNothing(): void
    {
        foreach ([self::DESK, self::PHONE] as $size) {
            $this->sized($size);
            $this->visit('/');
            $this->script(<<<'JS'
                const all = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                const texts = [];
                while (all.nextNode()) { if (/[a-z]{3}/.test(all.currentNode.data) && !all.currentNode.parentElement.closest('svg, script, .visually-hidden')) { texts.push(all.currentNode); } }
                texts.forEach((t) => { t.data = t.data.trimEnd() + ' ' + 'umlängtö '.repeat(Math.ceil(t.data.trim().length / 27)); });
                JS);
            $m = $this->script(self::MEASURES);
            self::assertLessThanOrEqual($size[0], $m['wide']);
            self::assertLessThanOrEqual($size[1], $m['button']);
        }
    }

    public function testACoatByTheKeyboardAlone(): void
    {
        $keys = fn (string ...$keys) => array_map(fn (string $key) => $this->shop->browser->switchTo()->activeElement()->sendKeys($key), $keys);
        $keys(WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER, WebDriverKeys::TAB);
        self::assertStringStartsWith('Weigh', $this->shop->browser->switchTo()->activeElement()->getText(), 'the first act is the fourth key');
        $keys(WebDriverKeys::TAB);
        self::assertStringStartsWith('Coat is on', $this->shop->browser->switchTo()->activeElement()->getText());
        $keys(WebDriverKeys::ENTER);
        $this->waitForText('coat is on, kept', '.notice');
        self::assertStringNotContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $this->due());
    }

    public function testARenewalMovesNoFocusAndFoldsNothing(): void
    {
        $this->press('More', '.now');
        $this->script('document.querySelector(".row-acts .btn").focus(); document.querySelector("#air_c").value = "21"; document.getElementById("live").dataset.was = 1; document.getElementById("bench").dispatchEvent(new CustomEvent("over"))');
        $this->shop->browser->wait(30, 50)->until(fn (): bool => $this->script('return document.getElementById("live").dataset.was === undefined') === true);
        self::assertTrue($this->script('return document.activeElement === document.querySelector(".row-acts .btn") && document.querySelector(".now-more").open && document.querySelector("#air_c").value === "21"'));
    }

    public function testACallForHandsStandsOnEveryBenchUntilSomebodyComes(): void
    {
        $this->visit('/bench/hands');
        $this->press(Said::of('bench.hands_mode.need'));
        $this->waitFor('.help-call');
        $this->press('Coat is on');
        self::assertSame('/bench/hands', $this->path(), 'the phone stays on its shelf');
        $this->visit('/');
        $this->waitFor('.help-call');
        $this->sees('Ines Tarrow needs someone', '.help-call');
        $this->press(Said::of('bench.help.done'), '.help-call');
        $this->waitUntilItRests();
        self::assertSame([], $this->all('.help-call'));
    }

    public function testAScaleThatIsNotTaredHasItsOwnMarks(): void
    {
        $grams = fn (): float => (float) $this->text('#pour-title .num');
        $this->press('Weigh', '.now');
        $this->press('Ready, weigh');
        $resin = $grams();
        $this->press(Said::of('weigh.tare_other.tared'));
        self::assertSame($resin, $grams(), 'the first jar has one mark either way');
        $this->fill('grams', (string) $resin);
        $this->press('Poured');
        $through = $grams();
        $this->press(Said::of('weigh.tare_other.through'));
        $hardener = $grams();
        self::assertEqualsWithDelta($resin + $hardener, $through, 0.05);
        $this->press(Said::of('weigh.tare_other.tared'));
        $this->fill('grams', '3');
        $this->press('Poured');
        $this->sees('at least', '#grams-more');
        $this->fill('grams', (string) $through);
        $this->press('Poured');
        $this->sees('use by');
    }

    /** @return list<string> titles of what was due, each looked at on both screens */
    private function lifeAtTheBench(string $letter): array
    {
        $this->alone($letter);
        $seen = [];
        for ($n = 0; $n < 90; $n++) {
            $this->visit('/');
            if ($this->all('#now-title') === []) {
                if ($this->all('.row-call') === []) {
                    return $seen;
                }
                $this->press('to the next window', '.clockbar');

                continue;
            }
            $title = $this->text('#now-title');
            if (! in_array($title, $seen, true)) {
                $this->assertIsSeen($title);
                $seen[] = $title;
            }
            if ($this->script(self::DO) !== true) {
                $this->press('to the next window', '.clockbar');

                continue;
            }
            $this->shop->browser->wait(30, 50)->until(fn (): bool => $this->script('return window.leaving === undefined && document.readyState === "complete"') === true);
        }
        self::fail('not finished after: '.implode(' · ', $seen));
    }

    private function assertIsSeen(string $title): void
    {
        foreach ([self::DESK, self::PHONE] as $size) {
            $this->sized($size);
            $m = $this->script(self::MEASURES);
            $at = "{$title}, {$size[0]} px wide: ".json_encode($m);
            $isPhone = $size === self::PHONE;
            foreach (['title', 'figure', 'grams'] as $what) {
                self::assertLessThanOrEqual($isPhone ? 560.0 : 620.0, $m[$what], $at);
            }
            self::assertLessThanOrEqual($isPhone ? 844.0 : 620.0, $m['button'], $at);
            self::assertGreaterThanOrEqual(56.0, $m['figurePx'], $at);
            self::assertGreaterThanOrEqual(40.0, $m['gramsPx'], $at);
            self::assertGreaterThanOrEqual($m['hasGo'] ? 56.0 : 44.0, $m['tall'], $at);
            self::assertGreaterThan(0.0, $m['caution'], $at);
            self::assertLessThanOrEqual($size[0], $m['wide'], $at);
        }
        $this->sized(self::DESK);
    }

    /** @param array{int, int} $size */
    private function sized(array $size): void
    {
        Chrome::tell($this->shop->browser, 'Emulation.setDeviceMetricsOverride', ['width' => $size[0], 'height' => $size[1], 'deviceScaleFactor' => 1, 'mobile' => $size[0] < 500]);
    }

    /** As many open parts as a busy shop has, a second pair of hands, and a defect that nobody has decided. */
    private function fill15(): void
    {
        $columns = fn (string $of, string ...$but): string => implode(', ', array_diff($this->shop->columns($of), $but));
        [$parts, $slots] = [$columns('parts', 'id', 'letter'), $columns('part_slots', 'id', 'part_id')];
        foreach (['S', 'T', 'U', 'V', 'X', 'Y', 'Z'] as $letter) {
            $this->shop->alter("INSERT INTO parts ({$parts}, letter) SELECT {$parts}, '{$letter}' FROM parts WHERE letter = 'E'");
            $this->shop->alter("INSERT INTO part_slots ({$slots}, part_id) SELECT {$slots}, (SELECT id FROM parts WHERE letter = '{$letter}') FROM part_slots WHERE part_id = (SELECT id FROM parts WHERE letter = 'E')");
        }
        $person = $columns('users', 'id', 'email', 'name', 'initials');
        $this->shop->alter("INSERT INTO users ({$person}, email, name, initials) SELECT {$person}, 'wren@hollowquay.example', 'Wren Ashby', 'WA' FROM users WHERE id = 1");
        $this->shop->alter("INSERT INTO facts (part_id, user_id, kind, step, data, happened_at, recorded_at, token) SELECT id, 1, 'found', 'build-4', '{\"defect\":\"runs\",\"zone\":\"flank\",\"count\":1}', '2027-03-10 15:30:00', '2027-03-10 15:30:00', 'danger' FROM parts WHERE letter = 'W'");
    }
}
