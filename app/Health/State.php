<?php

declare(strict_types=1);

namespace App\Health;

/** How something is. */
enum State: string
{
    case Good = 'good';
    /** Not known yet, or not done here. */
    case Open = 'open';
    case Warn = 'warn';
    case Bad = 'bad';

    /** Whether an owner is told of it on the bench. */
    public function isTold(): bool
    {
        return $this === self::Warn || $this === self::Bad;
    }
}
