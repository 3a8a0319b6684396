<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Encryption\Encrypter;
use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;

/**
 * The demo shop with its own data behind a server, and a browser in front of it. The server stays for the process, one
 * for the frozen clock and one for the running; each shop that is opened is a fresh copy of the seeded one behind it.
 * Used by the browser tests and by the screenshots.
 */
final class ServedShop
{
    /** Wednesday 16:34 in the demo's zone. */
    public const FROZEN_AT = '2027-03-10T15:34:00Z';

    private const KEY = 'kkkkkkkkkkkkkkkkkkkkkkkkkkkkkkkk';

    public const PASSWORD = 'four plain brown words';

    private const COOKIE = 'oak_gloss_session';

    private const PHP = [PHP_BINARY, '-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M'];

    /** @var array<string, array{url: string, database: string, process: Background}> by its clock */
    private static array $servers = [];

    /** @var list<Background> */
    private array $devices = [];

    private function __construct(public readonly string $url, public readonly RemoteWebDriver $browser, private readonly string $database, private readonly Background $server)
    {
    }

    public static function open(bool $runningClock = false, int $width = 1280, int $height = 800): self
    {
        return self::behind(self::server($runningClock), $runningClock, $width, $height);
    }

    /** A real shop on its first day: opened with nothing in it but the examples. */
    public static function openEmpty(int $width = 1280, int $height = 800): self
    {
        $server = self::$servers['empty'] ??= self::serve(false, ['OAK_DEMO' => 'false']);
        (new Filesystem())->delete(glob("{$server['database']}*") ?: []);
        touch($server['database']);
        self::artisan(dirname(__DIR__, 2), $server['database'], 'migrate', '--force');
        self::artisan(dirname(__DIR__, 2), $server['database'], 'oak:open-shop', 'Slip Lane', 'Elsewhere', 'Uma Reed', 'uma@slip.example');

        return new self($server['url'], Chrome::fresh(0, $width, $height, $server['url']), $server['database'], $server['process']);
    }

    /** Behind a proxy that ends TLS, as a workshop's server often is. */
    public static function openBehindTls(): self
    {
        [$port, $certificate] = [Background::freePort(), self::directory().'/proxy.pem'];
        exec('openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=localhost -addext subjectAltName=DNS:localhost -keyout '.escapeshellarg($certificate).' -out '.escapeshellarg("{$certificate}.crt").' 2>/dev/null');
        file_put_contents($certificate, (string) file_get_contents("{$certificate}.crt"), FILE_APPEND);
        $server = self::serve(false, ['APP_URL' => "https://localhost:{$port}", 'OAK_PROXIES' => '127.0.0.1', 'SESSION_COOKIE' => '__Host-oak_gloss']);
        $shop = self::behind(['url' => "https://localhost:{$port}"] + $server, false, 1280, 800, function () use ($certificate, $port, $server): Background {
            $proxy = Background::start([PHP_BINARY, 'tests/Processes/tls-proxy.php', $certificate, (string) $port, (string) parse_url($server['url'], PHP_URL_PORT)], getenv());
            Background::waitFor($port);

            return $proxy;
        });

        return $shop;
    }

    /** Behind a server of its own, which may go away. */
    public static function openApart(int $width = 1280, int $height = 800): self
    {
        return self::behind(self::serve(false), false, $width, $height);
    }

    /** The power of the server goes. */
    public function goAway(): void
    {
        $this->server->end();
    }

    /** @param array{url: string, database: string, process: Background} $server */
    private static function behind(array $server, bool $runningClock, int $width, int $height, ?\Closure $before = null): self
    {
        $proxy = $before === null ? null : $before();
        $browser = Chrome::fresh(0, $width, $height, $server['url']);
        // A request that is still under way keeps the file that it has open, and the last to close takes these away itself.
        (new Filesystem())->delete(glob("{$server['database']}-*") ?: []);
        copy(self::seed(), "{$server['database']}.next");
        rename("{$server['database']}.next", $server['database']);
        $shop = new self($server['url'], $browser, $server['database'], $server['process']);
        $shop->devices = $proxy === null ? [] : [$proxy];
        if ($runningClock) {
            // Seeded under the frozen clock: from now on it runs from the same moment.
            $shop->alter('UPDATE shops SET clock_offset_s = '.(strtotime(self::FROZEN_AT) - time()));
        }

        return $shop;
    }

