<?php

declare(strict_types=1);

namespace OakGloss\Film;

/** How the film of a skin came to be known. Shares and least doubts are planning values (ours). */
enum FilmSource: string
{
    /** A slug or an edge under a calliper. */
    case Measured = 'measured';
    /** A gauge laid on the surface, which counts the weave in where it can't tell it from the film. */
    case Gauged = 'gauged';
    /** As a mould leaves a face over its weave. */
    case Moulded = 'moulded';
    /** By the coats that somebody remembers, or by eye. */
    case Guessed = 'guessed';

    public function doubtShare(): float
    {
        return match ($this) {
            self::Measured => 0.05,
            self::Gauged, self::Moulded => 0.15,
            self::Guessed => 0.4,
        };
    }

    public function leastDoubtUm(): float
    {
        return match ($this) {
            self::Measured => 10.0,
            self::Moulded => 8.0,
            self::Gauged => 20.0,
            self::Guessed => 40.0,
        };
    }
}
