<?php

declare(strict_types=1);

namespace App\Devices;

/** A piece of what a scale wrote: not by lines, as it came. */
final readonly class ScaleText
{
    /**
     * @param int $from bytes written before it; more than was asked for where a piece is lost
     * @param int $next what to ask for the next time
     */
    public function __construct(public int $from, public int $next, public string $bytes)
    {
    }
}
