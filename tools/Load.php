<?php

declare(strict_types=1);

namespace Tools;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Hash;
use PDO;
use Symfony\Component\Process\Process;

/**
 * The made-up workshop under load, in a file of its own: many devices at once, and if wanted the power that goes or copies
 * that are put back meanwhile. Fails if an acknowledged act is missing or doubled, or a page answers with an error.
 */
final class Load extends Command
{
    private const SIGNED_IN_AFTER_S = 8;
    private const WORKERS = 16;

    /** Share of what a device does that it writes. */
    private const WRITES = 0.3;

    /** A calendar is answered within this whatever so many write, milliseconds. */
    private const CALENDAR_MS = 1000.0;
    private const CALENDAR_CLIENTS = 8;

    private const BACKUP_EVERY_S = 15;
    private const LOT_G = 1_000_000.0;

    protected $signature = 'oak:load {clients=20} {seconds=180}
        {--readers : the clients read while two more write}
        {--kill=0 : how often a worker of the server is killed}
        {--restore=0 : how often a copy is put back}';

    protected $description = 'Put the made-up workshop under load and hold what is said to be kept against the rows';

    private string $directory;

    private string $data;

    /** @var array<string, string> */
    private array $environment;

    private int $port;

    private ?Process $server = null;

    private string $feed;

    private int $lot;

    /** @var list<bool> whether each copy was whole */
    private array $backups = [];

    /** @var list<array{float, string}> when each restore ended, and its safety copy */
    private array $restores = [];

    public function handle(): int
    {
        [$clients, $seconds] = [(int) $this->argument('clients'), (int) $this->argument('seconds')];
        $this->open($clients + 2);
        try {
            $devices = $this->devices($clients, $seconds);
            $this->disturb($seconds);
            $told = [];
            foreach ($devices as $device) {
                $device->wait();
                $told = [
                    ...$told,
                    ...array_filter(array_map(fn (string $line): mixed => json_decode($line, true), explode("\n", $device->getOutput()))),
                ];
            }
            $this->stop();

            return $this->report($told, $clients, $seconds) ? self::SUCCESS : self::FAILURE;
        } finally {
            $this->stop();
            array_map(unlink(...), glob("{$this->directory}/*") ?: []);
            rmdir($this->directory);
        }
    }

