<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What the cloth lies on, as the eye sees it through the weave. */
enum Backing: string
{
    /** Base resin with all the pigment that its sheet bears: nothing shows through. */
    case Black = 'black';
    /** Base resin with half of that: it darkens, and hides nothing. */
    case Tinted = 'tinted';
    /** Black paint or primer under an untinted base: nothing shows through. */
    case Painted = 'painted';
    /** The part itself. */
    case Untinted = 'untinted';

    /** Share of the pigment that the base resin's sheet bears. */
    public function pigmentShare(): float
    {
        return match ($this) {
            self::Black => 1.0,
            self::Tinted => 0.5,
            self::Painted, self::Untinted => 0.0,
        };
    }

    public function hides(): bool
    {
        return $this === self::Black || $this === self::Painted;
    }
}
