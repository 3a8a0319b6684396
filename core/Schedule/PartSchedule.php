<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\CoatState;
use OakGloss\Cure\CureEvent;
use OakGloss\Method\Follow;
use OakGloss\Method\FollowKind;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Finding;
use OakGloss\Quantity\Severity;

/** A plan on the clock: the run sheet of what is ahead, the windows of every coat, and what stands now. Minutes. */
final class PartSchedule
{
    public const GRID_MIN = 5.0;

    /** How far ahead is looked, days; further only if need be. */
    private const HORIZONS_DAYS = [8, 16, 30];

    /** What keying costs besides its hands: a bond is worth this wait. */
    private const KEY_PENALTY_MIN = 60.0;

    /** @var array<string, StepTime> by step key */
    private array $times = [];

    /** @var list<Finding> */
    private array $findings = [];

    /** The clocks of its coats: forecast, and each one's own pace. */
    public readonly CoatClocks $clocks;

    private function __construct(
        private readonly FinishPlan $plan,
        private readonly AirCurve $air,
        private readonly WorkingTime $work,
        private readonly float $nowMin,
    ) {
        $this->clocks = new CoatClocks($plan, $air, $nowMin);
    }

    public static function of(FinishPlan $plan, AirCurve $air, WorkingTime $work, float $nowMin): self
    {
        $schedule = new self($plan, $air, $work, $nowMin);
        $schedule->place();

        return $schedule;
    }

    public function slot(string $key): ?StepTime
    {
        return $this->times[$key] ?? null;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->findings;
    }

    /** When the last step ends; null when the part is finished or no way was found. */
    public function readyMin(): ?float
    {
        $ahead = $this->plan->ahead();

        return $ahead === [] ? null : ($this->times[$ahead[count($ahead) - 1]->step->key] ?? null)?->endMin;
    }

    /** What the part asks for now; null when it is finished. */
    public function next(): ?NextAct
    {
        $step = $this->plan->next();
        if ($step === null) {
            return null;
        }
        $follow = $step->step->follow;
        if ($follow->kind === FollowKind::Minutes) {
            $last = $this->plan->lastDone()?->doneAtMin;
            $until = $last === null ? $this->nowMin : $last + $follow->leastMin;

            return new NextAct($step, $until > $this->nowMin ? ActState::Waiting : ActState::Ready, ready: new CureEvent($until, $until, $until));
        }
        $coat = $this->plan->step((string) $follow->coat);
        if ($coat?->doneAtMin === null || ! is_finite($coat->doneAtMin) || $this->isKeyed($step)) {
            return new NextAct($step, $this->isKeyed($step) ? ActState::Keyed : ActState::Ready, $coat?->doneAtMin);
        }

        return $this->standing($step, $follow, $coat, $coat->doneAtMin);
    }

    private function standing(PlannedStep $step, Follow $follow, PlannedStep $coat, float $onMin): NextAct
    {
        $forecast = $this->clocks->forecastOf($coat);
        $pace = $this->clocks->paceOf($coat);
        $event = fn (string $name): CureEvent => $forecast->event($name, $onMin, $pace);
        if ($follow->kind !== FollowKind::Tacky) {
            $ready = $event($follow->kind === FollowKind::Set ? 'tack_until' : 'sandable');

            return new NextAct($step, $this->isPast($ready) ? ActState::Ready : ActState::Waiting, $onMin, $ready);
        }
        $window = $forecast->window($onMin, $pace);
        $sandable = $event('sandable');

        $state = CoatState::atAge($forecast->age($onMin, $this->nowMin), $this->clocks->clock($coat));

        return new NextAct($step, match ($state) {
            CoatState::TooWet => ActState::Waiting,
            CoatState::Bonds => ActState::Open,
            CoatState::MissedWait => ActState::MissedWait,
            CoatState::KeyFirst => ActState::KeyFirst,
        }, $onMin, null, $window, $sandable->expectedMin);
    }

    private function isPast(CureEvent $event): bool
    {
        return $event->expectedMin !== null && $event->expectedMin <= $this->nowMin;
    }

    private function isKeyed(PlannedStep $step): bool
    {
        return $step->step->kind === StepKind::Coat && $step->passes !== [];
    }

    private function place(): void
    {
        $ahead = $this->plan->ahead();
        if ($ahead === []) {
            return;
        }
        $from = floor($this->nowMin / self::GRID_MIN) * self::GRID_MIN;
        $placed = null;
        foreach ([[true, true, null], [false, true, 'schedule.window_gone'], [false, false, 'schedule.too_cold']] as [$limits, $cold, $code]) {
            $placed = $this->placeWithin($from, $this->runSteps($ahead, $limits, $cold), $this->anchor($ahead[0]));
            if ($placed !== null) {
                if ($code !== null) {
                    $this->findings[] = new Finding(Severity::Warn, $code, ['step' => $ahead[0]->step->key]);
                }
                break;
            }
        }
        if ($placed === null) {
            $this->findings[] = new Finding(Severity::Warn, 'schedule.impossible', ['days' => max(self::HORIZONS_DAYS)]);

            return;
        }
        foreach ($placed as $i => $step) {
            $this->times[$step->step->id] = $this->timeOf($ahead[$i], $step, $placed[$i - 1] ?? null);
        }
        $first = $placed[0];
        if ($first->way === Way::Keyed && $this->next()?->state === ActState::Open) {
            $this->findings[] = new Finding(Severity::Note, 'schedule.rather_key', ['step' => $ahead[0]->step->key, 'at' => $first->startMin]);
        }
        $needed = $this->plan->brief->neededByMin;
        $ready = $this->readyMin();
        if ($needed !== null && $ready !== null && $ready > $needed) {
            $this->findings[] = new Finding(Severity::Warn, 'schedule.late', ['ready' => $ready, 'needed' => $needed]);
        }
    }

