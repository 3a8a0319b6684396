<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\StepKind;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** A plan on the clock: the run sheet of what is ahead, the windows of every coat, and what stands now. Minutes. */
final class PartSchedule
{
    public const GRID_MIN = 5.0;

    /** How far ahead is looked, days; further only if need be. */
    private const HORIZONS_DAYS = [4, 8, 16, 32, 60];

    /** What keying costs besides its hands: a bond is worth this wait. */
    public const KEY_PENALTY_MIN = 180.0;

    /** The run sheet is without the part's lag, windows are with it: so far they may lie apart, minutes. */
    public const WOBBLE_MIN = 15.0;

    /** @var array<string, array{PlannedStep, PlacedStep}> by step key */
    private array $places = [];

    /** @var array<string, StepTime> by step key: those that were asked for, since a window is long to reckon */
    private array $times = [];

    /** @var list<Finding> */
    private array $findings = [];

    private readonly FinishPlan $plan;

    public readonly CoatClocks $clocks;

    private readonly Awaiting $awaiting;

    /** @param list<PlacedStep>|null $placed what is ahead, in order; null if no way was found */
    private function __construct(public readonly StepsAhead $chain, private readonly ?array $placed, public readonly Leniency $leniency)
    {
        $this->plan = $chain->plan;
        $this->clocks = $chain->clocks;
        $this->awaiting = new Awaiting($chain);
        $this->enter($placed, $leniency);
    }

    /** As if it were the only part, with one pair of hands. */
    public static function of(FinishPlan $plan, AirCurve $air, WorkingTime $work, float $nowMin): self
    {
        return self::within(new StepsAhead($plan, $air, $nowMin), Diary::alone($work));
    }

    /** The best place in what a diary leaves free. */
    public static function within(StepsAhead $chain, Diary $free, float $gridMin = self::GRID_MIN): self
    {
        if ($chain->plan->ahead() === []) {
            return new self($chain, [], Leniency::None);
        }
        foreach (Leniency::cases() as $leniency) {
            $placed = $chain->findsAir($free, $leniency)
                ? self::search($chain, $chain->steps($free->crew, $leniency), $free, $gridMin)
                : null;
            if ($placed !== null) {
                return new self($chain, $free->manned($placed), $leniency);
            }
        }

        return new self($chain, null, Leniency::None);
    }

    /**
     * With the places that a whole shop's sheet found.
     *
     * @param list<PlacedStep>|null $placed
     */
    public static function placed(StepsAhead $chain, ?array $placed, Leniency $leniency): self
    {
        return new self($chain, $placed, $leniency);
    }

    /** @return list<PlacedStep> what is ahead, in order, with its people */
    public function steps(): array
    {
        return $this->placed ?? [];
    }

    public function slot(string $key): ?StepTime
    {
        if (! isset($this->places[$key])) {
            return null;
        }

        return $this->times[$key] ??= $this->timeOf(...$this->places[$key]);
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

        return $ahead === [] ? null : ($this->places[$ahead[count($ahead) - 1]->step->key][1] ?? null)?->endMin;
    }

    /** What the part asks for now; null when it is finished. */
    public function next(): ?NextAct
    {
        return $this->awaiting->next();
    }

    /** @param list<PlacedStep>|null $placed */
    private function enter(?array $placed, Leniency $leniency): void
    {
        $ahead = $this->plan->ahead();
        if ($ahead === []) {
            return;
        }
        if ($placed === null) {
            $this->findings[] = new Finding(Severity::Warn, 'schedule.impossible', ['days' => max(self::HORIZONS_DAYS)]);

            return;
        }
        if ($leniency->finding() !== null && ! ($leniency === Leniency::Limits && $this->isLayAhead($ahead))) {
            $this->findings[] = $this->tooWarm($ahead, $placed)
                ?? new Finding(Severity::Warn, $this->codeOf($leniency, $ahead[0]), ['step' => $ahead[0]->step->key]);
        }
        foreach ($placed as $i => $step) {
            $this->places[$ahead[$i]->step->key] = [$ahead[$i], $step];
            if ($this->chain->people($ahead[$i]) > max(1, count($step->people))) {
                $this->findings[] = new Finding(
                    Severity::Warn,
                    'schedule.alone',
                    ['step' => $ahead[$i]->step->key, 'area' => $this->plan->brief->piece()->areaM2()],
                );
            }
        }
        $this->enterMissedLay($ahead);
        $first = $placed[0];
        if ($first->way === Way::Keyed && ! $first->step->mustKey && $this->next()?->state === ActState::Open) {
            $this->findings[] = new Finding(
                Severity::Note,
                'schedule.rather_key',
                ['step' => $ahead[0]->step->key, 'at' => $first->startMin],
            );
        }
        $needed = $this->plan->brief->neededByMin;
        $ready = $this->readyMin();
        if ($needed !== null && $ready !== null && $ready > $needed) {
            $this->findings[] = new Finding(Severity::Warn, 'schedule.late', ['ready' => $ready, 'needed' => $needed]);
        }
    }

    /** What can't be keyed has lost its moment for good. */
    private function codeOf(Leniency $leniency, PlannedStep $first): string
    {
        return $leniency === Leniency::Limits && ! $first->step->role->mayBeKeyed() ? 'schedule.bond_lost' : (string) $leniency->finding();
    }

