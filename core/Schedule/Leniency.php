<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What is let go, least first, where a part has no place otherwise. */
enum Leniency: string
{
    case None = 'none';
    /** Pins and other decisions. */
    case Decisions = 'decisions';
    /** And second pairs of hands. */
    case Hands = 'hands';
    /** And the air that a resin or a clear bears. */
    case Cold = 'cold';
    /** And, instead of the air, times that must not be passed but can't be keyed. */
    case Limits = 'limits';
    /** Both. */
    case All = 'all';

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
        return $this !== self::Limits && $this !== self::All;
    }

    public function keepsWarmth(): bool
    {
        return $this !== self::Cold && $this !== self::All;
    }

    /** Code of the finding that says so; null where nothing is let go, or the step says it itself. */
    public function finding(): ?string
    {
        return match ($this) {
            self::None, self::Hands => null,
            self::Decisions => 'schedule.pin_dropped',
            self::Limits => 'schedule.window_gone',
            self::Cold, self::All => 'schedule.too_cold',
        };
    }
}
