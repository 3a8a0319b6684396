<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\NotRestored;
use App\Backup\PutBack;
use App\Backup\Sealed;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'oak:restore {file}';

    protected $description = 'Put a copy of the shop\'s data back; the data before is kept beside it';

    public function handle(PutBack $back): int
    {
        $live = (string) config('database.connections.sqlite.database');
        $file = (string) $this->argument('file');
        $opened = str_ends_with($file, Sealed::ENDING) ? dirname($live).'/opened-'.getmypid().'.sqlite' : null;
        try {
            $opened === null || Sealed::open($file, $opened, (string) config('oak.backups.key'));
            $kept = $back->copy($opened ?? $file, $live);
        } catch (NotRestored $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        } finally {
            $opened === null || array_map(unlink(...), glob("{$opened}*") ?: []);
        }
        $this->line("Restored from {$this->argument('file')}".($kept === null ? '' : "; what stood before is in {$kept}"));

        return self::SUCCESS;
    }
}
