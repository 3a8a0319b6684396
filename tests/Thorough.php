<?php

declare(strict_types=1);

namespace Tests;

/** How much of a long suite is run: a part of it each time, all of it with `./oak test --long`. */
final class Thorough
{
    public static function isLong(): bool
    {
        return getenv('OAK_LONG') === '1';
    }

    /** @return iterable<int> from 1: all of them, or a fifth */
    public static function seeds(int $all): iterable
    {
        return range(1, self::isLong() ? $all : max(1, intdiv($all, 5)));
    }
}
