<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Cure\Activation;
use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** How a mixed resin flows and how long: viscosity and gel of its film, both driven by temperature. */
final readonly class Rheology
{
    /** Growth of viscosity until gel, e^(k·t/gel); from 3 to 7 is published. */
    public const GROWTH = 4.0;

    /**
     * @param float $densityGCm3  0.5 to 3
     * @param float $viscosityPaS mixed, at the reference temperature, 0.01 to 1 000
     * @param float $gelAgeMin    gel of the film at the reference temperature, 0.1 to 100 000
     * @param float $shrinkage    0 to 0.2
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $densityGCm3,
        public Temperature $reference,
        public float $viscosityPaS,
        public Activation $flow,
        public float $gelAgeMin,
        public Activation $cure,
        public float $shrinkage = 0.03,
    ) {
        Bounds::within($densityGCm3, 0.5, 3.0, 'density', 'g/cm³');
        Bounds::within($viscosityPaS, 0.01, 1000.0, 'viscosity', 'Pa s');
        Bounds::within($gelAgeMin, 0.1, 100000.0, 'gel age', 'min');
        Bounds::within($shrinkage, 0.0, 0.2, 'shrinkage', '');
    }

    /** η = ηref·exp(Ev/R(1/T − 1/Tref)), Pa s. */
    public function viscosityAt(Temperature $t): float
    {
        return $this->viscosityPaS / $this->flow->rate($t, $this->reference);
    }

    /** Gel of the film in minutes: gel age over the rate of cure. */
    public function gelAt(Temperature $t): float
    {
        return $this->gelAgeMin / $this->cure->rate($t, $this->reference);
    }

    /** Share of all its flow that is over so many minutes after a coat, 0 to 1. */
    public function flownBy(float $minutes, Temperature $t): float
    {
        return min(1.0, (1.0 - exp(-self::GROWTH * max(0.0, $minutes) / $this->gelAt($t))) / (1.0 - exp(-self::GROWTH)));
    }

    /** Minutes' worth of flow at the first viscosity: gel(1 − e^(−k))/k. */
    public function effectiveFlowAt(Temperature $t): float
    {
        return $this->gelAt($t) * (1.0 - exp(-self::GROWTH)) / self::GROWTH;
    }
}
