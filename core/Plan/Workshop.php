<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Method\CoatWeights;
use OakGloss\Method\Pace;
use OakGloss\Quantity\Bounds;

/** The shop's own numbers. */
final readonly class Workshop
{
    /** One per cent of a square metre is a hand's breadth sanded through. */
    public const TARGET_BURN_THROUGH = 0.001;

    /**
     * @param float $workingAirC       mean air while hands are at the bench, for coats that are still ahead
     * @param float $cupLossG          stays in cup and brush, a coat
     * @param float $scaleStepG        what the scale can tell apart
     * @param float $targetBurnThrough share of a show zone that may be burnt through
     * @param float $partScaleStepG    what the scale for whole parts can tell apart
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $workingAirC,
        public float $cupLossG = 8.0,
        public float $scaleStepG = 0.1,
        public float $targetBurnThrough = self::TARGET_BURN_THROUGH,
        public Pace $pace = new Pace(),
        public CoatWeights $weights = new CoatWeights(),
        public float $partScaleStepG = 1.0,
    ) {
        Bounds::within($workingAirC, -40.0, 80.0, 'working air', '°C');
        Bounds::within($cupLossG, 0.0, 200.0, 'left in cup and brush', 'g');
        Bounds::within($scaleStepG, 0.001, 10.0, 'step of the scale', 'g');
        Bounds::within($partScaleStepG, 0.01, 100.0, 'step of the part scale', 'g');
        Bounds::within($targetBurnThrough, 0.00001, 0.5, 'burn-through target', '');
    }
}
