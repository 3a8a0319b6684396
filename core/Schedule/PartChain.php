<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Method\FollowKind;
use OakGloss\Method\StepKind;
use OakGloss\Plan\Decision;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** What is ahead of a part, as steps for a run sheet. */
final class PartChain
{
    /** The booth is another part's once no dust sticks any more, minutes after the last coat of clear (ours). */
    private const DUST_FREE_MIN = 30.0;

    /** The part's own air: the shop's, and what it is put into. */
    public readonly AirCurve $air;

    /** The clocks of its coats: forecast, and each one's own pace. */
    public readonly CoatClocks $clocks;

    public function __construct(public readonly FinishPlan $plan, AirCurve $shopAir, public readonly float $nowMin)
    {
        foreach ($plan->log->climateChanges() as $change) {
            $shopAir = $change->appliedTo($shopAir);
        }
        $this->air = $shopAir;
        $this->clocks = new CoatClocks($plan, $shopAir, $nowMin);
    }

    /** @return list<RunStep> */
    public function steps(Crew $crew, Leniency $leniency): array
    {
        $longest = max([60.0, ...array_map(fn (array $w): float => $w[1] - $w[0], $crew->together()->windows)]);
        $steps = [];
        foreach ($this->plan->ahead() as $i => $step) {
            $decision = $leniency->keepsDecisions() ? Decision::of($this->plan->log, $step->step->key, $this->nowMin) : null;
            $steps[] = new RunStep(
                $step->step->key,
                // A long sanding is broken off and taken up again; it holds a whole working window at most.
                min($step->handsMin, $longest),
                $this->gap($step, $i === 0, $leniency->keepsLimits()),
                $leniency->keepsWarmth() ? $this->coldestFor($step) : null,
                0.6 * $this->plan->shop->pace->keying($this->plan->brief->coatedAreaM2()),
                $leniency->keepsLimits() ? min($this->people($step), max(1, count($crew->people))) : 1,
                $step->step->kind === StepKind::Spray && $step->step->name !== 'varnish' && isset($crew->things['booth']) ? ['booth' => self::DUST_FREE_MIN] : [],
                $decision?->pinnedAt === null ? null : max($decision->pinnedAt, $this->nowMin - Decision::LATE_MIN),
                $decision->notBefore ?? -INF,
                $decision->mustKey ?? false,
                $decision->mustBond ?? false,
            );
        }

        return $steps;
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

    private function coldestFor(PlannedStep $step): ?float
    {
        return match ($step->step->kind) {
            StepKind::Coat => $this->plan->materials->resinFor($step->step)->minC,
            StepKind::Spray => ($step->step->name === 'filler' ? $this->plan->materials->filler : $this->plan->materials->clear)?->minC,
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
}
