<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\Choice;
use OakGloss\Method\Role;
use OakGloss\Method\Top;

/** The choices of a part's method that nothing done so far has settled. */
final class ChoicesLeft
{
    /** @return list<Choice> */
    public static function of(FinishPlan $plan): array
    {
        // Resin that is flatted for polish has no tooth for a clear.
        $toothless = $plan->brief->choices->top === Top::PolishResin && $plan->first(Role::LastFlat)?->isDone() === true;
        $left = [];
        foreach ($plan->method->choices() as [$choice, $settledBy]) {
            $needsTooth = $choice === Choice::Clear || $choice === Choice::Stripes;
            $left = self::isSettled($plan, $settledBy) || ($toothless && $needsTooth) ? $left : [...$left, $choice];
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
