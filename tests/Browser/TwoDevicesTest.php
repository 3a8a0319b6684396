<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\Attributes\Group;

/** Two browsers on one shop: what is done on one is seen on the other, and moves nothing else there. */
final class TwoDevicesTest extends BrowserCase
{
    public function testTheOtherDeviceFollowsAndKeepsItsFirstThing(): void
    {
        $other = $this->shop->second();
        $this->signInOn($other);
        $first = self::textOn($other, '#now-title');
        self::assertSame($first, $this->text('#now-title'));
        self::assertStringContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $first);
        self::assertStringContainsString('Sanded P150', self::textOn($other, '.then'));

        $q = $this->partId('Q');
        $this->visit("/parts/{$q}");
        $this->press('Sanded P150', '.now');
        $this->poll($other);
        self::assertSame($first, self::textOn($other, '#now-title'), 'nothing of its first thing changed');
        self::assertStringContainsString('Sanded P240', self::textOn($other, '.then'));

        $this->visit('/');
        $this->press('Coat is on', '.now');
        $this->poll($other);
        self::assertStringNotContainsString($first, self::textOn($other, '#bench'), 'it follows');
        self::assertSame($this->text('.then'), self::textOn($other, '.then'));
        self::assertStringNotContainsString('What changed', self::textOn($other, '#live'));
    }

    #[Group('long')]
    public function testABetterPlanIsTakenOnOneAndToldOnTheOther(): void
    {
        $long = json_encode(array_fill(1, 7, [['06:00', '21:00']]));
        $this->shop->alter("UPDATE users SET hours = '{$long}' WHERE id = 1");
        $other = $this->shop->second();
        $this->signInOn($other);
        $this->visit('/run-sheet');
        $this->press(Said::of('offer.look'));
        $this->sees(Said::of('offer.could'), '.offer');
        $this->poll($other);
        self::assertStringContainsString(Said::of('offer.could'), self::textOn($other, '.offer'));
        $this->press('Take it');
        self::assertSame([], $this->all('.offer'));
        $this->poll($other);
        self::assertStringContainsString('because the better plan was taken', self::textOn($other, '.changes'));
    }

    private function signInOn(RemoteWebDriver $browser): void
    {
        $browser->get("{$this->shop->url}/login");
        $browser->findElement(WebDriverBy::name('email'))->sendKeys('ines@hollowquay.example');
        $browser->findElement(WebDriverBy::name('password'))->sendKeys('oak-and-resin');
        $browser->findElement(WebDriverBy::cssSelector('button.go'))->click();
        $browser->wait(30, 50)->until(fn (): bool => $browser->findElements(WebDriverBy::id('live')) !== []);
    }

    /** What the page does by itself once a minute. */
    private function poll(RemoteWebDriver $browser): void
    {
        $browser->executeScript('document.getElementById("live").dataset.was = 1; document.getElementById("bench").dispatchEvent(new CustomEvent("over"))');
        $browser->wait(30, 50)->until(fn (): bool => $browser->executeScript('return document.getElementById("live")?.dataset.was === undefined') === true);
    }

    private static function textOn(RemoteWebDriver $browser, string $css): string
    {
        return $browser->findElement(WebDriverBy::cssSelector($css))->getText();
    }
}