    /** Signed in as the owner, by a session such as the form would have begun. */
    public function signIn(): void
    {
        $id = bin2hex(random_bytes(20));
        $seal = new Encrypter(self::KEY, 'aes-256-cbc');
        $session = ['_token' => bin2hex(random_bytes(20)), 'password_given_at' => time(), 'login_web_'.sha1(SessionGuard::class) => 1];
        file_put_contents(dirname(__DIR__, 2)."/storage/framework/sessions/{$id}", $seal->encrypt(serialize($session)));
        $value = $seal->encrypt(CookieValuePrefix::create(self::COOKIE, self::KEY).$id, false);
        Chrome::tell($this->browser, 'Network.setCookie', ['name' => self::COOKIE, 'value' => urlencode($value), 'url' => $this->url, 'httpOnly' => true, 'sameSite' => 'Lax']);
    }

    /** Another device before the same shop, not signed in yet. */
    public function second(): RemoteWebDriver
    {
        return Chrome::fresh(1, 1280, 800, $this->url);
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

    public function startScale(): string
    {
        return $this->startDevice('stand-in-scale.php', []);
    }

    /** @param array<string, string> $environment */
    private function startDevice(string $script, array $environment): string
    {
        $port = Background::freePort();
        $this->devices[] = Background::start([PHP_BINARY, '-S', "127.0.0.1:{$port}", "app/Devices/{$script}"], $environment + getenv());
        Background::waitFor($port);

        return "http://127.0.0.1:{$port}/";
    }

    /** Ends the device that was started last. */
    public function stopDevice(): void
    {
        (array_pop($this->devices) ?? throw new \LogicException('no device runs'))->end();
    }

    /** Changes the shop's data behind its back, as another day or another brief would have made it. */
    public function alter(string $sql): void
    {
        (new \PDO("sqlite:{$this->database}"))->exec($sql);
    }

    /** @return list<string> */
    public function columns(string $table): array
    {
        return (new \PDO("sqlite:{$this->database}"))->query("SELECT name FROM pragma_table_info('{$table}')")->fetchAll(\PDO::FETCH_COLUMN);
    }

    /** All that is on record, in short: every table but sessions and what is kept to be quick. */
    public function record(): string
    {
        $pdo = new \PDO("sqlite:{$this->database}");
        $tables = $pdo->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'cache%' AND name NOT IN ('sessions', 'presses')");
        $rows = array_map(
            fn (string $table): array => $pdo->query(in_array($table, ['air_readings', 'kept_plans', 'photos'], true) ? "SELECT count(*) FROM {$table}" : "SELECT * FROM \"{$table}\"")->fetchAll(\PDO::FETCH_NUM),
            $tables->fetchAll(\PDO::FETCH_COLUMN),
        );

        return md5(serialize($rows));
    }

    public function emulateDark(): void
    {
        Chrome::tell($this->browser, 'Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
    }

    public function emulatePrint(): void
    {
        Chrome::tell($this->browser, 'Emulation.setEmulatedMedia', ['media' => 'print']);
    }

    public function close(): void
    {
        $this->browser->get('about:blank');
        array_map(fn (Background $d) => $d->end(), $this->devices);
    }

    /**
     * @return array{url: string, database: string, process: Background}
     */
    private static function server(bool $runningClock): array
    {
        return self::$servers[$runningClock ? 'running' : 'frozen'] ??= self::serve($runningClock);
    }

    /**
     * @param array<string, string> $but what is otherwise in its environment
     *
     * @return array{url: string, database: string, process: Background}
     */
    private static function serve(bool $runningClock, array $but = []): array
    {
        $root = dirname(__DIR__, 2);
        $database = self::directory().'/'.($runningClock ? 'running' : 'frozen').'-'.count(glob(self::directory().'/*.sqlite') ?: []).'.sqlite';
        $port = Background::freePort();
        $server = Background::start([...self::PHP, '-S', "127.0.0.1:{$port}", '-t', "{$root}/public", "{$root}/server.php"], $but + self::environment($database, $runningClock) + ['PHP_CLI_SERVER_WORKERS' => '3'], 'public');
        register_shutdown_function(fn () => $server->end());
        Background::waitFor($port);

        return ['url' => "http://127.0.0.1:{$port}", 'database' => $database, 'process' => $server];
    }

    /** Where this process keeps its shops; gone with it. */
    private static function directory(): string
    {
        static $directory = null;
        if ($directory === null) {
            $directory = sys_get_temp_dir().'/oak-shops-'.bin2hex(random_bytes(6));
            mkdir($directory, 0700);
            register_shutdown_function(function () use ($directory): void {
                exec('rm -r '.escapeshellarg($directory));
            });
        }

        return $directory;
    }

    /** The seeded shop, made once for each state of the code that makes it. */
    private static function seed(): string
    {
        $root = dirname(__DIR__, 2);
        $sources = (new Finder())->files()->in(["{$root}/database", "{$root}/core", "{$root}/app"])->exclude(['Http', 'View'])->sortByName();
        $made = md5(implode('', array_map(fn (\SplFileInfo $f): string => (string) md5_file($f->getPathname()), iterator_to_array($sources, false))));
        $file = "{$root}/storage/framework/testing/seed-{$made}.sqlite";
        // Another process may be at it.
        $turn = fopen("{$root}/storage/framework/testing/seed.turn", 'c') ?: throw new \RuntimeException('no turn to seed');
        flock($turn, LOCK_EX);
        if (! is_file($file)) {
            array_map(unlink(...), glob("{$root}/storage/framework/testing/seed-*.sqlite*") ?: []);
            touch("{$file}.part");
            self::artisan($root, "{$file}.part", 'migrate:fresh', '--seed', '--force');
            // A copy must not miss what still lies in the write-ahead log.
            $pdo = new \PDO("sqlite:{$file}.part");
            $pdo->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            unset($pdo);
            rename("{$file}.part", $file);
        }
        fclose($turn);

        return $file;
    }

    private static function artisan(string $root, string $database, string ...$command): void
    {
        // Who opens a shop is asked for its password.
        $asked = tmpfile() ?: throw new \RuntimeException('nothing to answer with');
        fwrite($asked, self::PASSWORD."\n");
        rewind($asked);
        $process = proc_open([...self::PHP, 'artisan', ...$command], [0 => $asked, 1 => ['file', '/dev/null', 'w']], $pipes, $root, self::environment($database, false));
        if ($process === false || proc_close($process) !== 0) {
            throw new \RuntimeException("{$command[0]} failed: the demo shop could not be seeded");
        }
    }

    /** @return array<string, string> */
    private static function environment(string $database, bool $runningClock): array
    {
        return [
            'APP_ENV' => 'testing-browser',
            'APP_DEBUG' => 'true',
            'APP_KEY' => 'base64:'.base64_encode(self::KEY),
            'DB_DATABASE' => $database,
            'OAK_DEMO' => 'true',
            'OAK_NOTES' => self::directory().'/notes.json',
            'OAK_FROZEN_AT' => $runningClock ? 'no' : self::FROZEN_AT,
            'SESSION_DRIVER' => 'file',
            'SESSION_COOKIE' => self::COOKIE,
            'CACHE_STORE' => 'file',
            // One plan is kept of a part: another process's shop has other ones under the same numbers.
            'CACHE_PATH' => self::directory().'/cache',
            'CACHE_LIMITER' => 'array',
            'LOG_CHANNEL' => 'single',
            'BCRYPT_ROUNDS' => '4',
        ] + getenv();
    }
}