    /**
     * Where a coat finds no air as cool as its sheet bears: the coolest hour, and the cups that gel no sooner than hands spread.
     *
     * @param list<PlannedStep> $ahead
     * @param list<PlacedStep>  $placed
     */
    private function tooWarm(array $ahead, array $placed): ?Finding
    {
        foreach ($this->leniency->keepsWarmth() ? [] : $placed as $i => $at) {
            $step = $ahead[$i];
            $most = $step->step->kind === StepKind::Coat ? $this->plan->materials->resinFor($step->step)->maxC : null;
            $air = $this->chain->air->at($at->startMin);
            if ($most === null || $air <= $most) {
                continue;
            }
            $cool = $at->startMin;
            for ($minute = $at->startMin; $minute < $at->startMin + 1440.0; $minute += 30.0) {
                $cool = $this->chain->air->at($minute) < $this->chain->air->at($cool) ? $minute : $cool;
            }
            $cups = CupNotices::cups($this->plan, $step, $air)->cups ?? 0;
            $cupG = ($step->batch?->totalG() ?? 0.0) / max(1, $cups);

            return new Finding(Severity::Warn, match (true) {
                $this->chain->air->at($cool) > $most => 'schedule.too_hot_all_day',
                $cups === 0 => 'schedule.too_hot_for_cups',
                default => 'schedule.too_hot',
            }, [
                'coat' => $step->step->name,
                'air' => $air,
                'most' => $most,
                'begin' => $cool,
                'cool' => $this->chain->air->at($cool),
                'later_span' => max(0.0, $cool - $at->startMin),
                'cups' => $cups,
                'grams' => max(0, $cups - 1) * $this->plan->shop->cupLoss(null, $cupG)->grams,
            ]);
        }

        return null;
    }

    /** @param list<PlannedStep> $ahead whether what is let go is the cloth's window, which has words of its own */
    private function isLayAhead(array $ahead): bool
    {
        return array_filter($ahead, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Lay) !== [];
    }

    /**
     * Cloth that is planned outside the window of its base: nobody could lay it in time.
     *
     * @param list<PlannedStep> $ahead
     */
    private function enterMissedLay(array $ahead): void
    {
        foreach ($ahead as $step) {
            $time = $step->step->kind === StepKind::Lay ? $this->slot($step->step->key) : null;
            if ($time?->window === null
                || $time->endMin <= ($time->window->closes->expectedMin ?? INF) + self::WOBBLE_MIN) {
                continue;
            }
            $this->findings[] = new Finding(Severity::Warn, 'lay.outside', [
                'coat' => $this->plan->step((string) $step->step->follow->coat)->step->name ?? Role::Base->value,
                'hands' => $step->handsMin,
                'opens' => $time->window->opens->expectedMin ?? INF,
                'closes' => $time->window->closes->expectedMin ?? INF,
            ], 'base_resin_id');
        }
    }

    /**
     * The best sheet over the shortest horizon that proves it: whatever ends later than the horizon costs more than
     * a sheet whose finish and penalties lie within it.
     *
     * @param list<RunStep> $steps
     *
     * @return list<PlacedStep>|null
     */
    private static function search(StepsAhead $chain, array $steps, Diary $free, float $gridMin): ?array
    {
        $from = floor($chain->nowMin / self::GRID_MIN) * self::GRID_MIN;
        $due = $chain->plan->brief->neededByMin;
        $late = $due === null ? LateCost::none() : LateCost::after($due);
        $placed = null;
        foreach (self::HORIZONS_DAYS as $days) {
            $until = $from + $days * 1440.0;
            $placed = (new PartPlacer(
                $chain->air,
                $free,
                $from,
                $until,
                $gridMin,
                self::KEY_PENALTY_MIN,
                $chain->ages(),
            ))->place($steps, $chain->anchor(), $late);
            if ($placed !== null) {
                $keyed = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Keyed));
                if ($placed[count($placed) - 1]->endMin + $keyed * self::KEY_PENALTY_MIN <= $until) {
                    break;
                }
            }
        }

        return $placed;
    }

    /** The step with its place on the clock, its tack window or the end of its wait, from the coat below as done or as placed. */
    private function timeOf(PlannedStep $step, PlacedStep $placed): StepTime
    {
        $follow = $step->step->follow;
        $coat = $follow->coat === null ? null : $this->plan->step($follow->coat);
        $on = $coat->doneAtMin ?? ($this->places[(string) $follow->coat][1] ?? null)?->endMin;
        if ($coat === null || $coat->skipped || $on === null || ! is_finite($on) || $this->chain->isKeyed($step)) {
            return new StepTime($placed->startMin, $placed->endMin, $placed->way, people: $placed->people);
        }
        $forecast = $this->clocks->forecastOf($coat);
        $pace = $this->clocks->paceOf($coat);

        return new StepTime(
            $placed->startMin,
            $placed->endMin,
            $placed->way,
            $follow->kind === FollowKind::Tacky ? $forecast->window($on, $pace) : null,
            in_array($follow->kind, [FollowKind::Sandable, FollowKind::Settled, FollowKind::Cured], true)
                ? $this->awaiting->readyBy($follow, $coat, $on)
                : null,
            $placed->people,
        );
    }
}
