<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Fact\Kind\Found;
use OakGloss\Film\Coat;
use OakGloss\Geometry\Zone;
use OakGloss\Inspection\Lies;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\CoatClocks;

/** Where a defect lies: its zone, the coat that it lies in, the one below, and the flatting since. */
final class DefectSite
{
    public readonly ?Zone $zone;

    /** The coat that it lies in. */
    public readonly ?PlannedStep $coat;

    /** The coat below that one. */
    public readonly ?PlannedStep $below;

    /** The last flatting of the place, or the one under way. */
    public readonly ?PlannedStep $flat;

    /** @param float $atMin when it was found */
    public function __construct(
        public readonly FinishPlan $plan,
        public readonly CoatClocks $clocks,
        public readonly Found $found,
        public readonly float $atMin,
    ) {
        $zone = null;
        foreach ($plan->brief->zones as $candidate) {
            $zone = $candidate->name === $found->zone ? $candidate : $zone;
        }
        $this->zone = $zone;
        $done = array_values(array_filter(
            $plan->steps,
            fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped && $s->doneAtMin <= $atMin + 1e-6,
        ));
        $lies = $found->defect->lies();
        $coats = array_values(array_filter($done, fn (PlannedStep $s): bool => match ($lies) {
            Lies::InClear => $s->step->kind === StepKind::Spray,
            Lies::InCloth => $s->step->role->isByCloth() && $s->step->role->isOverWeave() || $s->step->role->isPly(),
            Lies::InResin, Lies::OnForm => $s->step->layer?->builds === true && $this->isHere($s),
        }));
        $this->coat = $coats === [] ? null : $coats[count($coats) - 1];
        $under = array_values(array_filter($done, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Coat
            && $this->coat !== null && $s !== $this->coat && $s->doneAtMin <= $this->coat->doneAtMin));
        $this->below = $under === [] ? null : $under[count($under) - 1];
        $flats = array_values(array_filter(
            $done,
            fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat && $s->step->grits?->isOver($found->zone) === true,
        ));
        $this->flat = $flats === [] ? $this->underWay($plan) : $flats[count($flats) - 1];
    }

    private function isHere(PlannedStep $coat): bool
    {
        $only = $coat->step->layer?->only;

        return $only === null || in_array($this->found->zone, $only, true);
    }

    /** A flatting that is begun and not through. */
    private function underWay(FinishPlan $plan): ?PlannedStep
    {
        $next = $plan->next();

        return $next?->step->kind === StepKind::Flat && ($next->sanding->facts ?? []) !== [] ? $next : null;
    }

}
