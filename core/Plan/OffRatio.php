<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Looked;
use OakGloss\Inspection\Look;

/** A coat that went on from a cup that was no mix: what is said of the part until a nail has tried it. */
final class OffRatio
{
    /** How far the hardener of a coat was off, as a share of what was asked for; null of one that was mixed as it should be. */
    public static function of(FinishPlan $plan, PlannedStep $coat): ?float
    {
        $on = $coat->isDone() && ! $coat->skipped ? $plan->log->last($coat->step->key, CoatOn::class) : null;

        return $on?->content->mixOff;
    }

    /** The newest such coat that nobody has tried since; null if there is none. */
    public static function standing(FinishPlan $plan): ?PlannedStep
    {
        foreach (array_reverse($plan->steps) as $step) {
            if (self::of($plan, $step) !== null) {
                return self::isTried($plan, $step) ? null : $step;
            }
        }

        return null;
    }

    private static function isTried(FinishPlan $plan, PlannedStep $coat): bool
    {
        return array_filter(
            $plan->log->all(Looked::class),
            fn (Fact $f): bool => $f->content->look === Look::Nail && $f->atMin >= ($coat->doneAtMin ?? INF),
        ) !== [];
    }
}
