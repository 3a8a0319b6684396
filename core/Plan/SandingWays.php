<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Tool;

/** How else a flatting that nobody has begun may be driven, and from which paper; by machine where the shop has one, and faces for it. */
final class SandingWays
{
    /** Papers that a flatting may begin with instead of its own. */
    private const STARTS = [180, 240, 400, 600];

    private const MOST_STARTS = 2;

    /** @return list<SandingWay> the one that is planned among them */
    public static function of(FinishPlan $plan, PlannedStep $flat): array
    {
        [$ladder, $grits] = [$flat->ladder, $flat->step->grits];
        if ($ladder === null || $grits === null || ($flat->sanding->facts ?? []) !== []) {
            return [];
        }
        $finer = array_values(array_filter(self::STARTS, fn (int $p): bool => $p > $grits->from && $p < $grits->to));
        $ways = [];
        foreach (self::drives($plan) as $driven) {
            foreach (array_unique([$grits->from, ...array_slice($finer, 0, self::MOST_STARTS), $ladder->first()->number]) as $from) {
                $isCurrent = $driven === $ladder->method && $from === $ladder->first()->number;
                $found = $isCurrent ? $ladder : self::ladder($plan, $flat, $driven, $from);
                if ($found !== null) {
                    [$left, $risk] = self::left($flat, $found);
                    $ways[] = new SandingWay($driven, $from, $found, $left, $risk, Consumption::ofLadder($plan, $found), $isCurrent);
                }
            }
        }

        return $ways;
    }

    /** The machine in the place of the block, where it saves so many minutes; null where it does not, or is driven already. */
    public static function saved(FinishPlan $plan, PlannedStep $flat, float $leastMin): ?SandingWay
    {
        if ($flat->ladder === null || $flat->ladder->method === SandingMethod::Orbital || $flat->ladder->minutes <= $leastMin) {
            return null;
        }
        $best = null;
        foreach (self::of($plan, $flat) as $way) {
            if ($way->driven === SandingMethod::Orbital
                && $way->ladder->minutes < ($best->ladder->minutes ?? $flat->ladder->minutes - $leastMin)
                && ($way->risk ?? 0.0) <= max($plan->shop->targetBurnThrough, $flat->worst()?->risk() ?? 0.0)) {
                $best = $way;
            }
        }

        return $best;
    }

    /** @return list<SandingMethod> */
    private static function drives(FinishPlan $plan): array
    {
        return [SandingMethod::WetBlock, SandingMethod::DryBlock, ...(self::hasMachine($plan) ? [SandingMethod::Orbital] : [])];
    }

    /** Whether the shop has one, and the part a face for it. */
    public static function hasMachine(FinishPlan $plan): bool
    {
        return $plan->shop->has(Tool::Sander) && Machine::areaM2($plan->brief->coatedZones()) > 0.0;
    }

    private static function ladder(FinishPlan $plan, PlannedStep $flat, SandingMethod $driven, int $from): ?Ladder
    {
        $shelf = $plan->materials->papersFor($driven);

        return ! in_array($from, $shelf, true) ? null : Machine::ladder(
            $driven,
            $plan->brief->coatedZones(),
            $plan->brief->coatedAreaM2(),
            $shelf,
            $from,
            $flat->step->grits->to ?? $from,
            $flat->ladder->steps[0]->cutUm ?? 0.0,
        );
    }

    /** @return array{float|null, float|null} µm on the thinnest show face, and the greatest risk */
    private static function left(PlannedStep $flat, Ladder $ladder): array
    {
        [$left, $risk] = [null, null];
        foreach ($flat->zones as $state) {
            if ($state->isShow() && ! $state->zone->kind->isSandedByHand()) {
                $isBy = $ladder->method === SandingMethod::Orbital && Machine::reaches($state->zone);
                $driven = $state->cutWithin($isBy ? Machine::moreDoubtUm() : 0.0);
                $stays = $driven->leftBy((Machine::budget($ladder, $state->zone) ?? CutBudget::onFace($ladder))->allowanceUm());
                $left = min($left ?? INF, $stays->inMicrometres());
                $risk = max($risk ?? 0.0, $driven->riskOf($stays));
            }
        }

        return [$left, $risk];
    }
}
