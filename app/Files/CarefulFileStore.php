<?php

declare(strict_types=1);

namespace App\Files;

use Closure;
use Illuminate\Cache\FileStore;

/**
 * A cache in files that may fail: on a full disk nothing is kept, of what other code wrote nothing is known, and every page
 * still reads.
 */
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

    /** @param string $value */
    protected function unserialize($value): mixed
    {
        try {
            return parent::unserialize($value);
        } catch (\Throwable) {
            // Its classes have changed since.
            return null;
        }
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
