<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/** One line of a scale: what it showed, and when. */
final readonly class ScaleReading
{
    /**
     * @param float      $atS      seconds on the clock of whoever reads
     * @param float|null $grams    null where it shows no weight
     * @param bool|null  $isAtRest by the scale itself; null where it says nothing
     * @param bool       $isOver   more than it bears, or less than its pan
     */
    public function __construct(public float $atS, public ?float $grams, public ?bool $isAtRest = null, public bool $isOver = false)
    {
    }
}
