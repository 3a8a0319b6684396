<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cure\CoatState;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Milestone;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\Decision;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\FreshWipe;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\Settling;
use OakGloss\Quantity\Temperature;

/** What is ahead of a part, as steps for a run sheet. */
final class StepsAhead
{
    /** So far ahead is looked for air that every step bears, minutes. */
    private const AIR_AHEAD_MIN = 15 * 1440.0;

    /** The booth is another part's once no dust sticks any more, minutes after the last coat of clear (ours). */
    private const DUST_FREE_MIN = 30.0;

    /** The part's own air: the shop's, and what it is put into. */
    public readonly AirCurve $air;

    /** The clocks of its coats: forecast, and each one's own pace. */
    public readonly CoatClocks $clocks;

    public readonly FinishPlan $plan;

    /** A coat that is not ready after this time is taken to be never, minutes. */
    public const AGES_AHEAD_MIN = 30 * 1440.0;

    private ?AgeTables $ages = null;

    public function __construct(FinishPlan $plan, AirCurve $shopAir, public readonly float $nowMin)
    {
        foreach ($plan->log->climateChanges() as $change) {
            $shopAir = $change->appliedTo($shopAir);
        }
        $this->air = $shopAir;
        $clocks = new CoatClocks($plan, $shopAir, $nowMin);
        $this->plan = self::hasMissedLay($plan, $clocks, $nowMin) ? $plan->withMissedLay() : $plan;
        $this->clocks = $this->plan === $plan ? $clocks : new CoatClocks($this->plan, $shopAir, $nowMin);
    }

    /** @return list<RunStep> */
    public function steps(Crew $crew, Leniency $leniency): array
    {
        $longest = max([60.0, ...array_map(fn (array $w): float => $w[1] - $w[0], $crew->together()->windows)]);
        $steps = [];
        foreach ($this->plan->ahead() as $i => $step) {
            $decision = $leniency->keepsDecisions() ? Decision::of($this->plan->log, $step->step->key, $this->nowMin) : null;
            $steps[] = new RunStep(
                $step->step->id,
                // A long sanding is broken off and taken up again; it holds a whole working window at most.
                min($step->handsMin, $longest),
                $this->gap($step, $i === 0, $leniency->keepsLimits()),
                $leniency->keepsWarmth() ? $this->bearsFor($step)[0] : null,
                $step->step->follow->kind === FollowKind::Minutes
                    ? FreshWipe::handsMin($this->plan)
                    : 0.6 * $this->plan->shop->pace->keying($this->plan->brief->coatedAreaM2()),
                $leniency->keepsHands() ? min($this->people($step), max(1, count($crew->people))) : 1,
                $step->step->kind === StepKind::Spray && $step->step->role !== Role::Varnish && isset($crew->things['booth'])
                    ? ['booth' => self::DUST_FREE_MIN]
                    : $this->box($step, $crew),
                $decision?->pinnedAt === null ? null : max($decision->pinnedAt, $this->nowMin - Decision::LATE_MIN),
                $decision->notBefore ?? -INF,
                $decision->mustKey ?? false,
                $decision->mustBond ?? false,
                $leniency->keepsWarmth() ? $this->bearsFor($step)[1] : null,
            );
        }

        return $steps;
    }

    /**
     * Whether each step finds air that it bears within working hours of the next days: where one never does, no search is
     * worth its time.
     */
    public function findsAir(Diary $free, Leniency $leniency): bool
    {
        if (! $leniency->keepsWarmth()) {
            return true;
        }
        $asked = [];
        foreach ($this->plan->ahead() as $step) {
            [$least, $most] = $this->bearsFor($step);
            if ($least !== null || $most !== null) {
                $asked["{$least}/{$most}"] = [$least ?? -INF, $most ?? INF];
            }
        }
        foreach ($free->windows(1) as [$open, $close]) {
            for ($minute = max($open, $this->nowMin); $asked !== [] && $minute < min(
                $close,
                $this->nowMin + self::AIR_AHEAD_MIN,
            ); $minute += 30.0) {
                $c = $this->air->at($minute);
                $asked = array_filter($asked, fn (array $a): bool => $c < $a[0] || $c > $a[1]);
            }
        }

        return $asked === [];
    }

