<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class NewPartTest extends BrowserCase
{
    public function testAWrongPasswordIsSaidAndTheDemoLoginStandsThere(): void
    {
        $this->press('Sign out');
        $this->sees('This is the demo workshop');
        $this->fill('email', 'ines@hollowquay.example');
        $this->fill('password', 'guess');
        $this->press('Sign in');
        $this->sees('No such address and password here');
        self::assertSame('ines@hollowquay.example', $this->one('[name=email]')->getAttribute('value'));
        $this->signInByForm();
        self::assertSame('/', $this->path());
    }

    public function testTheAnswerGrowsWhileTypingAndThePartIsPlanned(): void
    {
        $this->visit('/parts');
        $this->press('New part');
        $this->press(Said::of('choose.take'), '.way.is-first');
        $this->waitForText('ready by', '#answer');
        $this->fill('name', 'Tiller housing');
        $this->sizes(['length' => '360', 'top' => '180', 'flank' => '95', 'bend_deg' => '58', 'bend_radius' => '9', 'edge_radius' => '3']);
        $this->waitForText('440 × 355 mm', '#answer');
        foreach (['area', 'cloth piece', 'base, mixed', 'resin over the cloth', 'build coats', 'risk of burn-through', 'Coats it needs'] as $words) {
            $this->sees($words, '#answer');
        }
        $this->fill('sizes[length]', '720');
        $this->waitForText('800 × 355 mm', '#answer');
        $this->press(Said::of('form.plan'));
        $this->sees('Tiller housing is planned');
        $this->sees(Said::of('section.title'));
        $this->press('Bench', '.bar');
        $this->sees('Tiller housing', '.then');
    }

    public function testNothingTypedIsLostOnAnErrorAndTheFieldSaysWhatWouldBeRight(): void
    {
        $this->visit('/parts/new');
        $this->waitForText('Grows while you type', '#answer');
        $this->fill('name', 'Fuel cap ring');
        $this->pick('substrate', 'polypropylene');
        $this->sizes(['length' => '150', 'top' => '80', 'flank' => '40', 'bend_deg' => '45', 'bend_radius' => '6', 'edge_radius' => '2']);
        $this->waitForText('Resin does not hold on polypropylene', '#answer');
        $this->press(Said::of('form.plan'));
        $this->sees('Not kept yet');
        $this->sees('ABS or glass fibre', '.field.is-wrong');
        self::assertSame('Fuel cap ring', $this->one('[name=name]')->getAttribute('value'));
        self::assertSame('45', $this->one('[name="sizes[bend_deg]"]')->getAttribute('value'));
        $this->pick('substrate', 'abs');
        $this->press(Said::of('form.plan'));
        $this->sees('Fuel cap ring is planned');
    }

    public function testAnotherShapeAsksForItsSizesAndZonesMayBeEdited(): void
    {
        $this->visit('/parts/new');
        $this->waitForText('Grows while you type', '#answer');
        $this->fill('name', 'Lamp bowl');
        $this->pick('shape', 'dome');
        $this->waitFor('[name="sizes[diameter]"]');
        self::assertSame([], $this->all('[name="sizes[flank]"]'));
        $this->sizes(['diameter' => '300', 'height' => '70', 'edge_radius' => '4']);
        $this->waitForText('a 300', '#drawn');
        $this->sees('b 70', '#drawn');
        $this->press(Said::of('zones.title'));
        $this->waitForText('crown', '#zones');
        $this->press(Said::of('zones.edit'));
        $this->waitFor('[name="zones[0][name]"]');
        $this->fill('zones[0][name]', 'eye');
        $this->pick('zones[2][visibility]', 'hidden');
        $this->waitForText('eye', '#answer');
        $this->press(Said::of('form.plan'));
        $this->sees('eye', '#section .as-table, #section');
    }

    public function testAllOfItGoesByKeyboard(): void
    {
        $body = fn () => $this->one('body');
        $body()->sendKeys('p');
        $this->waitFor('.part-list');
        $body()->sendKeys('?');
        self::assertTrue($this->one('#keys')->isDisplayed());
        $this->shop->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        self::assertFalse($this->one('#keys')->isDisplayed());
        $body()->sendKeys('f');
        $this->shop->browser->getKeyboard()->sendKeys('gel coat');
        $this->waitForText('Weir gel coat', '#find-found');
        self::assertSame([], $this->axe(), 'finding');
        $this->shop->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $body()->sendKeys('n');
        $this->waitFor('.new-part');
        $this->one('[name=length]')->sendKeys('bps');
        self::assertSame('/parts/choose', $this->path(), 'letters typed in a field are letters');
        $this->visit('/');
        $this->shop->browser->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        self::assertSame(Said::of('app.skip'), $this->script('return document.activeElement.textContent'));
        $body()->sendKeys('t');
        self::assertStringStartsWith('too wet', (string) $this->script('return document.activeElement.innerText'));
        $body()->sendKeys('w');
        $this->waitFor('.ready');
        self::assertStringContainsString('/weigh/build-4', $this->path());
    }

    /** @param array<string, string> $sizes */
    private function sizes(array $sizes): void
    {
        foreach ($sizes as $name => $value) {
            $this->fill("sizes[{$name}]", $value);
        }
    }

    /** A bonnet of 1.6 m² in five cups: the form offers what two spread; what somebody picks stays, whatever is typed after it. */
    public function testTheBaseFollowsTheAreaUntilSomebodyPicksOne(): void
    {
        $base = fn (): string => (string) $this->script('return document.querySelector("[name=base_resin_id]").selectedOptions[0].text');
        $this->visit('/parts/new');
        $this->waitUntilItRests();
        $fast = $base();
        foreach (['length' => '1500', 'top' => '800', 'flank' => '200', 'bend_deg' => '30', 'bend_radius' => '10', 'edge_radius' => '3'] as $size => $value) {
            $this->fill("sizes[{$size}]", $value);
        }
        $this->shop->browser->wait(30, 100)->until(fn (): bool => $base() !== $fast);
        $this->waitUntilItRests();
        $this->script('const s = document.querySelector("[name=base_resin_id]"); s.selectedIndex = [...s.options].findIndex((o) => o.text === arguments[0]); s.dispatchEvent(new Event("change", { bubbles: true }))', $fast);
        $this->fill('sizes[length]', '1600');
        $this->waitForText('1680 ×', '#answer');
        self::assertSame($fast, $base(), 'what was picked stays');
    }
}
