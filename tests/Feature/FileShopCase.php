<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** The shop in a file that other processes open too; a memory is nobody else's. */
abstract class FileShopCase extends ShopCase
{
    protected string $file;

    public function refreshDatabase(): void
    {
        $directory = sys_get_temp_dir().'/oak-'.bin2hex(random_bytes(6));
        mkdir($directory, 0700);
        $this->file = "{$directory}/shop.sqlite";
        touch($this->file);
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        $this->beforeApplicationDestroyed(function () use ($directory): void {
            DB::purge();
            array_map(unlink(...), glob("{$directory}/*") ?: []);
            rmdir($directory);
        });
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
        $at = microtime(true) + 1.0;
        $command = [PHP_BINARY, 'tests/Processes/act.php'];
        if ($roomBytes !== null) {
            $command = ['bash', '-c', "trap '' XFSZ; ulimit -f ".intdiv($roomBytes, 1024).'; exec "$0" "$@"', ...$command];
        }
        $devices = array_map(fn (array $act): Process => new Process($command, base_path(), ['DB_DATABASE' => $this->file], (string) json_encode($act + ['at' => $at]), 60), $acts);
        array_walk($devices, fn (Process $d) => $d->start());

        return array_map(function (Process $device): array {
            $device->wait();

            return json_decode($device->getOutput(), true) ?? self::fail($device->getErrorOutput().$device->getOutput());
        }, $devices);
    }
}
