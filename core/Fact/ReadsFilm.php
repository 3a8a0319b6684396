<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** A fact that says something of the film. */
interface ReadsFilm
{
    /** Takes what was read into the estimate as it stood at that minute. */
    public function intoFilm(FilmBook $film, float $atMin): void;
}
