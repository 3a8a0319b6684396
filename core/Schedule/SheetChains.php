<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/** Parts of a kept plan as the chains that a shop sheet places. */
final class SheetChains
{
    /**
     * @param array<int|string, StepsAhead> $chains  by part
     * @param array<int|string, KeptPart>   $kept    by part
     * @param array<int|string, float>      $weights by part, 1 where not named
     *
     * @return list<Chain> in the order of the parts
     */
    public static function of(array $chains, array $kept, StandingPlan $standing, array $weights): array
    {
        $found = [];
        foreach ($chains as $id => $chain) {
            $part = $standing->parts[$id];
            $found[] = new Chain(
                (string) $id,
                // Whatever was let go may be had again by a part that is placed anew.
                $part->placed === null ? $chain->steps($standing->crew, Leniency::None) : $part->steps,
                $chain->air,
                $chain->anchor(),
                $weights[$id] ?? 1.0,
                $chain->plan->brief->neededByMin,
                $chain->lagMin(),
                isset($kept[$id]) ? $kept[$id]->starts() : [],
                $part->placed,
                $part->inHand,
            );
        }

        return $found;
    }

    /**
     * @param list<Chain> $sheet
     * @param int         $budget steps that may be placed in all
     * @param int|null    $parts  that share the shop, where these are not all
     */
    public static function placing(array $sheet, Crew $crew, float $nowMin, Unrest $unrest, int $budget, ?int $parts = null): Placing
    {
        [$from, $until] = self::span($sheet, $crew, $nowMin);

        return new Placing(
            $sheet,
            $crew,
            $from,
            $until,
            RunSheet::gridFor($parts ?? count($sheet)),
            PartSchedule::KEY_PENALTY_MIN,
            $unrest,
            $budget,
        );
    }

    /**
     * @param list<Chain>                 $sheet
     * @param (Closure(float): void)|null $progress told the share that is done
     */
    public static function search(
        array $sheet,
        Crew $crew,
        float $nowMin,
        Unrest $unrest,
        ?int $effort = null,
        ?Closure $progress = null,
    ): RunSheetSearch {
        [$from, $until] = self::span($sheet, $crew, $nowMin);

        return new RunSheetSearch(
            $sheet,
            $crew,
            $from,
            $until,
            RunSheet::gridFor(count($sheet)),
            PartSchedule::KEY_PENALTY_MIN,
            $effort,
            $progress,
            $unrest,
        );
    }

    /**
     * @param list<Chain> $sheet
     *
     * @return array{float, float}
     */
    private static function span(array $sheet, Crew $crew, float $nowMin): array
    {
        $from = floor($nowMin / PartSchedule::GRID_MIN) * PartSchedule::GRID_MIN;

        return [$from, $from + 1440.0 * RunSheet::days($sheet, $crew, $from)];
    }
}
