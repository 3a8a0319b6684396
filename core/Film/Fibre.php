<?php

declare(strict_types=1);

namespace OakGloss\Film;

/** What a cloth is woven of. */
enum Fibre: string
{
    case Carbon = 'carbon';
    case Glass = 'glass';

    /** g/cm³ (planning values). */
    public function density(): float
    {
        return match ($this) {
            self::Carbon => Weave::FIBRE_DENSITY,
            self::Glass => 2.55,
        };
    }
}
