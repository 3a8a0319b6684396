<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** How the scale before this device is read: set to nothing between the jars, or through all of them. Remembered by the device. */
enum Tare: string
{
    case Between = 'tared';
    case Through = 'through';

    public const COOKIE = 'oak_tare';

    public static function of(Request $request): self
    {
        $kept = $request->cookie(self::COOKIE);

        return self::tryFrom(is_string($kept) ? $kept : '') ?? self::Between;
    }

    public function other(): self
    {
        return $this === self::Between ? self::Through : self::Between;
    }
}
