<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use OakGloss\Method\StepKind;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Finding;
use OakGloss\Schedule\NextAct;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\PrintGate;

/** A part with its plan as it stands now. */
final readonly class PlannedPart
{
    public function __construct(
        public Part $part,
        public FinishPlan $plan,
        public PartSchedule $schedule,
        public ShopFloor $floor,
        public ?NextAct $next,
    ) {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $print = $this->print();

        return [...$this->plan->findings, ...$this->schedule->findings(), ...($print === null || $print['waitUntilMin'] === null || $this->plan->brief->finish !== Finish::Gloss ? [] : [PrintGate::finding($print)])];
    }

    /**
     * How far the weave prints back through the last flatting of the resin, when that is planned.
     *
     * @return array{step: PlannedStep, at: float, depthUm: float, waitUntilMin: float|null}|null
     */
    public function print(): ?array
    {
        $last = null;
        $planned = [];
        foreach ($this->plan->ahead() as $step) {
            $slot = $this->schedule->slot($step->step->key);
            $planned += $slot === null ? [] : [$step->step->key => $slot->endMin];
            $last = $step->step->kind === StepKind::Flat && $step->step->grits?->inClear === false ? $step : $last;
        }
        $at = $last === null ? null : $this->schedule->slot($last->step->key)?->startMin;

        return $last === null || $at === null ? null : PrintGate::of($this->schedule->chain, $last, $at, $planned);
    }
}
