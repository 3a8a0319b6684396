<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Quantity\Bounds;

/** What goes on, g/m². Planning values; wet-out and laminate are shares of the cloth's weight. */
final readonly class CoatWeights
{
    /** @throws \OakGloss\Quantity\OutOfRange If a weight is out of range. */
    public function __construct(
        public float $baseGM2 = 100.0,
        public float $wetOutShare = 0.7,
        public float $buildGM2 = 110.0,
        public float $finishGM2 = 75.0,
        public float $sealGM2 = 80.0,
        public float $tackGM2 = 60.0,
        public float $laminateShare = 1.0,
        public float $pourGM2 = 300.0,
        public float $gelGM2 = 500.0,
    ) {
        Bounds::within($baseGM2, 30.0, 300.0, 'base coat', 'g/m²');
        Bounds::within($wetOutShare, 0.3, 1.5, 'wet-out over cloth weight', '');
        Bounds::within($laminateShare, 0.5, 2.0, 'resin over ply weight', '');
        Bounds::within($buildGM2, 30.0, 400.0, 'build coat', 'g/m²');
        Bounds::within($finishGM2, 30.0, 200.0, 'finish coat', 'g/m²');
        Bounds::within($pourGM2, 100.0, 600.0, 'poured coat', 'g/m²');
        Bounds::within($gelGM2, 100.0, 1500.0, 'gel coat', 'g/m²');
        Bounds::within($sealGM2, 20.0, 200.0, 'seal coat', 'g/m²');
        Bounds::within($tackGM2, 20.0, 200.0, 'tack coat', 'g/m²');
    }
}