    /**
     * The best sheet over the shortest horizon that proves it: whatever ends later than the horizon costs more than
     * a sheet whose finish and penalties lie within it.
     *
     * @param list<RunStep>                        $steps
     * @param array{start: float, end: float}|null $anchor
     *
     * @return list<PlacedStep>|null
     */
    private function placeWithin(float $from, array $steps, ?array $anchor): ?array
    {
        $placed = null;
        foreach (self::HORIZONS_DAYS as $days) {
            $until = $from + $days * 1440.0;
            $placed = (new RunSheet($this->air, $this->work, $from, $until, self::GRID_MIN, self::KEY_PENALTY_MIN))->place($steps, $anchor);
            if ($placed !== null) {
                $keyed = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Keyed));
                if ($placed[count($placed) - 1]->endMin + $keyed * self::KEY_PENALTY_MIN <= $until) {
                    break;
                }
            }
        }

        return $placed;
    }

    /**
     * @param list<PlannedStep> $ahead
     *
     * @return list<RunStep>
     */
    private function runSteps(array $ahead, bool $keepLimits, bool $keepCold): array
    {
        $longest = max([60.0, ...array_map(fn (array $w): float => $w[1] - $w[0], $this->work->windows)]);
        $steps = [];
        foreach ($ahead as $i => $step) {
            $steps[] = new RunStep(
                $step->step->key,
                // A long sanding is broken off and taken up again; it holds a whole working window at most.
                min($step->handsMin, $longest),
                $this->gap($step, $i === 0, $keepLimits),
                $keepCold ? $this->coldestFor($step) : null,
                0.6 * $this->plan->shop->pace->keying($this->plan->brief->coatedAreaM2()),
            );
        }

        return $steps;
    }

    private function coldestFor(PlannedStep $step): ?float
    {
        return match ($step->step->kind) {
            StepKind::Coat => $step->step->layer === null ? null : $this->plan->materials->resin($step->step->layer->jar)->minC,
            StepKind::Spray => $this->plan->materials->clear?->minC,
            default => null,
        };
    }

    private function gap(PlannedStep $step, bool $isFirst, bool $keepLimits): Gap
    {
        $follow = $step->step->follow;
        if ($follow->kind === FollowKind::Minutes) {
            return Gap::minutes($follow->leastMin, $keepLimits ? $follow->mostMin : null);
        }
        $coat = $this->plan->step((string) $follow->coat);
        if ($coat === null || $coat->step->layer === null || $coat->skipped || $this->isKeyed($step)) {
            return Gap::minutes(0.0);
        }
        $clock = $this->clocks->clock($coat);

        return match ($follow->kind) {
            FollowKind::Tacky => Gap::age($clock, $clock->age('tack_from'), $clock->age('tack_until'), $clock->age('sandable')),
            FollowKind::Sandable => Gap::age($clock, $clock->age('sandable')),
            // Counted from the cloth, which was laid no earlier than the base's tack.
            FollowKind::Set => Gap::age($clock, $clock->age('tack_until') - ($isFirst ? 0.0 : $clock->age('tack_from'))),
        };
    }

    /**
     * What the first gap counts from: the coat that it waits for, else the last thing that was done.
     *
     * @return array{start: float, end: float}|null
     */
    private function anchor(PlannedStep $first): ?array
    {
        $coat = $first->step->follow->coat === null ? null : $this->plan->step($first->step->follow->coat);
        $from = $coat !== null && $coat->isDone() && ! $coat->skipped ? $coat : $this->plan->lastDone();
        if ($from === null || $from->doneAtMin === null) {
            return null;
        }
        $end = min($from->doneAtMin, $this->nowMin);

        return ['start' => max($end - $from->handsMin, $end - 120.0), 'end' => $end];
    }

    /** The step with its place on the clock, its tack window or the end of its wait, from the coat below as done or as placed. */
    private function timeOf(PlannedStep $step, PlacedStep $placed, ?PlacedStep $before): StepTime
    {
        $follow = $step->step->follow;
        $coat = $follow->coat === null ? null : $this->plan->step($follow->coat);
        $on = $coat->doneAtMin ?? $before?->endMin;
        if ($coat === null || $coat->skipped || $on === null || ! is_finite($on) || $this->isKeyed($step)) {
            return new StepTime($placed->startMin, $placed->endMin, $placed->way);
        }
        $forecast = $this->clocks->forecastOf($coat);
        $pace = $this->clocks->paceOf($coat);

        return new StepTime(
            $placed->startMin,
            $placed->endMin,
            $placed->way,
            $follow->kind === FollowKind::Tacky ? $forecast->window($on, $pace) : null,
            $follow->kind === FollowKind::Sandable ? $forecast->event('sandable', $on, $pace) : null,
        );
    }
}