    /** Ages of its coats from the first minute that a sheet can ask for. */
    public function ages(): AgeTables
    {
        return $this->ages ??= new AgeTables(
            $this->air,
            min($this->nowMin - 1440.0, $this->anchor()['start'] ?? INF) - 1.0,
            $this->lagMin(),
        );
    }

    public function lagMin(): float
    {
        return $this->plan->brief->substrate->lagMin();
    }

    /** Pairs of hands that a step takes. */
    public function people(PlannedStep $step): int
    {
        return $step->step->kind === StepKind::Lay ? $this->plan->brief->piece()->people() : 1;
    }

    /**
     * What the first gap counts from: the coat that it waits for, else the last thing that was done.
     *
     * @return array{start: float, end: float}|null
     */
    public function anchor(): ?array
    {
        $first = $this->plan->next();
        $coat = $first?->step->follow->coat === null ? null : $this->plan->step($first->step->follow->coat);
        $from = $coat !== null && $coat->isDone() && ! $coat->skipped ? $coat : $this->plan->lastDone();
        if ($first === null || $from === null || $from->doneAtMin === null) {
            return null;
        }
        $end = min($from->doneAtMin, $this->nowMin);

        return ['start' => max($end - $from->handsMin, $end - 120.0), 'end' => $end];
    }

    /** A coat that was sanded past its window goes on as on a fresh surface. */
    public function isKeyed(PlannedStep $step): bool
    {
        return $step->step->kind === StepKind::Coat && $step->passes !== [];
    }

    /** @return array<string, float> the warm box, for as long as the hold lasts */
    private function box(PlannedStep $step, Crew $crew): array
    {
        if ($step->step->kind !== StepKind::PostCure) {
            return [];
        }
        $box = ClimateKind::holding((float) $step->step->args['c'])->value;

        return isset($crew->things[$box]) ? [$box => 60.0 * $step->step->args['hours']] : [];
    }

    /** Nothing holds dry cloth on a base past its tack: a fresh thin coat comes first. */
    private static function hasMissedLay(FinishPlan $plan, CoatClocks $clocks, float $nowMin): bool
    {
        $next = $plan->next();
        $coat = $next?->step->role !== Role::Lay ? null : $plan->step((string) $next->step->follow->coat);
        if ($coat?->doneAtMin === null || $coat->skipped || ! is_finite($coat->doneAtMin)) {
            return false;
        }
        $state = CoatState::atAge($clocks->forecastOf($coat)->age($coat->doneAtMin, $nowMin), $clocks->clock($coat));

        return $state === CoatState::MissedWait || $state === CoatState::KeyFirst;
    }

    /** @return array{float|null, float|null} coldest and warmest air that a step may start in, °C */
    private function bearsFor(PlannedStep $step): array
    {
        $resin = $step->step->kind === StepKind::Coat ? $this->plan->materials->resinFor($step->step) : null;

        return [$this->coldestFor($step), $resin?->maxC];
    }

    private function coldestFor(PlannedStep $step): ?float
    {
        return match ($step->step->kind) {
            StepKind::Coat => $this->plan->materials->resinFor($step->step)->minC,
            StepKind::Spray => ($this->plan->clearOf($step) ?? $this->plan->clear)?->clear->minC,
            default => null,
        };
    }

