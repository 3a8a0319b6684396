<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Quantity\FilmThickness;

/** A step of the method with its quantities, its effect on the skin, and what was recorded of it. */
final readonly class PlannedStep
{
    /**
     * @param float           $handsMin  all hands-on minutes, sanding included
     * @param Batch|null      $batch     what to mix, what stays in cup and brush included
     * @param float|null      $laidGM2   what went or is to go on the part
     * @param float           $airC      air at the coat, recorded or expected
     * @param list<ZoneState> $zones     coated zones, once there is cloth on them
     * @param float|null      $doneAtMin null while it is ahead
     * @param list<int>       $passes    papers that are through on every zone
     */
    public function __construct(
        public Step $step,
        public float $handsMin,
        public ?Batch $batch = null,
        public ?float $laidGM2 = null,
        public float $airC = 20.0,
        public ?Ladder $ladder = null,
        public array $zones = [],
        public ?float $doneAtMin = null,
        public ?float $usedG = null,
        public array $passes = [],
        public bool $skipped = false,
        public ?SandingLog $sanding = null,
    ) {
    }

    public function isDone(): bool
    {
        return $this->doneAtMin !== null;
    }

    /** The show zone that burns through first when this step sands; null if it sands no resin. */
    public function worst(): ?ZoneState
    {
        $worst = null;
        foreach ($this->zones as $state) {
            if ($state->flatting !== null && $state->isShow() && ($worst === null || $state->risk() > $worst->risk())) {
                $worst = $state;
            }
        }

        return $worst;
    }

    /**
     * Where a key of thin cover goes through first: the show zone, and the share of it whose crowns the scratch reaches.
     *
     * @return array{ZoneState, float}|null null where nothing is keyed over the cloth
     */
    public function keyedThrough(): ?array
    {
        if ($this->step->kind !== StepKind::Key || $this->step->grits === null) {
            return null;
        }
        $scratch = $this->step->grits->driven->scratchUm(Grit::p($this->step->grits->to));
        $worst = null;
        foreach ($this->zones as $state) {
            $share = $state->riskOf(FilmThickness::fromMicrometres($state->crownCover($state->before)->inMicrometres() - $scratch));
            $worst = $state->isShow() && $share > ($worst[1] ?? -1.0) ? [$state, $share] : $worst;
        }

        return $worst;
    }

    /** The paper that is due next on a sanding step. */
    public function nextGrit(): ?int
    {
        if ($this->step->grits === null) {
            return null;
        }
        $done = $this->passes === [] ? 0 : max($this->passes);
        foreach ($this->ladder === null ? [$this->step->grits->to] : array_map(
            fn ($s): int => $s->grit->number,
            $this->ladder->steps,
        ) as $number) {
            if ($number > $done) {
                return $number;
            }
        }

        return null;
    }
}
