<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** The shop in a file that other processes open too; a memory is nobody else's. */
abstract class FileShopCase extends ShopCase
{
    /** The shop as it is before a test, made once for all tests of a process. */
    private static ?string $made = null;

    protected string $file;

    public function refreshDatabase(): void
    {
        $directory = sys_get_temp_dir().'/oak-'.bin2hex(random_bytes(6));
        mkdir($directory, 0700);
        $this->file = "{$directory}/shop.sqlite";
        copy(self::$made ??= $this->template(), $this->file);
        $this->open($this->file);
        $this->beforeApplicationDestroyed(function () use ($directory): void {
            DB::purge();
            array_map(unlink(...), glob("{$directory}/*") ?: []);
            rmdir($directory);
        });
    }

    private function template(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'oak-made-');
        register_shutdown_function(fn () => @unlink($file));
        $this->open($file);
        $this->migrateDatabases();
        // Closed, it has nothing left in its log.
        DB::purge();

        return $file;
    }

    private function open(string $file): void
    {
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
    }

    /**
     * @param list<array<string, mixed>> $acts
     *
     * @param int|null $roomBytes that a file may grow to, as on a disk that is nearly full
     *
     * @return list<array{status: int, errors: list<string>, notice: string|null, ms: float, body: string|null}>
     */
    protected function together(array $acts, ?int $roomBytes = null): array
    {
        $command = [PHP_BINARY, 'tests/Processes/act.php'];
        if ($roomBytes !== null) {
            $command = ['bash', '-c', "trap '' XFSZ; ulimit -f ".intdiv($roomBytes, 1024).'; exec "$0" "$@"', ...$command];
        }
        // Whoever is up waits at the gate for the others, however slow the machine: else nobody races.
        $gate = tmpfile() ?: self::fail('no gate');
        flock($gate, LOCK_EX);
        $input = fn (array $act): string => (string) json_encode($act + ['gate' => stream_get_meta_data($gate)['uri']]);
        $devices = array_map(fn (array $act): Process => new Process($command, base_path(), ['DB_DATABASE' => $this->file], $input($act), 60), $acts);
        array_walk($devices, fn (Process $d) => $d->start());
        array_walk($devices, fn (Process $d) => $d->waitUntil(fn (string $type, string $said): bool => str_contains($said, "ready\n")));
        flock($gate, LOCK_UN);

        return array_map(function (Process $device): array {
            $device->wait();

            return json_decode(explode("ready\n", $device->getOutput())[1] ?? '', true) ?? self::fail($device->getErrorOutput().$device->getOutput());
        }, $devices);
    }
}
