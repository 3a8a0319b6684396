<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use OakGloss\Cure\CureEvent;
use OakGloss\Cure\Milestone;
use OakGloss\Method\FollowKind;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;

/** What the coming night does to a part: what its newest coat waits for, and when that would come at a steady 20 °C. */
final readonly class Night
{
    public const STEADY_C = 20.0;

    private function __construct(
        public PlannedPart $planned,
        public Milestone $event,
        public CureEvent $at,
        public float $steadyMin,
        public CureEvent $full,
        public float $fullSteadyMin,
        public ?float $stallC,
    ) {
    }

    /** Null if nothing of it changes in the night. */
    public static function of(PlannedPart $planned, float $closesMin): ?self
    {
        $next = $planned->next;
        $coat = $planned->plan->lastCoat();
        if ($next === null
            || $coat === null
            || $coat->doneAtMin === null
            || ! is_finite($coat->doneAtMin)
            || ($next->changesAtMin() ?? 0.0) <= $closesMin) {
            return null;
        }
        $event = match ($next->state) {
            ActState::Open => Milestone::TackUntil,
            ActState::Waiting => match ($next->step->step->follow->kind) {
                FollowKind::Tacky => Milestone::TackFrom,
                FollowKind::Set => Milestone::TackUntil,
                FollowKind::Cured => Milestone::Full,
                default => Milestone::Sandable,
            },
            default => Milestone::Sandable,
        };
        $clocks = $planned->schedule->clocks;
        $clock = $clocks->clock($coat);
        $rate = $clock->activation->rate(Temperature::fromCelsius(self::STEADY_C), $clock->reference);
        $forecast = $clocks->forecastOf($coat);
        $pace = $clocks->paceOf($coat);

        return new self(
            $planned,
            $event,
            $forecast->event($event, $coat->doneAtMin, $pace),
            $coat->doneAtMin + $clock->age($event) / $rate,
            $forecast->event(Milestone::Full, $coat->doneAtMin, $pace),
            $coat->doneAtMin + $clock->age(Milestone::Full) / $rate,
            $clock->stallFor(Milestone::Full),
        );
    }
}