    private function open(int $people): void
    {
        $this->directory = sys_get_temp_dir().'/oak-load-'.getmypid();
        mkdir($this->directory, 0700);
        $this->data = "{$this->directory}/shop.sqlite";
        touch($this->data);
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('no port is free');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $this->environment = [
            'DB_DATABASE' => $this->data,
            'OAK_DEMO' => 'true',
            'OAK_PROBE_URL' => '',
            'PHP_CLI_SERVER_WORKERS' => (string) self::WORKERS,
            'BCRYPT_ROUNDS' => '4',
            'SESSION_COOKIE' => "load_{$this->port}",
        ];
        $this->line('Seeding');
        $this->artisan('migrate', '--seed', '--force');
        $db = new PDO("sqlite:{$this->data}");
        $add = $db->prepare(
            "insert into users (shop_id, name, initials, email, password, role, at_bench) values (1, 'Load', 'L', ?, ?, 'finisher', 0)",
        );
        $hash = Hash::make(Device::PASSWORD, ['rounds' => 4]);
        for ($person = 0; $person < $people; $person++) {
            $add->execute([self::email($person), $hash]);
        }
        $this->feed = str_repeat('l', 40);
        $db->prepare("insert into feeds (shop_id, user_id, token_hash, made_at) values (1, 1, ?, '2027-03-01 08:00:00')")
            ->execute([hash('sha256', $this->feed)]);
        $db->exec("insert into lots (shop_id, kind, item_id, jar, mark, quantity, \"left\", supplier, received_at)
            values (1, 'resins', 1, 'resin', 'load', ".self::LOT_G.', '.self::LOT_G.", '', '2027-03-01 08:00:00')");
        $this->lot = (int) $db->lastInsertId();
        $db->exec("insert into stock_moves (shop_id, lot_id, kind, item_id, jar, why, quantity, note, happened_at)
            values (1, {$this->lot}, 'resins', 1, 'resin', 'received', ".self::LOT_G.", '', '2027-03-01 08:00:00')");
        if ((int) $this->option('restore') > 0) {
            $this->artisan('oak:backup', "{$this->directory}/copy.sqlite");
        }
        $this->serve();
    }

    /** @return list<Process> */
    private function devices(int $clients, int $seconds): array
    {
        $reads = (bool) $this->option('readers');
        $devices = [];
        for ($c = 0; $c < $clients + ($reads ? 2 : 0); $c++) {
            $share = $reads ? ($c < $clients ? 0.0 : 1.0) : self::WRITES;
            $devices[] = $device = new Process(
                [
                    PHP_BINARY,
                    'tools/artisan',
                    'oak:load-device',
                    "http://127.0.0.1:{$this->port}",
                    self::email($c),
                    (string) $seconds,
                    (string) $share,
                    "d{$c}",
                    "/calendar/{$this->feed}.ics",
                    (string) $this->lot,
                ],
                base_path(),
                null,
                null,
                null,
            );
            $device->start();
        }

        return $devices;
    }

    private function disturb(int $seconds): void
    {
        [$kills, $restores] = [(int) $this->option('kill'), (int) $this->option('restore')];
        if ($kills + $restores === 0) {
            for ($until = microtime(true) + $seconds - self::BACKUP_EVERY_S; microtime(true) < $until; sleep(self::BACKUP_EVERY_S)) {
                $this->backUp();
            }

            return;
        }
        // All come in before it begins.
        sleep(self::SIGNED_IN_AFTER_S);
        $seconds -= 2 * self::SIGNED_IN_AFTER_S;
        $until = microtime(true) + $seconds;
        for ($n = 0; $n < $kills + $restores && microtime(true) < $until; $n++) {
            usleep((int) (1e6 * $seconds / ($kills + $restores + 2)));
            if ($n < $kills) {
                $this->kill();
            } else {
                $said = $this->artisan('oak:restore', "{$this->directory}/copy.sqlite");
                $this->restores[] = [microtime(true), preg_match('~is in (\S+)~', $said, $m) === 1 ? $m[1] : ''];
            }
        }
        $this->line("Disturbed {$n} times");
    }

    /** A copy like the one that is made each night, and then it is opened. */
    private function backUp(): void
    {
        $file = "{$this->directory}/backup-".count($this->backups).'.sqlite';
        $made = new Process([PHP_BINARY, 'artisan', 'oak:backup', $file], base_path(), $this->environment, null, null);
        $made->run();
        $this->backups[] = $made->isSuccessful() && self::scalar(new PDO("sqlite:{$file}"), 'pragma integrity_check') === 'ok';
        @unlink($file);
    }

    /**
     * What is said to be kept against the rows: each lot is the sum of its moves, each taken gram and each reading is there once.
     *
     * @param array<int, array{what: string, token: string, kept: bool, ...}> $kept
     *
     * @return list<string> what does not agree
     */
    private function disagreeing(PDO $db, array $kept): array
    {
        $wrong = [];
        $differing = (int) self::scalar($db, 'select count(*) from (select 1 from lots left join stock_moves m on m.lot_id = lots.id
            group by lots.id having abs(lots."left" - coalesce(sum(m.quantity), 0)) > 0.001)');
        if ($differing > 0) {
            $wrong[] = "{$differing} lots are not the sum of their moves";
        }
        $presses = fn (string $path): int => (int) self::scalar($db, "select count(*) from presses where token like 'd%-%' and path = '{$path}'");
        $taken = (int) self::scalar($db, "select count(*) from stock_moves where lot_id = {$this->lot} and why = 'taken'");
        $load = "select id from users where name = 'Load'";
        $read = (int) self::scalar($db, "select count(*) from air_readings where source = 'hand' and user_id in ({$load})");
        $counts = [['takes', 'take', $taken, $presses("lots/{$this->lot}")], ['readings', 'reading', $read, $presses('air')]];
        foreach ($counts as [$what, $kind, $rows, $marks]) {
            $said = count(array_filter($kept, fn (array $t): bool => $t['what'] === $kind));
            if ($rows !== $marks || ($this->restores === [] && $rows < $said)) {
                $wrong[] = "{$said} {$what} said to be kept, {$marks} marks, {$rows} rows";
            }
        }
        $marks = array_count_values(array_column($kept, 'token'));
        if (max([0, ...$marks]) > 1) {
            $wrong[] = 'a mark was acknowledged twice';
        }

        return $wrong;
    }

    /** @param array<int, array{at: float, what: string, status: int, ms: float, token: string, kept: bool}> $told */
    private function report(array $told, int $clients, int $seconds): bool
    {
        $writes = array_filter($told, fn (array $t): bool => in_array($t['what'], ['act', 'reading', 'take'], true));
        $calendars = array_column(array_filter($told, fn (array $t): bool => $t['what'] === 'calendar' && $t['status'] === 200), 'ms');
        $signIns = array_filter($told, fn (array $t): bool => $t['what'] === 'sign-in');
        $pages = array_filter($told, fn (array $t): bool => $t['what'] === 'page' && $t['status'] === 200);
        $kept = array_filter($writes, fn (array $t): bool => $t['kept']);
        $lost = array_filter($kept, fn (array $t): bool => ! $this->isThere($t['token'], $t['at']));
        // While a copy is put back the shop is closed, and says so.
        $failed = array_filter($told, fn (array $t): bool => $t['status'] >= 500 && ! ($t['status'] === 503 && $this->restores !== []));
        $db = new PDO("sqlite:{$this->data}");
        $doubled = (int) self::scalar(
            $db,
            "select count(*) from (
                select 1 from facts f where kind in ('coat_on', 'wiped', 'done', 'ready') and not exists (
                    select 1 from facts s where s.kind = 'struck' and json_extract(s.data, '$.target') = f.id
                ) group by part_id, step, kind having count(*) > 1
            )",
        );
        $whole = self::scalar($db, 'pragma integrity_check');
        $wrong = $this->disagreeing($db, $kept);
        // The first finds nothing written out yet; more clients than that keep two cores busy for themselves.
        $isSlow = $this->restores === [] && (int) $this->option('kill') === 0 && $clients <= self::CALENDAR_CLIENTS
            && self::median($calendars) > self::CALENDAR_MS;
        sort($calendars);
        $this->line(sprintf(
            '%d sign-ins, %d calendars (median %.0f ms, slowest %.0f ms), %d backups of which %d whole; '
                .'slowest page %.0f ms, median %.0f ms',
            count($signIns),
            count($calendars),
            self::median($calendars),
            end($calendars) ?: 0.0,
            count($this->backups),
            count(array_filter($this->backups)),
            max([0.0, ...array_column($pages, 'ms')]),
            self::median(array_column($pages, 'ms')),
        ));
        array_map($this->error(...), $wrong);
        $this->table(
            ['clients', 'seconds', 'pages a second', 'writes', 'said to be kept', 'lost', 'doubled', 'failed', 'slowest write ms', 'file'],
            [[
                $clients,
                $seconds,
                round(count($pages) / $seconds, 1),
                count($writes),
                count($kept),
                count($lost),
                $doubled,
                count($failed),
                max([0, ...array_column($writes, 'ms')]),
                $whole,
            ]],
        );

        return $lost === [] && $doubled === 0 && $failed === [] && $whole === 'ok' && $wrong === [] && ! $isSlow
            && ! in_array(false, $this->backups, true);
    }

    /** @param array<int, float> $of */
    private static function median(array $of): float
    {
        sort($of);

        return $of[intdiv(count($of), 2)] ?? 0.0;
    }

    /** In the live data, or in the safety copy of a restore that had not ended when it was pressed. */
    private function isThere(string $token, float $at): bool
    {
        $files = [$this->data, ...array_column(array_filter($this->restores, fn (array $r): bool => $at <= $r[0]), 1)];
        foreach ($files as $file) {
            $found = (new PDO("sqlite:{$file}"))->prepare('select count(*) from presses where token = ?');
            $found->execute([$token]);
            if ((int) $found->fetchColumn() > 0) {
                return true;
            }
        }

        return false;
    }

    private function artisan(string ...$arguments): string
    {
        return (new Process([PHP_BINARY, 'artisan', ...$arguments], base_path(), $this->environment, null, null))->mustRun()->getOutput();
    }

    private function serve(): void
    {
        $this->server = new Process(
            [
                'setsid',
                PHP_BINARY,
                '-d',
                'opcache.enable=1',
                '-d',
                'opcache.jit=function',
                '-d',
                'opcache.jit_buffer_size=64M',
                '-d',
                'log_errors=0',
                '-S',
                "127.0.0.1:{$this->port}",
                base_path('server.php'),
            ],
            public_path(),
            $this->environment,
            null,
            null,
        );
        $this->server->disableOutput()->start();
        for ($try = 0; $try < 300 && @fsockopen('127.0.0.1', $this->port) === false; $try++) {
            usleep(20000);
        }
    }

    /** One worker in the midst of what it does; when few are left all at once, as when the power goes. */
    private function kill(): void
    {
        $workers = array_filter(array_map(
            intval(...),
            explode("\n", (new Process(['pgrep', '-P', (string) $this->server?->getPid()]))->mustRun()->getOutput()),
        ));
        if (count($workers) > self::WORKERS / 2) {
            posix_kill($workers[array_rand($workers)], SIGKILL);
        } else {
            $this->stop();
            $this->serve();
        }
    }

    private function stop(): void
    {
        if ($this->server?->getPid() !== null) {
            posix_kill(-$this->server->getPid(), SIGKILL);
        }
        $this->server = null;
    }

    private static function scalar(PDO $db, string $sql): mixed
    {
        $found = $db->query($sql);

        return $found === false ? null : $found->fetchColumn();
    }

    private static function email(int $person): string
    {
        return "load{$person}@hollowquay.example";
    }
}
