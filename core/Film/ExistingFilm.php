<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/** The film of a skin that lies on a part already, as far as anybody knows it. */
final readonly class ExistingFilm
{
    /**
     * @param float $overUm   mean over the weave's crowns, 0 to 2 000 µm
     * @param float $reliefUm ridge to low of its surface, 1 to 1 000 µm
     * @param float $doubtUm  of that mean, one standard deviation, 1 to 1 000 µm
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(public float $overUm, public float $reliefUm, public float $doubtUm)
    {
        Bounds::within($overUm, 0.0, 2000.0, 'film over the weave', 'µm');
        Bounds::within($reliefUm, 1.0, 1000.0, 'ridge to low', 'µm');
        Bounds::within($doubtUm, 1.0, 1000.0, 'doubt of the film', 'µm');
    }

    /** The film as it came to be known: a share of it in doubt, and something always. */
    public static function known(float $overUm, float $reliefUm, FilmSource $by): self
    {
        return new self($overUm, $reliefUm, max($by->leastDoubtUm(), $by->doubtShare() * $overUm));
    }
}
