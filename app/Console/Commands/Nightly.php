<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\NightlyCopies;
use App\Health\Notes;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** The copy of every night; how it went is noted for the owner's bench. */
final class Nightly extends Command
{
    protected $signature = 'oak:nightly';

    protected $description = 'Copy the data into the backups, let the old ones go, and into the second place if one is named';

    public function handle(Notes $notes): int
    {
        try {
            $file = NightlyCopies::configured()->make((string) config('database.connections.sqlite.database'), CarbonImmutable::now());
        } catch (\Exception $e) {
            $notes->note(Notes::BACKUP, false, ['why' => $e->getMessage(), 'good' => $notes->of(Notes::BACKUP)['good'] ?? 0]);
            report($e);
            $this->error("No whole copy of tonight: {$e->getMessage()}");

            return self::FAILURE;
        }
        $notes->note(Notes::BACKUP, true, ['file' => basename($file), 'bytes' => (int) filesize($file), 'good' => time()]);
        $this->line("Kept in {$file}");

        return self::SUCCESS;
    }
}
