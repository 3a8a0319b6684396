<?php

declare(strict_types=1);

namespace App\Acts;

use App\Calendar\KeptCalendar;
use App\Models\Shop;

/** What an act left undone is written out once its answer is out, for who reads the calendar: by one process for all acts of a shop. */
final class Afterwards
{
    /** While acts follow each other faster than that, the last one's follower ends it. */
    private const MOST_ROUNDS = 4;

    public function of(Shop $shop): void
    {
        $turn = @fopen(storage_path("framework/cache/afterwards-{$shop->id}.lock"), 'c');
        if ($turn === false || ! flock($turn, LOCK_EX | LOCK_NB)) {
            // Whoever is at it sees this act, too.
            return;
        }
        try {
            for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
                $seen = PressLog::newest($shop->id);
                app()->forgetScopedInstances();
                app(KeptCalendar::class)->renew($shop->refresh());
                if (PressLog::newest($shop->id) === $seen) {
                    return;
                }
            }
        } catch (\Throwable $e) {
            report($e);
        } finally {
            fclose($turn);
        }
    }
}
