<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/**
 * A demo shop on a port of its own, with its own data and a frozen clock, and a headless browser in front of it.
 * Used by the browser tests and by the screenshots.
 */
final class Workbench
{
    /** Wednesday 16:34 in the demo's zone. */
    public const FROZEN_AT = '2027-03-10T15:34:00Z';

    /** @var list<resource> */
    private array $processes = [];

    public readonly RemoteWebDriver $browser;

    private ?RemoteWebDriver $second = null;

    private string $driver = '';

    private function __construct(public readonly string $url, private readonly string $database)
    {
    }

    public static function open(bool $runningClock = false, int $width = 1280, int $height = 800): self
    {
        $database = sys_get_temp_dir().'/oak-shop-'.bin2hex(random_bytes(6)).'.sqlite';
        copy(self::seed(), $database);
        if ($runningClock) {
            // Seeded under the frozen clock: from now on it runs from the same moment.
            (new \PDO("sqlite:{$database}"))->exec('UPDATE shops SET clock_offset_s = '.(strtotime(self::FROZEN_AT) - time()));
        }
        $port = self::freePort();
        $bench = new self("http://127.0.0.1:{$port}", $database);
        $bench->run(
            [PHP_BINARY, '-d', 'opcache.enable=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M', '-S', "127.0.0.1:{$port}", '-t', 'public', 'vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'],
            self::environment($database, $runningClock) + ['PHP_CLI_SERVER_WORKERS' => '3'],
            'public',
        );
        $driver = self::freePort();
        $bench->run(['chromedriver', "--port={$driver}", '--silent'], getenv());
        self::waitFor($port);
        self::waitFor($driver);
        $bench->driver = "http://127.0.0.1:{$driver}";
        $bench->browser = RemoteWebDriver::create($bench->driver, self::chrome($width, $height), 30000, 60000);
        if ($width >= 500) {
            // The window's own frame is not part of the size that was asked for.
            $inner = (int) $bench->browser->executeScript('return window.innerHeight');
            $bench->browser->manage()->window()->setSize(new WebDriverDimension($width, 2 * $height - $inner));
        }

        return $bench;
    }

    /** Another device before the same shop, not signed in yet. */
    public function second(): RemoteWebDriver
    {
        return $this->second ??= RemoteWebDriver::create($this->driver, self::chrome(1280, 800), 30000, 60000);
    }

    /** The stand-in probe on a port of its own; what it says makes it misbehave. */
    public function startProbe(string $says = ''): string
    {
        return $this->startDevice('stand-in-probe.php', ['OAK_PROBE_SAYS' => $says]);
    }

    /** The stand-in gloss meter, standing on a surface. */
    public function startMeter(string $surface): string
    {
        return $this->startDevice('stand-in-meter.php', ['OAK_METER_SURFACE' => $surface]);
    }

    /** @param array<string, string> $environment */
    private function startDevice(string $script, array $environment): string
    {
        $port = self::freePort();
        $this->run([PHP_BINARY, '-S', "127.0.0.1:{$port}", "app/Devices/{$script}"], $environment + getenv());
        self::waitFor($port);

        return "http://127.0.0.1:{$port}/";
    }

    /** Ends the process that was started last. */
    public function stopProbe(): void
    {
        self::end(array_pop($this->processes) ?? throw new \LogicException('no probe runs'));
    }

    /** Changes the shop's data behind its back, as another day or another brief would have made it. */
    public function alter(string $sql): void
    {
        (new \PDO("sqlite:{$this->database}"))->exec($sql);
    }

    public function emulateDark(): void
    {
        $this->emulate(['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
    }

    public function emulatePrint(): void
    {
        $this->emulate(['media' => 'print']);
    }

    /** @param array<string, mixed> $media */
    private function emulate(array $media): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setEmulatedMedia', $media);
    }

    public function close(): void
    {
        $this->second?->quit();
        $this->browser->quit();
        array_map(self::end(...), $this->processes);
        foreach (glob("{$this->database}*") ?: [] as $file) {
            unlink($file);
        }
    }

    /** @param resource $process */
    private static function end(mixed $process): void
    {
        // The server's workers are its own children: ending the group ends them too.
        posix_kill(-proc_get_status($process)['pid'], SIGTERM);
        proc_terminate($process);
        proc_close($process);
    }

    /** The seeded shop, made once for each state of the code that makes it. */
    private static function seed(): string
    {
        $root = dirname(__DIR__, 2);
        $made = md5(implode('', array_map(fn (string $f): string => (string) md5_file($f), [
            ...glob("{$root}/database/*/*.*") ?: [], ...glob("{$root}/core/*/*.php") ?: [], ...glob("{$root}/app/*/*.php") ?: [],
        ])));
        $file = "{$root}/storage/framework/testing/seed-{$made}.sqlite";
        if (! is_file($file)) {
            array_map(unlink(...), glob("{$root}/storage/framework/testing/seed-*.sqlite*") ?: []);
            touch("{$file}.part");
            $command = proc_open([PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M', 'artisan', 'migrate:fresh', '--seed', '--force', '--quiet'], [], $pipes, $root, self::environment("{$file}.part", false));
            if ($command === false || proc_close($command) !== 0) {
                throw new \RuntimeException('the demo shop could not be seeded');
            }
            // A copy must not miss what still lies in the write-ahead log.
            $pdo = new \PDO("sqlite:{$file}.part");
            $pdo->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            unset($pdo);
            rename("{$file}.part", $file);
        }

        return $file;
    }

    /** @return array<string, string> */
    private static function environment(string $database, bool $runningClock): array
    {
        return [
            'APP_ENV' => 'testing-browser',
            'APP_DEBUG' => 'true',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'DB_DATABASE' => $database,
            'OAK_DEMO' => 'true',
            'OAK_FROZEN_AT' => $runningClock ? 'no' : self::FROZEN_AT,
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            'LOG_CHANNEL' => 'single',
            'BCRYPT_ROUNDS' => '4',
        ] + getenv();
    }

    private static function chrome(int $width, int $height): DesiredCapabilities
    {
        $options = (new ChromeOptions())->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-device-scale-factor=1',
            '--force-prefers-reduced-motion', "--window-size={$width},{$height}", '--lang=en-GB',
        ]);
        // A phone narrower than a desktop window may be is emulated.
        if ($width < 500) {
            $options->setExperimentalOption('mobileEmulation', ['deviceMetrics' => ['width' => $width, 'height' => $height, 'pixelRatio' => 1.0]]);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        return $capabilities;
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private function run(array $command, array $environment, string $in = '.'): void
    {
        $root = dirname(__DIR__, 2);
        $command = array_map(fn (string $part): string => str_starts_with($part, 'vendor/') ? "{$root}/{$part}" : ($part === 'public' ? "{$root}/public" : $part), $command);
        $log = ['file', '/dev/null', 'w'];
        $process = proc_open(['setsid', ...$command], [['file', '/dev/null', 'r'], $log, $log], $pipes, "{$root}/{$in}", $environment);
        $this->processes[] = $process === false ? throw new \RuntimeException("could not start {$command[0]}") : $process;
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('no free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private static function waitFor(int $port): void
    {
        for ($try = 0; $try < 100; $try++) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", $code, $message, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(100000);
        }

        throw new \RuntimeException("nothing answers on port {$port}");
    }
}
