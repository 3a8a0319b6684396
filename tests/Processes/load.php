<?php

declare(strict_types=1);

// The demo workshop under load, in a file of its own. Usage: load.php CLIENTS SECONDS [kill|restore] [TIMES]
// OAK_READERS=1 lets the clients only read, while two more write all the time. Prints what was answered; ends with 1 if an acknowledged act is missing or doubled, or anything failed.

use Symfony\Component\Process\Process;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$root = dirname(__DIR__, 2);
[$clients, $seconds, $mode, $times] = [(int) ($argv[1] ?? 20), (int) ($argv[2] ?? 180), $argv[3] ?? '', (int) ($argv[4] ?? 20)];
$readers = getenv('OAK_READERS') === '1';
$share = (float) (getenv('OAK_WRITES') ?: 0.3);
$directory = sys_get_temp_dir().'/oak-load-'.getmypid();
mkdir($directory, 0700);
$data = "{$directory}/shop.sqlite";
touch($data);
$socket = stream_socket_server('tcp://127.0.0.1:0') ?: exit(1);
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$env = ['DB_DATABASE' => $data, 'OAK_DEMO' => 'true', 'PHP_CLI_SERVER_WORKERS' => '24', 'BCRYPT_ROUNDS' => '4', 'OAK_PROBE_URL' => '', 'SESSION_COOKIE' => "load_{$port}"];
$jit = ['-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=function', '-d', 'opcache.jit_buffer_size=64M', '-d', 'log_errors=0'];
$artisan = function (string ...$arguments) use ($root, $env): string {
    $run = new Process([PHP_BINARY, 'artisan', ...$arguments], $root, $env, null, 300);
    $run->mustRun();

    return $run->getOutput();
};
$serve = function () use ($root, $env, $jit, $port): Process {
    $server = new Process(['setsid', PHP_BINARY, ...$jit, '-S', "127.0.0.1:{$port}", "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php"], "{$root}/public", $env, null, null);
    $server->disableOutput();
    $server->start();
    for ($i = 0; $i < 200 && @fsockopen('127.0.0.1', $port) === false; $i++) {
        usleep(20000);
    }

    return $server;
};
// All of a server's workers at once, as when the power goes.
$kill = fn (Process $server) => posix_kill(-(int) $server->getPid(), SIGKILL);

echo "seeding\n";
$artisan('migrate', '--seed', '--force');
$db = new PDO("sqlite:{$data}");
$db->exec('pragma busy_timeout = 60000');
$hash = 'sha384:'.password_hash(base64_encode(hash('sha384', 'load-and-long-enough', true)), PASSWORD_BCRYPT, ['cost' => 4]);
for ($c = 0; $c < $clients + 2; $c++) {
    $db->exec("insert into users (shop_id, name, initials, email, password, role, at_bench) values (1, 'Load {$c}', 'L', 'load{$c}@hollowquay.example', '{$hash}', 'finisher', 0)");
}
if ($mode === 'restore') {
    $artisan('oak:backup', "{$directory}/copy.sqlite");
}
$server = $serve();
$devices = array_map(function (int $c) use ($port, $seconds, $share, $clients, $readers): Process {
    $device = new Process([PHP_BINARY, __DIR__.'/client.php', "http://127.0.0.1:{$port}", "load{$c}@hollowquay.example", (string) $seconds, (string) ($readers ? ($c < $clients ? 0 : 1) : $share)], null, null, null, null);
    $device->start();

    return $device;
}, range(0, $clients + ($readers ? 2 : 0) - 1));

$restores = [];
$end = microtime(true) + $seconds;
for ($n = 0; $n < ($mode === '' ? 0 : $times) && microtime(true) < $end; $n++) {
    usleep((int) (1e6 * $seconds / ($times + 2)));
    if ($mode === 'kill') {
        $kill($server);
        $server = $serve();
    } else {
        $from = microtime(true);
        $said = $artisan('oak:restore', "{$directory}/copy.sqlite");
        $restores[] = [$from, microtime(true), preg_match('~is in (\S+)~', $said, $m) === 1 ? $m[1] : ''];
    }
}
$answers = [];
foreach ($devices as $device) {
    $device->wait();
    foreach (explode("\n", trim($device->getOutput())) as $line) {
        $answers[] = json_decode($line, true) ?? ['what' => 'none', 'status' => 0, 'ms' => 0, 'at' => 0];
    }
}
$kill($server);

$writes = array_values(array_filter($answers, fn (array $a): bool => $a['what'] === 'write'));
$pages = array_values(array_filter($answers, fn (array $a): bool => $a['what'] === 'page' && $a['status'] === 200));
$kept = array_values(array_filter($writes, fn (array $w): bool => $w['kept']));
$has = function (string $file, string $token): bool {
    static $open = [];
    $open[$file] ??= new PDO("sqlite:{$file}");
    $found = $open[$file]->prepare('select count(*) from acts where token = ?');
    $found->execute([$token]);

    return (int) $found->fetchColumn() > 0;
};
$lost = array_filter($kept, function (array $w) use ($has, $data, $restores): bool {
    foreach ($restores as [$from, $until, $file]) {
        // What was acknowledged before a restore ended lies in its safety copy, or came after it into the live data.
        if ($w['at'] <= $until && $has($file, $w['token'])) {
            return false;
        }
    }

    return ! $has($data, $w['token']);
});
$doubled = (new PDO("sqlite:{$data}"))->query("select count(*) from (select part_id, step, kind from facts f where kind in ('coat_on','wiped','done','ready') and not exists (select 1 from facts s where s.kind='struck' and json_extract(s.data,'$.target')=f.id) group by part_id, step, kind having count(*) > 1)")->fetchColumn();
$by = array_count_values(array_map(fn (array $a): string => "{$a['what']} {$a['status']}", $answers));
ksort($by);
$ms = array_column($pages, 'ms');
sort($ms);
echo json_encode($by), "\n";
printf("%d clients, %d s: %d writes, %d of them said to be kept, %d lost, %d doubled; %d pages, %.1f a second, median %d ms, slowest write %d ms%s\n", $clients, $seconds, count($writes), count($kept), count($lost), $doubled, count($pages), count($pages) / $seconds, $ms[intdiv(count($ms), 2)] ?? 0, max([0, ...array_column($writes, 'ms')]), $mode === '' ? '' : ", {$n} times {$mode}");
$failed = array_filter($answers, fn (array $a): bool => $a['status'] >= 500 && ! ($mode === 'restore' && $a['status'] === 503));
$integrity = (new PDO("sqlite:{$data}"))->query('pragma integrity_check')->fetchColumn();
echo count($failed)," failed, integrity {$integrity}\n";
array_map(unlink(...), glob("{$directory}/*") ?: []);
rmdir($directory);
exit($lost === [] && (int) $doubled === 0 && $failed === [] && $integrity === 'ok' ? 0 : 1);
