<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Film\FilmSource;
use OakGloss\Material\Chemistry;

/** What a method begins with where nobody says otherwise: its choices, and the film that a skin of its kind mostly has. */
final readonly class Usual
{
    /**
     * @param float|null $filmUm   over the weave; null where it has to be said, or there is none
     * @param float|null $reliefUm ridge to low
     * @param Chemistry  $skin     of the resin over the cloth
     */
    public function __construct(
        public Choices $choices = new Choices(),
        public ?float $filmUm = null,
        public ?float $reliefUm = null,
        public ?FilmSource $filmKnownBy = null,
        public Chemistry $skin = Chemistry::Epoxy,
    ) {
    }
}
