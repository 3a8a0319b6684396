<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\Choice;
use OakGloss\Method\Role;
use OakGloss\Method\Top;

/** The choices of a part's method that nothing done so far has settled. */
final class ChoicesLeft
{
    /** What says how a coat over the weave goes on: nothing to choose where none is ahead. */
    private const OF_A_COAT = [Choice::BuildWeight, Choice::Turned, Choice::Tilted];

    /** @return list<Choice> */
    public static function of(FinishPlan $plan): array
    {
        // Resin that is flatted for polish has no tooth for a clear.
        $toothless = $plan->brief->choices->top === Top::PolishResin && $plan->first(Role::LastFlat)?->isDone() === true;
        $noCoat = array_filter($plan->ahead(), fn (PlannedStep $s): bool => $s->step->layer?->builds === true) === [];
        $left = [];
        foreach ($plan->method->choices() as [$choice, $settledBy]) {
            $needsTooth = $choice === Choice::Clear || $choice === Choice::Stripes;
            $needsCoat = in_array($choice, self::OF_A_COAT, true);
            $isOut = ($toothless && $needsTooth) || ($noCoat && $needsCoat);
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
