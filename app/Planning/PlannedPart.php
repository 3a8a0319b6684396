<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\Resin;
use App\Shelf\FromShelf;
use App\Shelf\UnreadableSheet;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Optics\Finish;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\AirGates;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\MixAhead;
use OakGloss\Schedule\NextAct;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\PrintGate;
use OakGloss\Schedule\StepTime;

/** A part with its plan as it stands now. */
final readonly class PlannedPart
{
    /** A base is called slower where its window is so many times the hands of base and lay (ours). */
    private const WINDOW_OVER_HANDS = 1.2;
    /** Nobody is late before this, minutes (ours). */
    private const PUNCTUAL_MIN = 5.0;
    /** One round of the gun with its care, for how long the air must stay fit for a clear, minutes (ours). */
    private const SPRAY_ROUND_MIN = 30.0;

    public function __construct(
        public Part $part,
        public FinishPlan $plan,
        public PartSchedule $schedule,
        public ShopFloor $floor,
        public ?NextAct $next,
    ) {
    }

    public static function by(Part $part, PartSchedule $schedule, ShopFloor $floor): self
    {
        return new self($part, $schedule->chain->plan, $schedule, $floor, $schedule->next());
    }

    /** Where the run sheet has what is next. */
    public function slot(): ?StepTime
    {
        return $this->next === null ? null : $this->schedule->slot($this->next->step->step->key);
    }

    /** Whether a step is next and the window before it was missed. */
    public function hasMissed(PlannedStep $step): bool
    {
        return $this->next?->step === $step && in_array($this->next->state, [ActState::MissedWait, ActState::KeyFirst], true);
    }

    /** When the run sheet had what is next begin, if that is past. */
    public function wasToBegin(): ?float
    {
        $start = $this->slot()?->startMin;

        return $start !== null && $start < $this->floor->nowMin - self::PUNCTUAL_MIN ? $start : null;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $print = $this->printShown();

        return [
            ...$this->plan->findings,
            ...array_map($this->withSlowerBases(...), $this->schedule->findings()),
            ...($print === null ? [] : [PrintGate::finding($print)]),
        ];
    }

    /** What a mix of the next coat, begun now, commits hands to; null where nothing has to go into its window. */
    public function mixAhead(): ?MixAhead
    {
        $coat = $this->next?->step;

        if ($coat?->batch === null) {
            return null;
        }
        // A start that the run sheet has at this very moment is the one that its windows go by.
        $planned = $this->schedule->slot($coat->step->key)->startMin ?? INF;
        $start = abs($planned - $this->floor->nowMin) < PartSchedule::GRID_MIN ? $planned : $this->floor->nowMin;

        return MixAhead::of(
            $this->schedule->chain,
            $coat,
            $start,
            Diary::of($this->floor->crew),
            ($this->next->window?->closes->expectedMin ?? INF) - $coat->handsMin,
        );
    }

    /** @return list<Finding> what the air as it is now says of a coat */
    public function gates(PlannedStep $coat): array
    {
        return AirGates::of($this->schedule->chain, $coat, $this->floor->nowMin, $this->floor->dewPointC(), $this->floor->humidity());
    }

    /** @return list<Finding> and of a clear that is begun now */
    public function clearGates(ClearPlan $clear): array
    {
        $until = $this->floor->nowMin + $clear->coats * ($clear->flashMin + self::SPRAY_ROUND_MIN);

        return AirGates::ofClear($this->schedule->chain, $clear->clear, $this->floor->nowMin, $until, $this->floor->dewPointC());
    }

    /** @return list<float> when each coat of a clear goes on that is begun now, minute */
    public function clearCoatsAt(ClearPlan $clear): array
    {
        $sprayMin = $this->plan->shop->pace->spraying($this->plan->brief->coatedAreaM2());

        return array_map(fn (float $after): float => $this->floor->nowMin + $after, $clear->coatsAtMin($sprayMin));
    }

    /** Where the cloth can't be laid in time, the resins on the shelf whose window is long enough. */
    private function withSlowerBases(Finding $finding): Finding
    {
        if ($finding->code !== 'lay.outside') {
            return $finding;
        }
        $hands = ($this->plan->first(Role::Lay)->handsMin ?? 0.0) + ($this->plan->first(Role::Base)->handsMin ?? 0.0);
        $air = Temperature::fromCelsius($this->plan->shop->workingAirC);
        $slower = [];
        foreach (Resin::query()->where('shop_id', $this->floor->shop->id)->current()->orderBy('name')->get() as $row) {
            try {
                $resin = FromShelf::resin($row);
            } catch (UnreadableSheet) {
                continue;
            }
            $slower = $resin->kinetics->tackWindowMin($air) >= self::WINDOW_OVER_HANDS * $hands
                ? [...$slower, $row->name]
                : $slower;
        }

        return new Finding(
            $finding->severity,
            $finding->code,
            $finding->args + ['slower' => $slower === [] ? '' : ' ('.implode(', ', $slower).')'],
            $finding->field,
        );
    }

    /**
     * The print that a page speaks of: of a gloss, where it is worth waiting for.
     *
     * @return array{step: PlannedStep, at: float, depthUm: float, waitUntilMin: float|null}|null
     */
    public function printShown(): ?array
    {
        $print = $this->plan->brief->finish === Finish::Gloss ? $this->print() : null;

        return $print === null || $print['waitUntilMin'] === null ? null : $print;
    }

    /**
     * How far the weave prints back through the last flatting of the resin, when that is planned or was done; null where
     * there is none, or where a post-cure comes first.
     *
     * @return array{step: PlannedStep, at: float, depthUm: float, waitUntilMin: float|null}|null
     */
    public function print(): ?array
    {
        $last = null;
        $planned = [];
        foreach ($this->plan->steps as $step) {
            $slot = $this->schedule->slot($step->step->key);
            $planned += $slot === null ? [] : [$step->step->key => $slot->endMin];
            $last = $step->step->kind === StepKind::Flat && $step->step->grits?->inClear === false ? $step : $last;
            if ($step->step->kind === StepKind::PostCure && ! $step->isDone()) {
                return null;
            }
        }
        $at = $last === null || $last->skipped ? null : $last->doneAtMin ?? $this->schedule->slot($last->step->key)?->startMin;

        return $last === null || $at === null || ! is_finite($at) ? null : PrintGate::of($this->schedule->chain, $last, $at, $planned);
    }
}
