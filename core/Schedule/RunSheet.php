<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/** All open parts of a shop on the clock together: one sheet over the chains of their plans. */
final class RunSheet
{
    /** Points of the grid for shops of up to so many parts, minutes. */
    private const GRIDS = [3 => 5.0, 8 => 10.0, PHP_INT_MAX => 15.0];

    private const SHORTEST_DAYS = 16;
    private const LONGEST_DAYS = 60;

    /**
     * @param array<int|string, StepsAhead> $chains   by part
     * @param array<int|string, float>      $weights  by part, 1 where not named
     * @param (Closure(float): void)|null   $progress told the share that is done
     *
     * @return array<int|string, array{placed: list<PlacedStep>|null, leniency: Leniency}> by part
     */
    public static function of(array $chains, Crew $crew, float $nowMin, array $weights = [], ?Closure $progress = null): array
    {
        $from = floor($nowMin / PartSchedule::GRID_MIN) * PartSchedule::GRID_MIN;
        $grid = self::gridFor(count($chains));
        $found = $sheetChains = [];
        foreach ($chains as $id => $chain) {
            $leniency = $chain->plan->ahead() === [] ? null : self::leastLeniency($chain, $crew, $from, $grid);
            $found[$id] = ['placed' => $chain->plan->ahead() === [] ? [] : null, 'leniency' => $leniency ?? Leniency::None];
            $steps = $leniency === null ? [] : $chain->steps($crew, $leniency);
            if ($steps !== []) {
                $sheetChains[] = new Chain(
                    (string) $id,
                    $steps,
                    $chain->air,
                    $chain->anchor(),
                    $weights[$id] ?? 1.0,
                    $chain->plan->brief->neededByMin,
                    $chain->lagMin(),
                );
            }
        }
        $until = $from + 1440.0 * self::days($sheetChains, $crew, $from);
        $plan = (new RunSheetSearch(
            $sheetChains,
            $crew,
            $from,
            $until,
            $grid,
            PartSchedule::KEY_PENALTY_MIN,
            RunSheetSearch::firstEffort(count($sheetChains)),
            $progress,
        ))->plan();
        foreach ($plan->placed as $id => $placed) {
            $found[$id] = ['placed' => $placed, 'leniency' => $found[$id]['leniency'] ?? Leniency::None];
        }
        foreach ($plan->without as $id) {
            $found[$id] = self::inWhatIsLeft($chains[$id], array_column($found, 'placed'), $crew, $grid) ?? $found[$id];
        }

        return $found;
    }

    /**
     * A part that the others left no place as it wants it: what it must be let go to have one at all.
     *
     * @param list<list<PlacedStep>|null> $others
     *
     * @return array{placed: list<PlacedStep>, leniency: Leniency}|null
     */
    private static function inWhatIsLeft(StepsAhead $chain, array $others, Crew $crew, float $grid): ?array
    {
        $free = Diary::of($crew);
        foreach ($others as $placed) {
            $free = $free->with($placed ?? []);
        }
        $schedule = PartSchedule::within($chain, $free, $grid);

        return $schedule->steps() === [] ? null : ['placed' => $schedule->steps(), 'leniency' => $schedule->leniency];
    }

    public static function gridFor(int $parts): float
    {
        foreach (self::GRIDS as $most => $grid) {
            if ($parts <= $most) {
                return $grid;
            }
        }

        return 15.0;
    }

    /** The least that a part must be let go to have a place at all; null if nothing helps. */
    private static function leastLeniency(StepsAhead $chain, Crew $crew, float $from, float $grid): ?Leniency
    {
        $free = Diary::of($crew);
        foreach (array_filter(Leniency::cases(), fn (Leniency $l): bool => $chain->findsAir($free, $l)) as $leniency) {
            foreach ([8, self::LONGEST_DAYS] as $days) {
                if ((new PartPlacer(
                    $chain->air,
                    $free,
                    $from,
                    $from + $days * 1440.0,
                    $grid,
                    0.0,
                    $chain->ages(),
                ))->place($chain->steps($crew, $leniency), $chain->anchor()) !== null) {
                    return $leniency;
                }
            }
        }

        return null;
    }

    /** @param list<Chain> $chains */
    public static function days(array $chains, Crew $crew, float $from): int
    {
        $hands = array_sum(array_map(fn (Chain $c): float => $c->handsMin(), $chains));
        $aWeek = 0.0;
        foreach ($crew->people as $work) {
            foreach ($work->windows as [$open, $close]) {
                $aWeek += max(0.0, min($close, $from + 10080.0) - max($open, $from));
            }
        }

        return (int) max(self::SHORTEST_DAYS, min(self::LONGEST_DAYS, ceil(10.0 + 1.6 * 7.0 * $hands / max(60.0, $aWeek))));
    }
}
