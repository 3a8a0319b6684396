<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\NotRestored;
use App\Backup\PutBack;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'oak:restore {file}';

    protected $description = 'Put a copy of the shop\'s data back; the data before is kept beside it';

    public function handle(PutBack $back): int
    {
        try {
            $kept = $back->copy((string) $this->argument('file'), (string) config('database.connections.sqlite.database'));
        } catch (NotRestored $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line("Restored from {$this->argument('file')}".($kept === null ? '' : "; what stood before is in {$kept}"));

        return self::SUCCESS;
    }
}
