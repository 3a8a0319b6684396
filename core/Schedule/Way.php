<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** How a step follows the one before. */
enum Way: string
{
    case First = 'first';
    /** After minutes on the clock. */
    case Timed = 'timed';
    /** On a coat that still bonds. */
    case Bonded = 'bonded';
    /** On a coat that had to cure. */
    case Cured = 'cured';
    /** On a coat past bonding, after a key. */
    case Keyed = 'keyed';
    /** On a surface whose wipe is too old, after another. */
    case Wiped = 'wiped';

    /** Of a step that is not keyed; unbound where nothing was done before. */
    public static function after(?Gap $gap, bool $isUnbound): self
    {
        return match (true) {
            $isUnbound || $gap === null => self::First,
            $gap->clock === null => self::Timed,
            $gap->isBond() => self::Bonded,
            default => self::Cured,
        };
    }
}
