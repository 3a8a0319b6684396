<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** What is known of the film on a part, zone by zone. */
interface FilmBook
{
    /** The part itself lay on a scale, grams. */
    public function weighed(float $grams, float $atMin): void;

    /**
     * The cover over the crowns of a zone, µm, the mean of some readings; its tool's step, µm.
     *
     * @param bool  $withPly  the reading holds ply and base too
     * @param float $scatters how much more than on the zone itself the film scatters where it was read
     */
    public function measured(string $zone, float $um, int $readings, float $stepUm, bool $withPly, float $scatters): void;
}
