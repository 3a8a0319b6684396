<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\ShopCopy;
use App\Models\Shop;
use App\People\Audit;
use Illuminate\Console\Command;

/** A copy of the shop's data, made while it works. */
final class Backup extends Command
{
    protected $signature = 'oak:backup {file}';

    protected $description = 'Write a whole copy of the shop\'s data into a file';

    public function handle(Audit $audit): int
    {
        $file = (string) $this->argument('file');
        if (file_exists($file)) {
            $this->error("{$file} is there already.");

            return self::FAILURE;
        }
        try {
            ShopCopy::make((string) config('database.connections.sqlite.database'), $file);
        } catch (\Exception $e) {
            $this->error("No copy was made: {$e->getMessage()}");

            return self::FAILURE;
        }
        Shop::query()->pluck('id')->each(fn (int $shop) => $audit->note($shop, 'exported', null, ['file' => basename($file)]));
        $this->line("Kept in {$file}");

        return self::SUCCESS;
    }
}
