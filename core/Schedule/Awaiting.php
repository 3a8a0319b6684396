<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\CoatState;
use OakGloss\Cure\CureEvent;
use OakGloss\Cure\Milestone;
use OakGloss\Method\Follow;
use OakGloss\Method\FollowKind;
use OakGloss\Plan\FreshWipe;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\Settling;

/** How the next step of a part stands now, and when a wait for a coat ends. Minutes. */
final readonly class Awaiting
{
    public function __construct(private StepsAhead $chain)
    {
    }

    /** What the part asks for now; null when it is finished. */
    public function next(): ?NextAct
    {
        $step = $this->chain->plan->next();
        if ($step === null) {
            return null;
        }
        $follow = $step->step->follow;
        if ($follow->kind === FollowKind::Minutes) {
            $last = $this->chain->plan->lastDone()?->doneAtMin;
            $until = $last === null ? $this->chain->nowMin : $last + $follow->leastMin;

            return new NextAct(
                $step,
                $until > $this->chain->nowMin ? ActState::Waiting : ActState::Ready,
                ready: new CureEvent($until, $until, $until),
                wipeAgain: FreshWipe::isStale($this->chain->plan, $step, $this->chain->nowMin),
            );
        }
        $coat = $this->chain->plan->step((string) $follow->coat);
        if ($coat?->doneAtMin === null || ! is_finite($coat->doneAtMin) || $this->chain->isKeyed($step)) {
            return new NextAct($step, $this->chain->isKeyed($step) ? ActState::Keyed : ActState::Ready, $coat?->doneAtMin);
        }

        return $this->standing($step, $follow, $coat, $coat->doneAtMin);
    }

    private function standing(PlannedStep $step, Follow $follow, PlannedStep $coat, float $onMin): NextAct
    {
        $forecast = $this->chain->clocks->forecastOf($coat);
        $pace = $this->chain->clocks->paceOf($coat);
        $event = fn (Milestone $name): CureEvent => $forecast->event($name, $onMin, $pace);
        if ($follow->kind !== FollowKind::Tacky) {
            $ready = $this->readyBy($follow, $coat, $onMin);

            return new NextAct($step, $this->isPast($ready) ? ActState::Ready : ActState::Waiting, $onMin, $ready);
        }
        $window = $forecast->window($onMin, $pace);
        $sandable = $event(Milestone::Sandable);

        $state = CoatState::atAge($forecast->age($onMin, $this->chain->nowMin), $this->chain->clocks->clock($coat));

        return new NextAct($step, match ($state) {
            CoatState::TooWet => ActState::Waiting,
            CoatState::Bonds => ActState::Open,
            CoatState::MissedWait => ActState::MissedWait,
            CoatState::KeyFirst => ActState::KeyFirst,
        }, $onMin, null, $window, $sandable->expectedMin);
    }

    /** When a wait for a coat ends: set, sandable, or settled. */
    public function readyBy(Follow $follow, PlannedStep $coat, float $onMin): CureEvent
    {
        $forecast = $this->chain->clocks->forecastOf($coat);
        $pace = $this->chain->clocks->paceOf($coat);
        if ($follow->kind === FollowKind::Settled) {
            $kinetics = $this->chain->plan->materials->resinFor($coat->step)->kinetics;

            return $forecast->reaching(
                $pace * max($kinetics->age(Milestone::Sandable), Settling::age($this->chain->plan->steps, $this->chain->plan->materials)),
                $onMin,
            );
        }

        return $forecast->event(match ($follow->kind) {
            FollowKind::Set => Milestone::TackUntil,
            FollowKind::Cured => Milestone::Full,
            default => Milestone::Sandable,
        }, $onMin, $pace);
    }

    private function isPast(CureEvent $event): bool
    {
        return $event->expectedMin !== null && $event->expectedMin <= $this->chain->nowMin;
    }
}
