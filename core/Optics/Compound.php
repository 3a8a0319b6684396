<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** A polishing compound, its pad, and the roughness that they leave. */
enum Compound: string
{
    case Cut = 'cut';
    case Finish = 'finish';
    case Jewelled = 'jewelled';

    /** Rms roughness, µm. */
    public function rmsUm(): float
    {
        return match ($this) {
            self::Cut => 0.03,
            self::Finish => 0.02,
            self::Jewelled => 0.01,
        };
    }

    /** Deepest scratch that it takes out in reasonable time, Rz in µm (ours): a cut compound that of wet P1200. */
    public function takesScratchUm(): float
    {
        return match ($this) {
            self::Cut => 1.6,
            self::Finish => 0.3,
            self::Jewelled => 0.2,
        };
    }

    /** Fastest speed of a 150 mm pad, turns a minute (ours; the compound's sheet may say less). */
    public function mostRpm(): int
    {
        return match ($this) {
            self::Cut => 1500,
            self::Finish => 1200,
            self::Jewelled => 900,
        };
    }

    /** Removal in m²·µm a minute (ours). */
    public function speed(): float
    {
        return match ($this) {
            self::Cut => 0.03,
            self::Finish => 0.012,
            self::Jewelled => 0.006,
        };
    }
}
