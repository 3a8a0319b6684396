<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;

/**
 * How long a wipe is good for: after it dust and breath have been there. What goes on a hard surface is begun within that,
 * or wiped once more. Over a coat in its tack, wet on wet, over wax or release film nobody wipes, and nothing asks for it.
 */
final class FreshWipe
{
    /** However much is taped in between: it may still be begun, min (ours). */
    private const LEAST_MIN = 5.0;

    /** What is done on a wiped surface before anything goes on it. */
    private const BETWEEN = [Role::MaskFaces, Role::MaskLine, Role::CutPlies, Role::FlashOff, Role::Veil];

    /** Tape, primer, paste and the like want what a coat wants. */
    private const WANTS = [
        Role::MaskFaces, Role::MaskWide, Role::MaskLine, Role::Adhesive, Role::Prime, Role::BodyFill, Role::Surface, Role::Join, Role::Bond,
    ];

    /** So long after the step before it a step may begin without another wipe, minutes; null where no wipe serves it. */
    public static function limit(FinishPlan $plan, PlannedStep $step): ?float
    {
        $wipe = self::wipeOf($plan, $step);
        if ($wipe === null) {
            return null;
        }
        $between = 0.0;
        foreach ($plan->steps as $before) {
            if ($before === $step) {
                break;
            }
            $between = $before === $wipe ? 0.0 : $between + $before->handsMin;
        }

        return max($step->step->follow->leastMin + self::LEAST_MIN, $plan->shop->wipeHoldsMin - $between);
    }

    /** Whether the wipe that was to serve a step is too old by a minute. */
    public static function isStale(FinishPlan $plan, PlannedStep $step, float $atMin): bool
    {
        $wiped = self::wipeOf($plan, $step)?->doneAtMin;

        return $wiped !== null && is_finite($wiped) && $atMin - $wiped > $plan->shop->wipeHoldsMin;
    }

    /** Hands for it, min. */
    public static function handsMin(FinishPlan $plan): float
    {
        return $plan->shop->pace->wiping($plan->brief->coatedAreaM2());
    }

    /** The wipe that a step goes on; null where it is none that wants one, or something else lies between. */
    private static function wipeOf(FinishPlan $plan, PlannedStep $step): ?PlannedStep
    {
        $kind = $step->step->kind;
        $wants = in_array($step->step->role, self::WANTS, true)
            || (in_array($kind, [StepKind::Coat, StepKind::Spray], true) && $step->step->role !== Role::Stripe);
        if (! $wants || $step->step->follow->kind !== FollowKind::Minutes) {
            return null;
        }
        $at = (int) array_search($step, $plan->steps, true);
        for ($i = $at - 1; $i >= 0; $i--) {
            $before = $plan->steps[$i];
            if (in_array($before->step->role, [Role::Wipe, Role::TackRag], true)) {
                return $before;
            }
            if (! in_array($before->step->role, self::BETWEEN, true)) {
                return null;
            }
        }

        return null;
    }
}
