<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\PutBack;
use Illuminate\Console\Command;

/** Asked at every start, and every minute by the schedule. */
final class EndRestore extends Command
{
    protected $signature = 'oak:end-restore';

    protected $description = 'End a restore that was killed half-way, and open the shop again';

    public function handle(PutBack $back): int
    {
        if ($back->endWhatWasLeft((string) config('database.connections.sqlite.database'))) {
            $this->line('A restore that was left half-way has been ended; the shop is open.');
        }

        return self::SUCCESS;
    }
}
