<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** The air that a practice part is worked in. */
final readonly class Weather
{
    /**
     * @param float $warmerC  than a workshop of 19 °C
     * @param float $humidity relative, %
     */
    public function __construct(public float $warmerC = 0.0, public float $humidity = 45.0)
    {
    }
}
