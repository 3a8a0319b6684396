<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Acts\PressLog;
use Illuminate\Console\Command;
use Symfony\Component\Finder\Finder;

/** The marks of old presses go, and of the file cache, which drops nothing by itself, what has expired and the oldest beyond its bound. */
final class Prune extends Command
{
    private const MOST_BYTES = 256 * 1024 * 1024;

    protected $signature = 'oak:prune';

    protected $description = 'Drop the marks of old presses, and what has expired from the cache';

    public function handle(): int
    {
        $this->line(PressLog::prune().' old marks dropped');
        $directory = (string) config('cache.stores.file.path', storage_path('framework/cache/data'));
        if (! is_dir($directory)) {
            return self::SUCCESS;
        }
        [$dropped, $left] = [0, 0];
        // The newest first: what stays is what was used last.
        foreach ((new Finder())->files()->in($directory)->sortByModifiedTime()->reverseSorting() as $file) {
            $expires = (int) @file_get_contents($file->getPathname(), false, null, 0, 10);
            $left += (int) $file->getSize();
            if ($expires < time() || $left > self::MOST_BYTES) {
                $left -= (int) $file->getSize();
                $dropped += (int) @unlink($file->getPathname());
            }
        }
        $this->line("{$dropped} entries dropped, ".round($left / 1048576, 1).' MB left');

        return self::SUCCESS;
    }
}
