<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** A signed-in browser before the demo workshop, its clock frozen at Wednesday 16:34. */
abstract class BrowserCase extends TestCase
{
    /** A busy machine may keep a page waiting. */
    private const PATIENCE_S = 30;

    private static ?string $styles = null;

    protected ServedShop $shop;

    protected function setUp(): void
    {
        $this->open();
    }

    protected function tearDown(): void
    {
        $this->shop->close();
    }

    /** Another browser and shop in place of the first, such as a phone's. */
    protected function reopen(bool $runningClock = false, int $width = 1280, int $height = 800): void
    {
        $this->shop->close();
        $this->open($runningClock, $width, $height);
    }

    private function open(bool $runningClock = false, int $width = 1280, int $height = 800): void
    {
        $this->shop = ServedShop::open($runningClock, $width, $height);
        $this->shop->signIn();
        $this->visit('/');
        $this->waitFor('#live');
    }

    protected function signInByForm(): void
    {
        $this->visit('/login');
        $this->fill('email', 'ines@hollowquay.example');
        $this->fill('password', 'oak-and-resin');
        $this->press('Sign in');
        $this->waitFor('#live, .weigh');
    }

    protected function visit(string $path): void
    {
        $this->shop->browser->get($this->shop->url.$path);
    }

    protected function path(): string
    {
        return (string) parse_url($this->shop->browser->getCurrentURL(), PHP_URL_PATH);
    }

    protected function one(string $css): RemoteWebElement
    {
        return $this->shop->browser->findElement(WebDriverBy::cssSelector($css));
    }

    /** @return list<RemoteWebElement> */
    protected function all(string $css): array
    {
        return array_values($this->shop->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    protected function text(string $css = 'body'): string
    {
        return $this->one($css)->getText();
    }

    protected function fill(string $name, string $value): void
    {
        $input = $this->one("[name=\"{$name}\"]");
        $input->clear();
        $input->sendKeys($value);
    }

    protected function pick(string $name, string $value): void
    {
        $this->one("[name=\"{$name}\"] option[value=\"{$value}\"]")->click();
    }

    /** Clicks the button, summary or link that shows this text, and waits for the page it leads to. */
    protected function press(string $words, string $within = 'body'): void
    {
        $this->script('window.leaving = true');
        // Found in the page itself: asking for each element's text would take seconds.
        $isThere = $this->script(<<<'JS'
            const [within, words] = arguments;
            document.querySelector('[data-pressed]')?.removeAttribute('data-pressed');
            const found = [...document.querySelectorAll(`:is(${within}) :is(button, summary, a)`)].find((e) => e.checkVisibility() && (e.innerText ?? e.textContent).includes(words));
            // Scrolled to the middle: a click must not land on what sticks to an edge.
            found?.scrollIntoView({ block: 'center' });
            found?.setAttribute('data-pressed', '');
            return Boolean(found);
            JS, $within, $words);
        if ($isThere !== true) {
            self::fail("nothing to press says “{$words}”; the page says: ".$this->text());
        }
        $element = $this->one('[data-pressed]');
        $leads = $element->getTagName() !== 'summary' && $element->getAttribute('type') !== 'button' && $element->getAttribute('hx-get') === null;
        $element->click();
        if ($leads) {
            $this->shop->browser->wait(self::PATIENCE_S, 50)->until(fn (): bool => $this->script('return window.leaving === undefined && document.readyState === "complete"') === true);
        }
    }

    /** All that the page asks for by itself has come. */
    protected function waitUntilItRests(): void
    {
        $this->shop->browser->wait(self::PATIENCE_S, 50)->until(fn (): bool => $this->script('return document.readyState === "complete" && !document.querySelector(".htmx-request")') === true);
    }

    protected function waitFor(string $css): void
    {
        $this->shop->browser->wait(self::PATIENCE_S, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($css)));
    }

    protected function waitForText(string $words, string $css = 'body'): void
    {
        $this->shop->browser->wait(self::PATIENCE_S, 50)->until(function () use ($words, $css): bool {
            try {
                return str_contains($this->text($css), $words);
            } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException|\Facebook\WebDriver\Exception\NoSuchElementException) {
                return false;
            }
        }, "“{$words}” never came");
    }

    protected function sees(string $words, string $css = 'body'): void
    {
        self::assertStringContainsString($words, $this->text($css));
    }

    protected function seesNot(string $words, string $css = 'body'): void
    {
        self::assertStringNotContainsString($words, $this->text($css));
    }

    /** What stands first on the bench; empty where nothing is due. */
    protected function due(): string
    {
        return implode(' ', array_map(fn (RemoteWebElement $h): string => $h->getText(), $this->all('#now-title')));
    }

    protected function script(string $javascript, mixed ...$arguments): mixed
    {
        return $this->shop->browser->executeScript($javascript, $arguments);
    }

    protected function partId(string $letter): int
    {
        $this->visit('/parts');
        foreach ($this->all('.part-list > li') as $card) {
            if ($card->findElement(WebDriverBy::cssSelector('.tag'))->getText() === $letter) {
                return (int) basename((string) $card->findElement(WebDriverBy::cssSelector('a'))->getAttribute('href'));
            }
        }
        self::fail("no part {$letter}");
    }

    /** @return list<string> serious and critical findings */
    protected function axe(): array
    {
        // What is folded away is read by somebody too.
        $this->script('document.querySelectorAll("details").forEach((d) => { d.open = true; })');
        $verdicts = dirname(__DIR__, 2).'/storage/framework/testing/axe';
        $seen = "{$verdicts}/{$this->looks()}";
        if (is_file($seen) && ! Thorough::isLong()) {
            return [];
        }
        $this->script((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $found = $this->shop->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then((r) => done(r.violations
                .filter((v) => ['serious', 'critical'].includes(v.impact))
                .flatMap((v) => v.nodes.slice(0, 3).map((n) => `${v.id}: ${n.target.join(' ')}: ${n.failureSummary.split('\n')[1] ?? ''}`))), (e) => done([String(e)]));
            JS);

        if ($found === []) {
            is_dir($verdicts) || @mkdir($verdicts, 0700, true);
            touch($seen);
        }

        return $found;
    }

    /** What axe looks at, in short: the page without marks, times and addresses that are other each time, its styles, and how wide and dark it is. */
    private function looks(): string
    {
        [$page, $width, $isDark] = $this->script('return [document.documentElement.outerHTML, innerWidth, matchMedia("(prefers-color-scheme: dark)").matches]');
        $same = preg_replace(['/(name="(?:_?token|seen|showed|measured\[[^"]*)" (?:value|content)=")[^"]*/', '/(nonce|content|data-now)="[^"]*"/', '/\b\d{1,2}:\d{2}(:\d{2})?\b/', '/127\.0\.0\.1:\d+/'], ['$1', '$1', '', ''], (string) $page);
        self::$styles ??= md5(implode('', array_map(md5_file(...), [
            ...glob(dirname(__DIR__, 2).'/public/build/assets/*') ?: [], dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js',
        ])));

        return md5(serialize([$same, $width, $isDark, self::$styles]));
    }
}
