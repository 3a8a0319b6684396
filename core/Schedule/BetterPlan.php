<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/** A plan that costs less than the kept one though everybody whom it moves is paid their unrest. */
final readonly class BetterPlan
{
    /** A gain under this is not worth telling, weighted minutes (ours). */
    private const LEAST_GAIN_MIN = 5.0;

    /**
     * @param array<int|string, KeptPart> $places   by part: those that it moves
     * @param float                       $savesMin weighted, unrest taken off
     */
    private function __construct(public array $places, public float $savesMin)
    {
    }

    /**
     * The long search; null where it finds nothing better, or the kept plan does not stand.
     *
     * @param array<int|string, StepsAhead> $chains   by part
     * @param array<int|string, KeptPart>   $kept     by part
     * @param array<int|string, float>      $weights  by part, 1 where not named
     * @param (Closure(float): void)|null   $progress told the share that is done
     */
    public static function of(
        array $chains,
        array $kept,
        Crew $crew,
        float $nowMin,
        array $weights = [],
        Unrest $unrest = new Unrest(),
        ?int $effort = null,
        ?Closure $progress = null,
    ): ?self {
        $standing = StandingPlan::of($chains, $kept, $crew, $nowMin);
        if ($chains === [] || ! $standing->stands()) {
            return null;
        }
        $sheet = SheetChains::of($chains, $kept, $standing, $weights);
        $search = SheetChains::search($sheet, $crew, $nowMin, $unrest, $effort ?? RunSheetSearch::longEffort(count($sheet)), $progress);
        $known = $search->costAsItStands();
        $plan = $search->plan();
        if ($known === null || $plan->costMin > $known - self::LEAST_GAIN_MIN) {
            return null;
        }
        $places = [];
        foreach ($plan->placed as $id => $placed) {
            if (self::isOther($standing->parts[$id]->placed ?? [], $placed)) {
                $places[$id] = KeptPart::from($placed, $standing->parts[$id]->leniency);
            }
        }

        return $places === [] ? null : new self($places, $known - $plan->costMin);
    }

    /**
     * @param list<PlacedStep> $stands
     * @param list<PlacedStep> $placed
     */
    private static function isOther(array $stands, array $placed): bool
    {
        $where = fn (PlacedStep $p): array => [$p->startMin, $p->people, $p->way];

        return array_map($where, $stands) !== array_map($where, $placed);
    }
}
