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
        return self::within(array_map(fn (array $t): array => $t[0]->paceRange($t[1], $kinetics), $touches));
    }

    /** @param list<array{float, float}> $ranges of the factor that each check allows, in the order of time */
    public static function within(array $ranges): float
    {
        $from = self::FASTEST;
        $until = self::SLOWEST;
        foreach (array_reverse($ranges) as [$low, $high]) {
            if (max($from, $low) <= min($until, $high)) {
                $from = max($from, $low);
                $until = min($until, $high);
            }
        }

        return max($from, min($until, 1.0));
    }

    /**
     * What a paper tried on the coat allows: it dusts from `sandable` on, before it clogs.
     *
     * @return array{float, float}
     */
    public static function paperRange(bool $dusts, float $age, Kinetics $kinetics): array
    {
        $sandable = $age / $kinetics->age(Milestone::Sandable);

        return $dusts ? [0.0, $sandable / Touch::BEYOND] : [$sandable * Touch::BEYOND, INF];
    }
}
