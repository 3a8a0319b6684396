<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\Bounds;

/** What it costs to tell people another time than before. */
final readonly class Unrest
{
    /** A part that is moved weighs as much as this many minutes of its work going on (ours). */
    public const MIN = 30.0;

    /** From so far on a step is said to be moved, minutes (ours). */
    public const MOVED_MIN = 20.0;

    /** Among plans that move a part, those that leave more of it in place: a minute a step (ours). */
    private const STEP_MIN = 1.0;

    /** @throws \OakGloss\Quantity\OutOfRange If it is not 0 to 10 000 minutes. */
    public function __construct(public float $partMin = self::MIN)
    {
        Bounds::within($partMin, 0.0, 10000.0, 'unrest', 'min');
    }

    /**
     * Minutes that the moves of one part cost; nothing where it was not told before.
     *
     * @param list<PlacedStep> $placed
     */
    public function of(Chain $chain, array $placed): float
    {
        $moved = self::moved($chain->kept, $placed);

        return $moved === 0 ? 0.0 : $this->partMin + $moved * min(self::STEP_MIN, $this->partMin);
    }

    /**
     * @param array<string, float> $kept   starts by step
     * @param list<PlacedStep>     $placed
     *
     * @return int steps that begin this much earlier or later than they were told to
     */
    public static function moved(array $kept, array $placed): int
    {
        return count(array_filter(
            $placed,
            fn (PlacedStep $p): bool => isset($kept[$p->step->id]) && abs($p->startMin - $kept[$p->step->id]) >= self::MOVED_MIN,
        ));
    }
}
