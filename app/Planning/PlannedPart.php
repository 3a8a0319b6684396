<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\Finding;
use OakGloss\Schedule\NextAct;
use OakGloss\Schedule\PartSchedule;

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
        return [...$this->plan->findings, ...$this->schedule->findings()];
    }
}
