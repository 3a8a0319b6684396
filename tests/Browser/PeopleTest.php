<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/** Somebody new comes in by a link, works, and is let go: on two browsers. */
final class PeopleTest extends BrowserCase
{
    public function testSomebodyIsInvitedComesInWorksAndLeaves(): void
    {
        $this->press('People');
        $this->fill('name', 'Bo Reed');
        $this->fill('initials', 'BR');
        $this->fill('email', 'Bo@hollowquay.example');
        $this->press(Said::of('people.add'));
        $link = (string) $this->one('#link')->getAttribute('value');
        self::assertStringContainsString('/join/', $link);

        $bo = $this->shop->second();
        $bo->get($link);
        self::assertStringContainsString('Welcome, Bo Reed', $this->of($bo));
        $this->type($bo, 'password', 'password1234');
        $this->type($bo, 'password_confirmation', 'password1234');
        $this->go($bo);
        self::assertStringContainsString('tried first', $this->of($bo));
        $this->type($bo, 'password', 'four plain brown words');
        $this->type($bo, 'password_confirmation', 'four plain brown words');
        $this->go($bo);
        self::assertStringContainsString(Said::of('steps.build.title', ['n' => '4', 'of' => '7']), $this->of($bo));
        $bo->get("{$this->shop->url}/people");
        self::assertStringContainsString('not yours to see', $this->of($bo));
        $bo->get("{$this->shop->url}/");
        $bo->findElement(WebDriverBy::xpath("//button[contains(., 'Coat is on')]"))->click();
        $bo->wait(30, 50)->until(fn (): bool => str_contains($this->of($bo), 'kept'));

        $this->visit('/people');
        $this->press('Has left', '.people li:last-child');
        $this->sees("can't sign in any more");
        $bo->get("{$this->shop->url}/");
        self::assertStringContainsString('Sign in', $this->of($bo));
        $this->visit('/people/audit');
        foreach (['let Bo Reed go', 'set a password', 'made a one-time link for Bo Reed', 'added Bo Reed as finisher'] as $line) {
            $this->sees($line);
        }
        $this->visit('/parts/'.$this->partId('W').'/record');
        $this->sees('19.9 °C BR');
    }

    public function testOnesOwnPasswordIsChangedAndEverySignInEnds(): void
    {
        $this->visit('/account');
        $this->fill('current', 'oak-and-resin');
        $this->fill('password', 'four plain brown words');
        $this->fill('password_confirmation', 'four plain brown words');
        $this->press('Change it');
        $this->sees('Your password is changed');
        $this->press(Said::of('people.out_everywhere'));
        self::assertSame('/login', $this->path());
        $this->fill('email', 'INES@hollowquay.example');
        $this->fill('password', 'four plain brown words');
        $this->press('Sign in');
        $this->waitFor('#live');
    }

    public function testTwoPressesOfOneButtonAreOneAct(): void
    {
        $this->script(<<<'JS'
            const form = [...document.querySelectorAll('.now form')].find((f) => f.innerText.includes('Coat is on'));
            const again = new FormData(form);
            window.both = Promise.all([0, 1].map(() => fetch(form.action, { method: 'POST', body: new URLSearchParams(again) }))).then((a) => a.map((r) => r.status));
            JS);
        self::assertSame([200, 200], $this->shop->browser->executeAsyncScript('window.both.then(arguments[arguments.length - 1])'));
        $this->visit('/parts/'.$this->partId('W').'/record');
        self::assertSame(1, substr_count($this->text(), Said::of('steps.build.title', ['n' => '4', 'of' => '7 on'])));
    }

    private function of(RemoteWebDriver $browser): string
    {
        return (string) $browser->executeScript('return document.body?.innerText ?? ""');
    }

    private function type(RemoteWebDriver $browser, string $name, string $value): void
    {
        $browser->findElement(WebDriverBy::name($name))->clear()->sendKeys($value);
    }

    private function go(RemoteWebDriver $browser): void
    {
        $browser->executeScript('window.leaving = true');
        $browser->findElement(WebDriverBy::cssSelector('button.go'))->click();
        $browser->wait(30, 50)->until(fn (): bool => $browser->executeScript('return window.leaving === undefined && document.readyState === "complete"') === true);
    }
}
