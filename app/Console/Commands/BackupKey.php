<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Sealed;
use Illuminate\Console\Command;

/** A key for the nightly copies, shown once. */
final class BackupKey extends Command
{
    protected $signature = 'oak:backup-key';

    protected $description = 'Make a key that the nightly copies are sealed with, and show it once';

    public function handle(): int
    {
        $this->line('OAK_BACKUP_KEY='.Sealed::newKey());
        $this->line('');
        $this->line('Put that line into .env, and the same on paper in another house: without it no sealed copy is ever opened again.');

        return self::SUCCESS;
    }
}
