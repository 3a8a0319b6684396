<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** All starts that a step can have in one way, each with the least penalty of reaching it and the state it came from. */
final class Reached
{
    /** @var list<float> rising, minutes */
    public array $starts = [];

    /** @var list<float> least penalty up to and with this step, minutes */
    public array $penalties = [];

    /** @var list<array{int, int}|null> the variant and the index of the step before */
    public array $from = [];

    public function __construct(public readonly float $handsMin, public readonly Way $way)
    {
    }

    /** @var list<float> start of the chain's first step on that way */
    public array $firsts = [];

    /** @param array{int, int}|null $from */
    public function add(float $start, float $penalty, float $first, ?array $from): void
    {
        $this->starts[] = $start;
        $this->penalties[] = $penalty;
        $this->firsts[] = $first;
        $this->from[] = $from;
    }
}
