<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Film\ExistingFilm;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Shape;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;

/** A part such as a method is for: whoever adds a method gives it one, and every rule that all methods keep is tried on it. */
final readonly class Example
{
    /**
     * @param array<string, mixed>                    $chosen  what is chosen otherwise than usual, by the parameters of `Choices`
     * @param ExistingFilm|null                       $film    that lies there already
     * @param float|null                              $wholeM2 of the part that a place is on
     * @param array{length: float, width: float}|null $blankMm cut from it
     */
    public function __construct(
        public Shape $shape,
        public Substrate $substrate,
        public array $chosen = [],
        public ?ExistingFilm $film = null,
        public bool $primed = true,
        public Backing $backing = Backing::Untinted,
        public bool $sun = false,
        public ?float $wholeM2 = null,
        public ?array $blankMm = null,
    ) {
    }

    /**
     * A bent panel with a flank, a bend and rims: a face of each kind.
     *
     * @param array<string, mixed> $chosen
     */
    public static function bent(Substrate $substrate, array $chosen = [], ?ExistingFilm $film = null): self
    {
        return new self(new BentPanel(400.0, 200.0, 120.0, 62.0, 8.0, 3.0), $substrate, $chosen, $film, false, Backing::Black);
    }
}
