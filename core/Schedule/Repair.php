<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * Mends a kept plan where it broke: what holds stays, what is broken is placed into what that leaves free, as much of it
 * as can where it was; and others give way where that is worth their unrest.
 */
final class Repair
{
    /** Steps placed in all placements together after which nobody is asked any more: as many as an act can wait for. */
    private const EFFORT = 300;

    /**
     * @param array<int|string, StepsAhead> $chains  by part
     * @param array<int|string, KeptPart>   $kept    by part
     * @param array<int|string, float>      $weights by part, 1 where not named
     * @param list<int|string>              $touched parts about which something was decided: they may better themselves
     *
     * @return array<int|string, KeptPart> by part; without one that has no way at all
     */
    public static function of(
        array $chains,
        array $kept,
        StandingPlan $standing,
        Crew $crew,
        float $nowMin,
        array $weights = [],
        Unrest $unrest = new Unrest(),
        array $touched = [],
    ): array {
        $ids = array_keys($chains);
        $sheet = SheetChains::of($chains, $kept, $standing, $weights);
        $placing = SheetChains::placing($sheet, $crew, $nowMin, $unrest, self::EFFORT);
        $plan = [];
        $anew = [];
        foreach ($ids as $i => $id) {
            $isToPlace = $standing->parts[$id]->placed === null || in_array($id, $touched, true);
            $plan[$i] = $isToPlace ? null : $standing->parts[$id]->placed;
            $anew = $isToPlace ? [...$anew, $i] : $anew;
        }
        $first = fn (int $i): float => min([INF, ...array_values($sheet[$i]->kept)]);
        usort(
            $anew,
            fn (int $a, int $b): int => [$placing->chains[$a]->cannotWait(), $first($a), $a]
                <=> [$placing->chains[$b]->cannotWait(), $first($b), $b],
        );
        foreach ($anew as $i) {
            $plan[$i] = self::placed($placing, $i, $placing->diaries->without($plan, $i));
        }
        if ($anew !== []) {
            $plan = (new Displacement($placing))->improved($plan, $anew);
        }
        $found = [];
        foreach ($ids as $i => $id) {
            $part = $plan[$i] !== null
                ? KeptPart::from($plan[$i], self::leniencyOf($standing->parts[$id]))
                : self::leniently($chains[$id], $placing->diaries->without($plan, $i), $placing->gridMin);
            if ($part !== null) {
                $found[$id] = $part;
                $plan[$i] ??= self::asPlaced($part);
            }
        }

        return $found;
    }

    /**
     * One part with other steps or facts than it has, where all others stay; null if it has no way at all.
     *
     * @param KeptPart|null $kept as it is told now
     * @param int           $of   parts that share the shop
     *
     * @return array{placed: list<PlacedStep>, leniency: Leniency}|null
     */
    public static function ofOne(StepsAhead $chain, ?KeptPart $kept, Diary $free, int $of, Unrest $unrest = new Unrest()): ?array
    {
        $were = $kept === null ? [] : [$kept];
        $standing = StandingPlan::of([$chain], $were, $free->crew, $chain->nowMin);
        $sheet = SheetChains::of([$chain], $were, $standing, []);
        $placing = SheetChains::placing($sheet, $free->crew, $chain->nowMin, $unrest, self::EFFORT, $of);
        $placed = self::placed($placing, 0, $sheet[0]->inHand === null ? $free : $free->with([$sheet[0]->inHand]));
        if ($placed !== null) {
            return ['placed' => $placed, 'leniency' => self::leniencyOf($standing->parts[0])];
        }
        $schedule = PartSchedule::within($chain, $free, RunSheet::gridFor($of));

        return $schedule->steps() === [] ? null : ['placed' => $schedule->steps(), 'leniency' => $schedule->leniency];
    }

    /** @return list<PlacedStep>|null the cheapest of: as it stands, its end as it was, all of it anew */
    private static function placed(Placing $placing, int $i, Diary $diary): ?array
    {
        $anew = $placing->place($i, $diary);
        $late = $placing->chains[$i]->kept === [] || $anew === null ? null : $placing->stayFrom($i, $diary);

        return $late !== null && $placing->costs->of($i, $late) <= $placing->costs->of($i, $anew) ? $late : $anew;
    }

    /** What was let go of a part that stands; one that is placed anew has to be let go nothing so far. */
    private static function leniencyOf(StandingPart $part): Leniency
    {
        return $part->placed === null ? Leniency::None : $part->leniency;
    }

    /** What it must be let go to have a place at all. */
    private static function leniently(StepsAhead $chain, Diary $free, float $gridMin): ?KeptPart
    {
        $schedule = PartSchedule::within($chain, $free, $gridMin);

        return $schedule->steps() === [] ? null : KeptPart::from($schedule->steps(), $schedule->leniency);
    }

    /** @return list<PlacedStep> */
    private static function asPlaced(KeptPart $part): array
    {
        return array_values(array_map(
            fn (KeptStep $s): PlacedStep => new PlacedStep(
                new RunStep($s->id, 0.0, uses: $s->uses),
                $s->startMin,
                $s->endMin,
                $s->way,
                $s->people,
            ),
            $part->steps,
        ));
    }
}
