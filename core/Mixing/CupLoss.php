<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/** What stays in cup and tool of one coat, g, with how well that is known. */
final readonly class CupLoss
{
    /**
     * @param float $grams      best estimate
     * @param float $timesSigma one deviation, as a share
     * @param int   $measured   leftovers that it rests on
     */
    public function __construct(public float $grams, public float $timesSigma, public int $measured)
    {
    }

    /** Where it lies in 95 of 100, g. */
    public function least(): float
    {
        return $this->grams * exp(-2.0 * $this->timesSigma);
    }

    public function most(): float
    {
        return $this->grams * exp(2.0 * $this->timesSigma);
    }
}