    private function gap(PlannedStep $step, bool $isFirst, bool $keepLimits): Gap
    {
        $follow = $step->step->follow;
        if ($follow->kind === FollowKind::Minutes) {
            // A turn is never put off: without its moment it is none. One that is next and late is done at once.
            $isHeld = $keepLimits || ($step->step->kind === StepKind::Turn && ! $isFirst);

            $fresh = FreshWipe::limit($this->plan, $step);

            return $fresh !== null && $follow->mostMin === null
                ? Gap::minutes($follow->leastMin, $fresh, $fresh)
                : Gap::minutes($follow->leastMin, $isHeld ? $follow->mostMin : null);
        }
        $coat = $this->plan->step((string) $follow->coat);
        if ($coat === null || $coat->step->layer === null || $coat->skipped || $this->isKeyed($step)) {
            return Gap::minutes(0.0);
        }
        $clock = $this->clocks->clock($coat);
        // Counted from the end of the step before: what lies between the coat and that has aged it already.
        $since = $isFirst ? 0.0 : $this->ageSince($step, $coat);
        $aged = $isFirst ? 0.0 : $this->agedBefore($step, $coat, $clock);
        $from = fn (float $age): float => max(0.0, $age - $aged);
        $mayBeKeyed = $step->step->role->mayBeKeyed();
        $doubt = $this->plan->materials->resinFor($coat->step)->rateSigma;

        return match ($follow->kind) {
            FollowKind::Tacky => Gap::age(
                $clock,
                max(0.0, $clock->age(Milestone::TackFrom) - $since),
                ! $mayBeKeyed && ! $keepLimits ? null : max(0.0, $clock->age(Milestone::TackUntil) - $since),
                $mayBeKeyed ? $clock->age(Milestone::Sandable) : null,
                doubt: $doubt,
            ),
            FollowKind::Sandable => Gap::age($clock, $from($clock->age(Milestone::Sandable)), doubt: $doubt),
            FollowKind::Cured => Gap::age(
                $clock,
                $from($clock->age(Milestone::Full)),
                stallC: $clock->stallFor(Milestone::Full),
                doubt: $doubt,
            ),
            FollowKind::Settled => Gap::age(
                $clock,
                $from(max($clock->age(Milestone::Sandable), Settling::age($this->plan->steps, $this->plan->materials))),
                doubt: $doubt,
            ),
            FollowKind::Set => Gap::age($clock, $from($clock->age(Milestone::TackUntil)), doubt: $doubt),
        };
    }

    /** Age that a coat has at least once the step before is done: what lies between them waited for it too. */
    private function agedBefore(PlannedStep $step, PlannedStep $coat, Kinetics $clock): float
    {
        [$age, $isPast] = [0.0, false];
        foreach (array_reverse($this->plan->steps) as $before) {
            if ($isPast && $before->step->follow->coat === $coat->step->key && ! $before->skipped) {
                $age = max($age, match ($before->step->follow->kind) {
                    FollowKind::Tacky => $clock->age(Milestone::TackFrom),
                    FollowKind::Set => $clock->age(Milestone::TackUntil),
                    FollowKind::Cured => $clock->age(Milestone::Full),
                    default => $clock->age(Milestone::Sandable),
                });
            }
            $isPast = $isPast || $before === $step;
            if ($before === $coat) {
                break;
            }
        }

        return $age;
    }

    /** Thermal age that a coat has gained by what is done between it and the step: a turn, or tape that moves out at its tack; min. */
    private function ageSince(PlannedStep $step, PlannedStep $coat): float
    {
        if ($step->step->follow->kind !== FollowKind::Tacky) {
            return 0.0;
        }
        $clock = $this->plan->materials->resinFor($coat->step)->kinetics;
        [$age, $isPast] = [0.0, false];
        foreach ($this->plan->steps as $between) {
            if ($between === $step) {
                break;
            }
            if ($isPast && ! $between->isDone()) {
                $waits = $between->step->follow;
                $age = max($age, $waits->kind === FollowKind::Tacky ? $clock->age(Milestone::TackFrom) : 0.0)
                    + (($waits->kind === FollowKind::Minutes ? $waits->leastMin : 0.0) + $between->handsMin) * $clock->activation->rate(
                        Temperature::fromCelsius($this->plan->shop->workingAirC),
                        $clock->reference,
                    );
            }
            $isPast = $isPast || $between === $coat;
        }

        return $age;
    }
}
