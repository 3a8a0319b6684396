<?php

declare(strict_types=1);

namespace App\Cache;

use Closure;
use Illuminate\Cache\FileStore;

/** A cache in files that may fail: on a full disk nothing is kept, and every page still reads. */
final class CarefulFileStore extends FileStore
{
    /**
     * @param string $key
     * @param mixed  $value
     * @param int    $seconds
     */
    public function put($key, $value, $seconds): bool
    {
        return self::tried(fn (): bool => parent::put($key, $value, $seconds), fn () => parent::forget($key));
    }

    /**
     * @param string $key
     * @param mixed  $value
     * @param int    $seconds
     */
    public function add($key, $value, $seconds): bool
    {
        return self::tried(fn (): bool => parent::add($key, $value, $seconds), fn () => parent::forget($key));
    }

    /** @param Closure(): bool $write */
    private static function tried(Closure $write, Closure $forget): bool
    {
        try {
            return $write();
        } catch (\ErrorException) {
            // Half of it may stand there.
            rescue($forget, report: false);

            return false;
        }
    }
}
