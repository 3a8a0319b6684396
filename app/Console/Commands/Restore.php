<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\NotRestored;
use App\Backup\ShopCopy;
use App\Models\Shop;
use App\People\Audit;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Puts a copy back under a running shop: the copy is checked and migrated first; then the shop is closed for a moment, what
 * is under way ends, what stands is kept beside, the copy takes its place in one transaction, and the shop opens again.
 */
final class Restore extends Command
{
    protected $signature = 'oak:restore {file}';

    protected $description = 'Put a copy of the shop\'s data back; the data before is kept beside it';

    public function handle(Audit $audit): int
    {
        $live = (string) config('database.connections.sqlite.database');
        try {
            $ready = ShopCopy::prepared((string) $this->argument('file'), $live);
        } catch (NotRestored $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $wasDown = app()->isDownForMaintenance();
        Artisan::call('down', ['--retry' => 5]);
        try {
            $kept = null;
            if (is_file($live) && filesize($live) > 0) {
                // Who is under way ends first; who comes later finds the shop closed when it is their turn.
                DB::transaction(fn () => null);
                DB::purge();
                $kept = dirname($live).'/before-restore-'.date('Ymd-His').'-'.substr(uniqid(), -5).'.sqlite';
                ShopCopy::make($live, $kept);
            }
            ShopCopy::putBack($ready, $live);
            DB::purge();
            Artisan::call('cache:clear');
            Shop::query()->pluck('id')->each(fn (int $shop) => $audit->note(
                $shop,
                'restored',
                null,
                ['file' => basename((string) $this->argument('file'))],
            ));
        } finally {
            $wasDown ?: Artisan::call('up');
        }
        $this->line("Restored from {$this->argument('file')}".($kept === null ? '' : "; what stood before is in {$kept}"));

        return self::SUCCESS;
    }
}
