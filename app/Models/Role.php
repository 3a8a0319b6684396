<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may do in the own shop. */
enum Role: string
{
    /** Everything. */
    case Owner = 'owner';
    /** Bench, weighing, parts, air and practice. */
    case Finisher = 'finisher';
    /** Reads. */
    case Viewer = 'viewer';

    public function works(): bool
    {
        return $this !== self::Viewer;
    }
}
