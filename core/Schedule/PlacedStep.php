<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** A step with its place on the clock, in minutes. */
final readonly class PlacedStep
{
    /** @param list<int> $people whose hands, counted in the crew; empty while nobody was given it */
    public function __construct(
        public RunStep $step,
        public float $startMin,
        public float $endMin,
        public Way $way,
        public array $people = [],
    ) {
    }
}
