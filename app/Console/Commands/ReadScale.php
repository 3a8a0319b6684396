<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Devices\StreamScale;
use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Contracts\Cache\Repository;

/** Reads a scale on a serial line, or any stream of its text, until that ends. */
final class ReadScale extends Command
{
    protected $signature = 'oak:read-scale
        {stream=php://stdin : such as /dev/ttyUSB0, its speed set beforehand}
        {--shop= : its number; the first without}';

    protected $description = 'Follow a bench scale that writes to a serial line';

    public function handle(Repository $kept): int
    {
        $shop = $this->option('shop') === null ? Shop::query()->first() : Shop::query()->find($this->option('shop'));
        $stream = @fopen((string) $this->argument('stream'), 'r');
        if ($shop === null || $stream === false) {
            $this->error($shop === null ? 'There is no such shop.' : 'That stream can\'t be opened.');

            return self::FAILURE;
        }
        $scale = new StreamScale($kept, $shop->id);
        while (! feof($stream)) {
            $bytes = (string) fread($stream, 512);
            $bytes === '' ?: $scale->write($bytes);
        }

        return self::SUCCESS;
    }
}
