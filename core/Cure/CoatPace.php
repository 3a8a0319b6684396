<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/**
 * One coat's own pace from what was touched: the factor nearest to 1 that fits every touch. What a hand felt
 * stands above what a curve expects; where touches contradict each other the later one holds.
 */
final class CoatPace
{
    private const SLOWEST = 5.0;
    private const FASTEST = 0.2;

    /** @param list<array{Touch, float}> $touches each with the coat's thermal age in minutes, in the order of time */
    public static function fitting(array $touches, Kinetics $kinetics): float
    {
        $from = self::FASTEST;
        $until = self::SLOWEST;
        foreach (array_reverse($touches) as [$touch, $age]) {
            [$low, $high] = $touch->paceRange($age, $kinetics);
            if (max($from, $low) <= min($until, $high)) {
                $from = max($from, $low);
                $until = min($until, $high);
            }
        }

        return max($from, min($until, 1.0));
    }
}
