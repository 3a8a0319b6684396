<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\DB;

/**
 * The database's write lock, taken at the begin of a transaction: SQLite refuses at once to let one write that has read
 * what somebody changed since, but lets one wait that writes first. (PHP begins its transactions deferred.)
 */
final class WriteLock
{
    public static function take(): void
    {
        DB::table('kept_plans')->where('id', '<', 0)->delete();
    }
}
