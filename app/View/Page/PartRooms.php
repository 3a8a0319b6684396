<?php

declare(strict_types=1);

namespace App\View\Page;

use OakGloss\Method\Methods;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** The pages of a part: those that its method has something to show on. */
final class PartRooms
{
    /** @return list<string> */
    public static function of(FinishPlan $plan): array
    {
        $slots = Methods::slots($plan->method);
        $isSanded = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat) !== [];

        return [
            'show',
            ...($plan->method->startsFrom() === Start::Plate ? [] : ['film']),
            ...($isSanded ? ['sand'] : []),
            ...(in_array(Slot::Clear, $slots, true) ? ['clear'] : []),
            'record',
        ];
    }
}
