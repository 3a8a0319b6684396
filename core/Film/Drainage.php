<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Temperature;

/**
 * What stays of a wet film on a sloping face until it gels. The uppermost face in closed form: h(x) = √(ηx/(ρ g sinθ teff))
 * after Jeffreys 1930, x from the upper end, capped at what was applied. A face below others is fed by them.
 */
final class Drainage
{
    /** Gravity, m/s². */
    public const GRAVITY = 9.80665;

    /** Mean film in µm that stays of a coat on a face, what ran onto it included; the edge's pull not. */
    public static function retainedUm(Coat $coat, Face $face, Rheology $resin): float
    {
        if ($coat->turns === [] && $face->above === []) {
            return self::aloneUm($coat->onto($face) / $resin->densityGCm3, $face, $resin, $coat->at);
        }
        if ($coat->gM2 <= 0.0) {
            return 0.0;
        }
        $faces = $coat->turns === [] ? [...$face->above, $face] : [...$face->above, $face, ...$face->below];
        $line = new FallLine($faces, array_map(fn (Face $f): float => $coat->onto($f) / $coat->gM2, $faces));
        $appliedUm = $coat->gM2 / $resin->densityGCm3;
        $tau = self::tau($appliedUm, $resin, $coat->at);

        return $appliedUm * ($coat->turns === [] ? $line->keptByLast($tau) : $line->kept($tau, $coat->turns)['kept'][count($face->above)]);
    }

    /** Mean film in µm that stays of $appliedUm on a face that nothing feeds. */
    public static function aloneUm(float $appliedUm, Face $face, Rheology $resin, Temperature $t): float
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

    /** τ = h0²·ρ g·teff/3η in metres: how far a film of this thickness gets on an upright face, over three. */
    public static function tau(float $appliedUm, Rheology $resin, Temperature $t): float
    {
        return ($appliedUm * 1e-6) ** 2 * $resin->densityGCm3 * 1000.0 * self::GRAVITY
            * $resin->effectiveFlowAt($t) * 60.0 / (3.0 * $resin->viscosityAt($t));
    }
}
