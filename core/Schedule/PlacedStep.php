<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** A step with its place on the clock, in minutes. */
final readonly class PlacedStep
{
    public function __construct(public RunStep $step, public float $startMin, public float $endMin, public Way $way)
    {
    }
}
