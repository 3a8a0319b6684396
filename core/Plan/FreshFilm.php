<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\CoatState;
use OakGloss\Film\BrushMarks;
use OakGloss\Method\Materials;
use OakGloss\Quantity\Temperature;

/** The newest coat as it lies now: what may be done to it while it is wet. */
final readonly class FreshFilm
{
    /** Bubbles rise in warm air so long after the brush, minutes (planning value). */
    private const AIR_MIN = 15.0;

    /** Where brush marks never level, a brush may go over it so long, minutes (ours). */
    private const BRUSH_MIN = 5.0;

    /**
     * @param float      $brushMin up to which a brush leaves no mark that stays
     * @param float|null $holdsMin from now on that it holds cloth, or will
     */
    private function __construct(public CoatState $state, public float $sinceMin, public float $brushMin, public ?float $holdsMin)
    {
    }

    /**
     * @param float      $sinceMin the coat went on
     * @param float|null $holdsMin from now on that it holds cloth, or will
     */
    public static function of(
        CoatState $state,
        float $sinceMin,
        PlannedStep $coat,
        Materials $materials,
        ?float $holdsMin = null,
    ): self {
        $resin = $materials->resinFor($coat->step)->rheology;
        $marks = BrushMarks::in(max(1.0, $coat->laidGM2 ?? 1.0) / $resin->densityGCm3, $resin, Temperature::fromCelsius($coat->airC));

        return new self($state, $sinceMin, $marks->lastBrushMin ?? self::BRUSH_MIN, $holdsMin);
    }

    /** Whether the next coat still bonds, or will. */
    public function bonds(): bool
    {
        return $this->state === CoatState::TooWet || $this->state === CoatState::Bonds;
    }

    public function takesABrush(): bool
    {
        return $this->state === CoatState::TooWet && $this->sinceMin <= $this->brushMin;
    }

    public function takesWarmAir(): bool
    {
        return $this->state === CoatState::TooWet && $this->sinceMin <= self::AIR_MIN;
    }
}
