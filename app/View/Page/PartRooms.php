<?php

declare(strict_types=1);

namespace App\View\Page;

use OakGloss\Method\Methods;
use OakGloss\Method\Role;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** The pages of a part: those that its method has something to show on. */
final class PartRooms
{
    /** Whether resin lies, or comes to lie, over a weave. */
    public static function hasSkin(FinishPlan $plan): bool
    {
        return $plan->brief->film !== null
            || array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->layer?->builds === true) !== [];
    }

    /** @return list<string> */
    public static function of(FinishPlan $plan): array
    {
        $slots = Methods::slots($plan->method);
        $isSanded = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat) !== [];

        return [
            'show',
            ...(self::hasSkin($plan) ? ['film'] : []),
            ...($isSanded ? ['sand'] : []),
            ...(in_array(Slot::Clear, $slots, true) ? ['clear'] : []),
            'inspect',
            ...($plan->first(Role::SendOut) === null ? [] : ['dispatch']),
            'record',
            'money',
        ];
    }
}
