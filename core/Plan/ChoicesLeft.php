<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\Choice\Choice;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Role;
use OakGloss\Method\Top;

/** The choices of a part's method that nothing done so far has settled. */
final class ChoicesLeft
{
    /** @return list<class-string<Choice<mixed>>> */
    public static function of(FinishPlan $plan): array
    {
        // Resin that is flatted for polish has no tooth for a clear.
        $toothless = $plan->brief->choices->of(TopKind::class) === Top::PolishResin && $plan->first(Role::LastFlat)?->isDone() === true;
        $noCoat = array_filter($plan->ahead(), fn (PlannedStep $s): bool => $s->step->layer?->builds === true) === [];
        $left = [];
        foreach ($plan->method->choices() as $choice => $settledBy) {
            $isOut = ($toothless && $choice::NEEDS_TOOTH) || ($noCoat && $choice::IS_OF_A_COAT);
            $left = $isOut || self::isSettled($plan, $settledBy) ? $left : [...$left, $choice];
        }

        return $left;
    }

    /** @param list<Role> $by of which one is done, or the resin flatting begun */
    private static function isSettled(FinishPlan $plan, array $by): bool
    {
        $done = array_filter($plan->steps, fn (PlannedStep $s): bool => in_array($s->step->role, $by, true) && $s->isDone());

        return $done !== [] || (in_array(Role::ResinFlat, $by, true) && ! ResinFlatting::isAhead($plan->log));
    }
}
