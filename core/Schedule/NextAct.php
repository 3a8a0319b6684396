<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\CureEvent;
use OakGloss\Cure\TackWindow;
use OakGloss\Plan\PlannedStep;

/** What a part asks of hands next, as it stands at a moment. Times in minutes. */
final readonly class NextAct
{
    /**
     * @param float|null      $coatOnMin  when the coat that it waits for went on
     * @param CureEvent|null  $ready      when the wait ends (waiting), or when it may be keyed (missed)
     * @param TackWindow|null $window     where it must bond
     * @param float|null      $keyFromMin when the coat before is expected to be sandable
     * @param bool            $wipeAgain  what it was wiped for came too late: once more
     */
    public function __construct(
        public PlannedStep $step,
        public ActState $state,
        public ?float $coatOnMin = null,
        public ?CureEvent $ready = null,
        public ?TackWindow $window = null,
        public ?float $keyFromMin = null,
        public bool $wipeAgain = false,
    ) {
    }

    public function needsHandsNow(): bool
    {
        return $this->state !== ActState::Waiting && $this->state !== ActState::MissedWait;
    }

    /** When the state changes next: opens, closes or becomes sandable; null where nothing is awaited. */
    public function changesAtMin(): ?float
    {
        return match ($this->state) {
            ActState::Waiting => $this->window->opens->expectedMin ?? $this->ready?->expectedMin,
            ActState::Open => $this->window?->closes->expectedMin,
            ActState::MissedWait => $this->keyFromMin,
            default => null,
        };
    }
}
