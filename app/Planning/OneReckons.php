<?php

declare(strict_types=1);

namespace App\Planning;

use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What many pages need at once after a write is reckoned by the first that asks; the others wait for what it found. An act,
 * which holds the write lock, waits for nobody.
 */
final class OneReckons
{
    /** Locks are shared by figures: so many files. */
    private const LOCKS = 64;

    /** Longer nobody waits: then it is reckoned twice, seconds. */
    private const PATIENCE_S = 20.0;

    private const ASKS_EVERY_US = 4000;

    /** Who reckons one figure may need another for it, and holds one lock at a time. */
    private static bool $holds = false;

    /**
     * @template T
     *
     * @param Closure(): T $reckon
     *
     * @return T
     */
    public static function remember(string $key, int $seconds, Closure $reckon): mixed
    {
        return self::once($key, fn (): mixed => Cache::get($key), function () use ($key, $seconds, $reckon): mixed {
            $found = $reckon();
            Cache::put($key, $found, $seconds);

            return $found;
        });
    }

    /**
     * @template T
     *
     * @param Closure(): (T|null) $find   what is kept already
     * @param Closure(): T        $reckon and keeps it
     *
     * @return T
     */
    public static function once(string $name, Closure $find, Closure $reckon): mixed
    {
        $found = $find();
        if ($found !== null || self::$holds || DB::transactionLevel() > 0) {
            return $found ?? $reckon();
        }
        $lock = self::lock($name);
        self::$holds = $lock !== null;
        try {
            return $find() ?? $reckon();
        } finally {
            self::$holds = false;
            if ($lock !== null) {
                fclose($lock);
            }
        }
    }

    /** @return resource|null */
    private static function lock(string $name): mixed
    {
        $directory = storage_path('framework/cache');
        $file = is_writable($directory) ? @fopen($directory.'/reckon-'.crc32($name) % self::LOCKS.'.lock', 'c') : false;
        if ($file === false) {
            return null;
        }
        $until = microtime(true) + self::PATIENCE_S;
        while (! flock($file, LOCK_EX | LOCK_NB)) {
            if (microtime(true) > $until) {
                fclose($file);

                return null;
            }
            usleep(self::ASKS_EVERY_US);
        }

        return $file;
    }
}
