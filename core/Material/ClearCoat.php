<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Clear\SprayedClear;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;

/** A clear as its sheet gives it. */
final readonly class ClearCoat
{
    /**
     * @param float $flashMin      between coats
     * @param float $readyAfterMin until it may be flatted and polished, or handled where it is not
     * @param float $finalUm       dry film that should stay for the sun's sake
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public string $name,
        public SprayedClear $sprayed,
        public Finish $sheen,
        public bool $isocyanate,
        public float $flashMin,
        public float $readyAfterMin,
        public float $finalUm,
        public float $minC,
    ) {
        Bounds::within($flashMin, 0.0, 1440.0, 'flash time', 'min');
        Bounds::within($readyAfterMin, 1.0, 30000.0, 'time until ready', 'min');
        Bounds::within($finalUm, 1.0, 500.0, 'film that stays', 'µm');
        Bounds::within($minC, -10.0, 60.0, 'coldest air to spray in', '°C');
    }
}
