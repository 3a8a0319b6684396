<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Cure\Milestone;
use OakGloss\Material\Resin;
use OakGloss\Quantity\Temperature;

/** A coat of a resin at one temperature on a line of a day and a half: wet, bonds, too late, sandable. Shares of the width. */
final readonly class CoatLife
{
    private const SPAN_MIN = 36 * 60.0;

    private function __construct(public float $opensMin, public float $closesMin, public float $sandableMin)
    {
    }

    public static function of(Resin $resin, float $airC): self
    {
        $rate = $resin->kinetics->activation->rate(Temperature::fromCelsius($airC), $resin->kinetics->reference);
        $minutes = fn (Milestone $event): float => $resin->kinetics->age($event) / $rate;

        return new self($minutes(Milestone::TackFrom), $minutes(Milestone::TackUntil), $minutes(Milestone::Sandable));
    }

    /** Place of a moment on a line of this width. */
    public function x(float $minutes, float $width): float
    {
        return round($width * min(1.0, $minutes / self::SPAN_MIN), 1);
    }
}
