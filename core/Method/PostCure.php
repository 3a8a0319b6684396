<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Cure\Fit;

/** A warm hold of the cured skin: °C, and minutes with the way up and down. */
final readonly class PostCure
{
    /** On the way up and down, °C/h (planning value). */
    public const RAMP_C_H = Fit::RAMP_C_H;
    /** No hold is shorter, minutes (ours). */
    public const SHORTEST_MIN = 120.0;

    public function __construct(public float $celsius, public float $minutes)
    {
    }
}
