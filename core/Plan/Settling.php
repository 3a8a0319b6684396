<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\Milestone;
use OakGloss\Film\PrintThrough;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Materials;
use OakGloss\Method\StepKind;

/** How old the newest resin must be until what is still to shrink prints no weave back that a lamp shows. */
final class Settling
{
    /**
     * Thermal age of the newest coat under the last flatting of the resin, min at its reference temperature; 0 where no
     * coat is ahead of one. Each coat is taken to be as much older than the next one as it must be at least.
     *
     * @param list<PlannedStep> $steps
     */
    public static function age(array $steps, Materials $materials): float
    {
        $resin = $materials->skinResin;
        [$age, $laid, $filled] = [0.0, [], []];
        foreach (self::untilLastFlatting($steps) as $step) {
            $age += match ($step->step->follow->kind) {
                FollowKind::Tacky => $resin->kinetics->age(Milestone::TackFrom),
                FollowKind::Sandable, FollowKind::Settled => $resin->kinetics->age(Milestone::Sandable),
                FollowKind::Set => $resin->kinetics->age(Milestone::TackUntil),
                FollowKind::Cured => $resin->kinetics->age(Milestone::Full),
                FollowKind::Minutes => 0.0,
            };
            if ($step->step->kind !== StepKind::Coat || $step->skipped || $step->step->layer?->builds !== true) {
                continue;
            }
            $laid[] = $age;
            foreach ($step->zones as $i => $state) {
                // On a flat face a coat is as thick over a valley as over a crown.
                $filled[$i][] = $state->before->flat ? 0.0 : $state->before->textureUm - $state->after->textureUm;
            }
        }
        $last = $laid === [] ? 0.0 : $laid[count($laid) - 1];
        $most = 0.0;
        foreach ($filled as $of) {
            $coats = array_map(fn (float $um, int $k): array => [$um, $last - $laid[$k]], $of, array_keys($of));
            $most = max($most, PrintThrough::waitAge($coats, $resin->rheology->shrinkage, $resin->kinetics->age(Milestone::Full)));
        }

        return $most;
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<PlannedStep>
     */
    private static function untilLastFlatting(array $steps): array
    {
        $end = 0;
        foreach ($steps as $i => $step) {
            $end = $step->step->kind === StepKind::Flat && $step->step->grits?->inClear === false ? $i : $end;
        }

        return array_slice($steps, 0, $end);
    }
}
