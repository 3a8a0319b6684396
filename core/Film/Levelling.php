<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/** What is left of brush marks, and how far a film's surface creeps, before it gels. */
final class Levelling
{
    /** Surface tension of a laminating resin, N/m. */
    public const SURFACE_TENSION = 0.035;

    /**
     * Orchard 1962: a = a0·exp(−16π⁴γh³/(3λ⁴η)·teff).
     *
     * @return float ripple left, µm
     */
    public static function rippleLeftUm(
        float $rippleUm,
        float $wavelengthMm,
        float $filmUm,
        float $viscosityPaS,
        float $effectiveMin,
    ): float {
        Bounds::within($wavelengthMm, 0.01, 1000.0, 'wavelength', 'mm');
        Bounds::within($viscosityPaS, 0.001, 1000.0, 'viscosity', 'Pa s');
        $perSecond = 16.0 * M_PI ** 4 * self::SURFACE_TENSION * ($filmUm * 1e-6) ** 3 / (3.0 * ($wavelengthMm * 1e-3) ** 4 * $viscosityPaS);

        return $rippleUm * exp(-$perSecond * $effectiveMin * 60.0);
    }

    /** ρ g sinθ h²/(2η)·teff, mm. */
    public static function sagMm(float $filmUm, float $slopeDeg, float $densityGCm3, float $viscosityPaS, float $effectiveMin): float
    {
        $pull = $densityGCm3 * 1000.0 * Drainage::GRAVITY * sin(deg2rad($slopeDeg));

        return $pull * ($filmUm * 1e-6) ** 2 / (2.0 * Bounds::within(
            $viscosityPaS,
            0.001,
            1000.0,
            'viscosity',
            'Pa s',
        )) * $effectiveMin * 60.0 * 1000.0;
    }
}
