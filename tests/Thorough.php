<?php

declare(strict_types=1);

namespace Tests;

/** How much of a long suite is run: a fixed eighth of it each time, all of it and what the day's seed adds with `./oak test --long`. */
final class Thorough
{
    private const SHARE = 8;

    public static function isLong(): bool
    {
        return getenv('OAK_LONG') === '1';
    }

    /** So many of all, or an eighth. */
    public static function count(int $all): int
    {
        return self::isLong() ? $all : max(1, intdiv($all, self::SHARE));
    }

    /**
     * Seeds from 1: an eighth, or all and an eighth more that no other day's run has had.
     *
     * @return list<int>
     */
    public static function seeds(int $all): array
    {
        $seeds = range(1, self::count($all));
        if (self::isLong()) {
            mt_srand((int) (getenv('OAK_SEED') ?: throw new \LogicException('a long run has a seed, OAK_SEED')));
            foreach (range(1, max(1, intdiv($all, self::SHARE))) as $n) {
                $seeds[] = mt_rand($all + 1, 1_000_000);
            }
        }

        return $seeds;
    }

    /**
     * All cases, or the first of every eight.
     *
     * @template K
     * @template T
     *
     * @param iterable<K, T> $all
     *
     * @return iterable<K, T>
     */
    public static function cases(iterable $all): iterable
    {
        $n = 0;
        foreach ($all as $name => $case) {
            if (self::isLong() || $n++ % self::SHARE === 0) {
                yield $name => $case;
            }
        }
    }
}
