<?php

declare(strict_types=1);

// The pictures in docs/screenshots: demo data, frozen clock, one of each main view.

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\ServedShop;

$folder = dirname(__DIR__, 2).'/docs/screenshots';

/** Signs in and takes each view: path, and what is done on the page before the picture. */
$take = function (int $width, int $height, array $views) use ($folder): void {
    $shop = ServedShop::open(false, $width, $height);
    $browser = $shop->browser;
    try {
        $browser->get("{$shop->url}/login");
        $browser->findElement(WebDriverBy::name('email'))->sendKeys('ines@hollowquay.example');
        $browser->findElement(WebDriverBy::name('password'))->sendKeys('oak-and-resin');
        // By the key: a pointer that was moved would hover over the next page.
        $browser->findElement(WebDriverBy::name('password'))->sendKeys(WebDriverKeys::ENTER);
        // A picture taken before the server has answered would show this page.
        $browser->wait(10)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('#live, .weigh')));
        foreach ($views as $name => [$path, $act]) {
            if ($path !== null) {
                $browser->get($shop->url.$path);
            }
            $act === null ?: $act($browser);
            usleep(700000);
            $browser->takeScreenshot("{$folder}/{$name}.png");
            echo "{$name}.png\n";
        }
    } finally {
        $shop->close();
    }
};
$script = fn (string $javascript): Closure => fn (RemoteWebDriver $browser) => $browser->executeScript($javascript);
$part = ['finished' => 1, 'curing' => 2, 'to flat' => 3, 'open' => 4, 'waiting' => 5];

$take(1280, 800, [
    'bench' => ['/', null],
    'parts' => ['/parts', null],
    'plan' => ["/parts/{$part['open']}", fn (RemoteWebDriver $browser) => $browser->wait(20)->until(
        WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('#choices details')),
    )],
    'sand' => ["/parts/{$part['to flat']}/sand", null],
    'film' => ["/parts/{$part['to flat']}/film", null],
    'clear' => ["/parts/{$part['open']}/clear", null],
    'practice' => ['/practice', function (RemoteWebDriver $browser): void {
        // A coat that shut dust in, under the lamp.
        $browser->executeScript("document.querySelector('#seed-dust').value = '42'; document.querySelector('#seed-dust').form.requestSubmit()");
        foreach (['mix', 'coat'] as $act) {
            usleep(700000);
            $browser->executeScript("document.querySelector('.hand [value={$act}]').form.requestSubmit()");
        }
    }],
    'record' => ["/parts/{$part['finished']}/record", null],
    'inspect' => ["/parts/{$part['curing']}/inspect", null],
    'defect' => [null, $script('document.querySelector(".defects a").click()')],
    'new-part' => ['/parts/new', $script(<<<'JS'
        const form = document.querySelector('.new-part');
        const values = { name: 'Tiller housing', 'sizes[length]': 360, 'sizes[top]': 180, 'sizes[flank]': 95, 'sizes[bend_deg]': 58, 'sizes[bend_radius]': 9, 'sizes[edge_radius]': 3 };
        for (const [name, value] of Object.entries(values)) { form.querySelector(`[name="${name}"]`).value = value; }
        form.dispatchEvent(new Event('change'));
        JS)],
    'choosing' => ['/parts/choose?form=deep', null],
    'run-sheet' => ['/run-sheet', null],
    'air' => ['/air', null],
    'shelf' => ['/shelf', null],
    'resin' => ['/shelf/resins/1', null],
    'shop' => ['/shop', null],
    'money' => ["/parts/{$part['finished']}/money", null],
]);
$take(390, 844, [
    'phone-weigh' => ["/parts/{$part['open']}/weigh/build-4", $script("document.querySelectorAll('.ready input[type=checkbox]').forEach((box) => { box.checked = true; }); document.querySelector('.ready form .go').click()")],
]);
