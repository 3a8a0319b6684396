<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;

/** Doubt of a cure forecast: one standard deviation of the resin's pace (on a log scale) and of the part's temperature. */
final readonly class Spread
{
    /** Of a rate that only its sheet is known of, ln. */
    public const SHEET_SIGMA = 0.12;

    /** Of a rate whose sheet leaves out figures that were assumed by its kind, ln (ours): a window may open a fifth sooner or later. */
    public const ASSUMED_SIGMA = 0.2;

    /** A part is as warm as reckoned within this, °C (ours). */
    public const PART_C = 1.5;

    /** @throws \OakGloss\Quantity\OutOfRange If outside 0 to 1 or 0 to 15 °C. */
    public function __construct(public float $rateSigma = self::SHEET_SIGMA, public float $temperatureC = self::PART_C)
    {
        Bounds::within($rateSigma, 0.0, 1.0, 'spread of the rate', '');
        Bounds::within($temperatureC, 0.0, 15.0, 'spread of the temperature', '°C');
    }
}
