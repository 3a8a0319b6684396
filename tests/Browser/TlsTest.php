<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Before the shop's server stands a proxy that ends TLS: links, styles, sign-in, cookies and addresses are right all the same. */
final class TlsTest extends BrowserCase
{
    protected function setUp(): void
    {
        $this->shop = ServedShop::openBehindTls();
    }

    public function testAShopBehindAProxyThatEndsTls(): void
    {
        $this->signInByForm();
        self::assertStringStartsWith('https://localhost:', $this->shop->browser->getCurrentURL());
        // Styles, type and scripts came: nothing was asked for in the clear.
        self::assertStringContainsString('Barlow', (string) $this->script('return getComputedStyle(document.querySelector("h1")).fontFamily'));
        self::assertSame([], array_filter($this->shop->browser->manage()->getLog('browser'), fn (array $line): bool => str_contains($line['message'], 'Mixed Content') || str_contains($line['message'], 'Content Security Policy')));
        self::assertSame(0, $this->script('return [...document.querySelectorAll("[href^=\'http:\'], [src^=\'http:\'], form[action^=\'http:\']")].length'));
        $cookies = $this->shop->browser->manage()->getCookies();
        $session = array_values(array_filter($cookies, fn ($c): bool => $c->getName() === '__Host-oak_gloss'))[0] ?? self::fail('no session of this name');
        self::assertSame([true, true, '/'], [$session->isSecure(), $session->isHttpOnly(), $session->getPath()]);
        self::assertSame('max-age=31536000', $this->shop->browser->executeAsyncScript('const done = arguments[0]; fetch("/up").then((r) => done(r.headers.get("Strict-Transport-Security")))'));
        // An act goes through, and the record knows who asked, not who passed it on.
        $this->fill('air_c', '16.8');
        $this->press(Said::of('bench.keep_reading'));
        $this->sees('16.8 °C', '.bar .air');
        $this->visit('/people/audit');
        $this->sees('192.0.2.44');
        $this->seesNot('127.0.0.1');
    }
}
