<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The server goes away under a bench: that is said since when, and a press that got no answer gives back what was typed. */
final class ReachTest extends BrowserCase
{
    protected function setUp(): void
    {
        $this->shop = ServedShop::openApart();
        $this->shop->signIn();
        $this->visit('/');
        $this->waitFor('#live');
        $this->script('return navigator.serviceWorker.ready.then(() => true)');
    }

    public function testABenchThatIsOutOfReachSaysSoAndAPressGivesBackWhatWasTyped(): void
    {
        self::assertFalse($this->one('#reach')->isDisplayed());
        $this->fill('air_c', '18.6');
        $token = $this->one('form[action$="/air"] [name="token"]')->getAttribute('value');
        $this->shop->goAway();

        $this->script('document.activeElement.blur(); htmx.trigger("#bench", "over")');
        $this->waitForText('Out of reach since 16:34', '#reach');
        $this->script('document.querySelector(\'form[action$="/air"]\').requestSubmit()');
        $this->waitForText(Said::of('errors.no_answer'));
        $this->sees('18.6', '.typed');
        $this->sees('the same press counts once');
        self::assertSame($token, $this->one('form [name="token"]')->getAttribute('value'), 'the same press may be sent again');
        self::assertSame('/air', (string) parse_url((string) $this->one('form')->getAttribute('action'), PHP_URL_PATH));
        self::assertSame([], $this->axe());
    }
}
