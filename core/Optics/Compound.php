<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** A polishing compound by the roughness that it leaves. */
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
}
