<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\Stage;

/** A plan's steps in the stages of its method. A step that serves what comes next, such as a wipe, lies with that. */
final class Stages
{
    /**
     * @return list<array{stage: Stage, steps: list<PlannedStep>}> in the order of the work, each stage once
     */
    public static function of(FinishPlan $plan): array
    {
        $declared = $plan->method->stages();
        [$now, $of] = [0, []];
        foreach ($plan->steps as $i => $step) {
            $place = array_search($step->step->stage, $declared, true);
            // Never back: a wipe between two coats is of the stage that it stands in.
            $now = is_int($place) ? max($now, $place) : $now;
            $of[$now][] = $step;
        }
        $stages = [];
        foreach ($of as $place => $steps) {
            $stages[] = ['stage' => $declared[$place], 'steps' => $steps];
        }

        return $stages;
    }
}
