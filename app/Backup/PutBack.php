<?php

declare(strict_types=1);

namespace App\Backup;

use App\Models\Shop;
use App\People\Audit;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Puts a copy back under a running shop: the copy is checked and migrated first; then the shop is closed for a moment, what
 * is under way ends, what stands is kept beside, the copy takes its place in one transaction, and the shop opens again.
 * Live data that are damaged are moved aside as they are.
 */
final class PutBack
{
    /** How SQLite says that a file is no whole database. */
    private const DAMAGED = '/malformed|not a database|disk I\/O error|corrupt/i';

    public function __construct(private readonly Audit $audit)
    {
    }

    /**
     * @return string|null where what stood before is kept; null if there was nothing
     *
     * @throws NotRestored If it is no whole copy of a shop's data, or another is being put back.
     */
    public function copy(string $file, string $live): ?string
    {
        $this->endWhatWasLeft($live);
        $underWay = RestoreUnderWay::begin($live);
        try {
            $ready = ShopCopy::prepared($file, $live);
        } catch (NotRestored $e) {
            $underWay->end();

            throw $e;
        }
        $underWay->write(['ready' => $ready, 'from' => basename($file), 'wasDown' => app()->isDownForMaintenance()]);

        return $this->finish($underWay, $live);
    }

    /** One that was killed half-way: with its copy ready it is finished, without it the shop is opened again. True if there was one. */
    public function endWhatWasLeft(string $live): bool
    {
        $left = RestoreUnderWay::left($live);
        if ($left === null) {
            return false;
        }
        $what = $left->what();
        if ($what !== null && is_file($what['ready'])) {
            $this->finish($left, $live);

            return true;
        }
        if ($what !== null && ! $what['wasDown']) {
            Artisan::call('up');
        }
        array_map(unlink(...), glob(dirname($live).'/restoring-*') ?: []);
        $left->end();

        return true;
    }

    private function finish(RestoreUnderWay $underWay, string $live): ?string
    {
        $what = $underWay->what() ?? throw new \LogicException('a restore says what it puts back before it begins');
        Artisan::call('down', ['--retry' => 5]);
        try {
            $kept = is_file($live) && filesize($live) > 0 ? $this->keepBeside($live) : null;
            ShopCopy::putBack($what['ready'], $live);
            DB::purge();
            Artisan::call('cache:clear');
            Shop::query()->pluck('id')->each(fn (int $shop) => $this->audit->note($shop, 'restored', null, ['file' => $what['from']]));
        } finally {
            if (! $what['wasDown']) {
                Artisan::call('up');
            }
            array_map(unlink(...), glob("{$what['ready']}*") ?: []);
            $underWay->end();
        }

        return $kept;
    }

    /** A whole copy of what stands; where that can't be made any more, the very files. */
    private function keepBeside(string $live): string
    {
        $kept = dirname($live).'/before-restore-'.date('Ymd-His').'-'.substr(uniqid(), -5).'.sqlite';
        try {
            // Who is under way ends first; who comes later finds the shop closed when it is their turn.
            DB::transaction(fn () => null);
            DB::purge();
            ShopCopy::make($live, $kept);
        } catch (\Exception $e) {
            if (preg_match(self::DAMAGED, $e->getMessage()) !== 1) {
                throw NotRestored::because("What stands can't be kept beside: {$e->getMessage()}.");
            }
            DB::purge();
            foreach (['-wal', '-shm', ''] as $beside) {
                if (is_file("{$live}{$beside}")) {
                    rename("{$live}{$beside}", "{$kept}{$beside}");
                }
            }
        }

        return $kept;
    }
}
