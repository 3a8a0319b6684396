<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\NightlyCopies;
use App\Backup\ShopCopy;
use App\Health\Notes;
use Illuminate\Console\Command;
use Symfony\Component\Process\Process;

/** A copy that was never put back is a hope: each week the newest is opened, counted, and a plan reckoned on it. */
final class TryBackup extends Command
{
    private const PATIENCE_S = 600;

    protected $signature = 'oak:try-backup';

    protected $description = 'Open the newest backup beside the shop, count it and reckon a plan on it';

    public function handle(Notes $notes): int
    {
        $folder = (string) config('oak.backups.folder').'/trial-'.getmypid();
        try {
            is_dir($folder) || mkdir($folder, 0700, true);
            $copy = NightlyCopies::configured()->opened("{$folder}/copy.sqlite");
            $ready = ShopCopy::prepared("{$folder}/copy.sqlite", "{$folder}/live.sqlite");
            // In a process of its own: nothing of this shop is in its memory, and nothing of the copy in this one's.
            $itself = ['DB_DATABASE' => $ready, 'CACHE_STORE' => 'array'];
            $trial = new Process([PHP_BINARY, base_path('artisan'), 'oak:look-at-copy'], base_path(), $itself, null, self::PATIENCE_S);
            $trial->mustRun();
            $said = trim($trial->getOutput());
            $notes->note(Notes::TRIAL, true, ['file' => basename($copy), 'said' => $said]);
            $this->line(basename($copy).": {$said}");

            return self::SUCCESS;
        } catch (\Exception $e) {
            $notes->note(Notes::TRIAL, false, ['why' => mb_substr($e->getMessage(), 0, 300)]);
            report($e);
            $this->error("The newest copy can't be put back: {$e->getMessage()}");

            return self::FAILURE;
        } finally {
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            @rmdir($folder);
        }
    }
}
