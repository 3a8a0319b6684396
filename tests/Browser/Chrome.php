<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/**
 * One ChromeDriver for a process, and before it the browsers of the devices that a test uses. They stay open from test
 * to test; what a profile keeps of a shop is wiped for each.
 */
final class Chrome
{
    /** The browser without its window: a page costs half of what it does in the whole one. */
    private const SHELL = '/usr/bin/chromium-headless-shell';

    private static ?Background $driver = null;

    private static string $url = '';

    /** @var array<int, RemoteWebDriver> by device */
    private static array $browsers = [];

    /** A browser with an empty profile, on a blank page of this size. */
    public static function fresh(int $device, int $width, int $height, string $origin): RemoteWebDriver
    {
        $browser = self::$browsers[$device] ??= RemoteWebDriver::create(self::driver(), self::capabilities(), 30000, 60000);
        $browser->get('about:blank');
        self::tell($browser, 'Network.clearBrowserCookies');
        self::tell($browser, 'Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        self::tell($browser, 'Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
        // Narrower than a desktop window may be: a phone.
        self::tell($browser, 'Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500]);
        self::tell($browser, 'Emulation.setTouchEmulationEnabled', ['enabled' => $width < 500]);
        $browser->manage()->getLog('browser');

        return $browser;
    }

    /** @param array<string, mixed> $parameters */
    public static function tell(RemoteWebDriver $browser, string $command, array $parameters = []): void
    {
        (new ChromeDevToolsDriver($browser))->execute($command, $parameters);
    }

    private static function driver(): string
    {
        if (self::$driver === null) {
            $port = Background::freePort();
            self::$driver = Background::start(['chromedriver', "--port={$port}", '--silent'], getenv());
            self::$url = "http://127.0.0.1:{$port}";
            register_shutdown_function(function (): void {
                array_map(fn (RemoteWebDriver $b) => $b->quit(), self::$browsers);
                self::$driver?->end();
            });
            Background::waitFor($port);
        }

        return self::$url;
    }

    private static function capabilities(): DesiredCapabilities
    {
        $options = (new ChromeOptions())->addArguments([
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-device-scale-factor=1',
            '--force-prefers-reduced-motion', '--font-render-hinting=none', '--window-size=1280,900', '--lang=en-GB',
            // One renderer for all: a page costs a third less.
            '--process-per-site', '--disable-site-isolation-trials', '--renderer-process-limit=1', '--num-raster-threads=1', '--in-process-gpu',
            '--disable-extensions', '--disable-features=SpareRendererForSitePerProcess,BackForwardCache,RenderDocument',
        ]);
        if (is_executable(self::SHELL)) {
            $options->setBinary(self::SHELL);
        } else {
            $options->addArguments(['--headless=new']);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        // A proxy of a test has a certificate of its own.
        $capabilities->setCapability('acceptInsecureCerts', true);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return $capabilities;
    }
}
