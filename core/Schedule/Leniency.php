<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What is let go, step by step, where a part has no place otherwise. */
enum Leniency: string
{
    case None = 'none';
    /** Pins and other decisions. */
    case Decisions = 'decisions';
    /** And times that must not be passed but can't be keyed, and second pairs of hands. */
    case Limits = 'limits';
    /** And the coldest air that a resin bears. */
    case Cold = 'cold';

    public function keepsDecisions(): bool
    {
        return $this === self::None;
    }

    public function keepsLimits(): bool
    {
        return $this === self::None || $this === self::Decisions;
    }

    public function keepsWarmth(): bool
    {
        return $this !== self::Cold;
    }

    /** Code of the finding that says so; null where nothing is let go. */
    public function finding(): ?string
    {
        return match ($this) {
            self::None => null,
            self::Decisions => 'schedule.pin_dropped',
            self::Limits => 'schedule.window_gone',
            self::Cold => 'schedule.too_cold',
        };
    }
}
