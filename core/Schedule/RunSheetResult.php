<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** All parts of a shop on the clock. */
final readonly class RunSheetResult
{
    /**
     * @param array<string, list<PlacedStep>> $placed   by part, people given
     * @param list<string>                    $without  parts for which no place was found
     * @param float                           $costMin  sum of weight × (finish − from + penalties + lateness), minutes
     * @param float                           $boundMin no plan can cost less, minutes
     */
    public function __construct(public array $placed, public array $without, public float $costMin, public float $boundMin)
    {
    }

    public function finishOf(string $part): ?float
    {
        $steps = $this->placed[$part] ?? [];

        return $steps === [] ? null : $steps[count($steps) - 1]->endMin;
    }

    /** How much dearer than the bound it is at most, as a share. */
    public function gap(): float
    {
        return $this->boundMin > 0.0 ? max(0.0, $this->costMin / $this->boundMin - 1.0) : 0.0;
    }
}
