<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What is let go, step by step, where a part has no place otherwise. */
enum Leniency: string
{
    case None = 'none';
    /** Pins and other decisions. */
    case Decisions = 'decisions';
    /** And second pairs of hands. */
    case Hands = 'hands';
    /** And times that must not be passed but can't be keyed. */
    case Limits = 'limits';
    /** And the coldest air that a resin bears. */
    case Cold = 'cold';

    public function keepsDecisions(): bool
    {
        return $this === self::None;
    }

    public function keepsHands(): bool
    {
        return $this === self::None || $this === self::Decisions;
    }

    public function keepsLimits(): bool
    {
        return $this->keepsHands() || $this === self::Hands;
    }

    public function keepsWarmth(): bool
    {
        return $this !== self::Cold;
    }

    /** Code of the finding that says so; null where nothing is let go. */
    public function finding(): ?string
    {
        return match ($this) {
            // That somebody is alone is said at the step.
            self::None, self::Hands => null,
            self::Decisions => 'schedule.pin_dropped',
            self::Limits => 'schedule.window_gone',
            self::Cold => 'schedule.too_cold',
        };
    }
}
