<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Temperature;

/**
 * What stays of a wet film on a sloping face until it gels: h(x) = √(ηx/(ρ g sinθ teff)) after Jeffreys 1930,
 * x from the upper end, capped at what was applied; the mean over the length in closed form.
 */
final class Drainage
{
    /** Gravity, m/s². */
    public const GRAVITY = 9.80665;

    /** Mean film in µm that stays of $appliedUm; the edge's pull not included. */
    public static function retainedUm(float $appliedUm, Face $face, Rheology $resin, Temperature $t): float
    {
        $sine = sin(deg2rad($face->slopeDeg));
        if ($sine <= 0.0 || $appliedUm <= 0.0) {
            return max(0.0, $appliedUm);
        }
        $applied = $appliedUm * 1e-6;
        // h(x)² = factor · x
        $factor = $resin->viscosityAt($t) / ($resin->densityGCm3 * 1000.0 * self::GRAVITY * $sine * $resin->effectiveFlowAt($t) * 60.0);
        $length = $face->lengthM;
        $thinUntil = min($length, $applied * $applied / $factor);
        $mean = (2.0 / 3.0 * sqrt($factor) * $thinUntil ** 1.5 + $applied * ($length - $thinUntil)) / $length;

        return $mean * 1e6;
    }
}
