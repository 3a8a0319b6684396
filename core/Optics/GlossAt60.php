<?php

declare(strict_types=1);

namespace OakGloss\Optics;

use OakGloss\Quantity\Bounds;

/**
 * Gloss units at 60° (ISO 2813): Fresnel reflectance against black glass, times what roughness leaves of it.
 * Specular part after Bennett & Porteus 1961 at λ 0.55 µm, and a scattered share that the meter still catches (ours).
 */
final class GlossAt60
{
    /** Refractive index of a cured epoxy or clear. */
    public const RESIN_INDEX = 1.53;

    /** Depth of a scratch over rms roughness, after paper and after compound. */
    public const RZ_OVER_RMS = 8.0;

    private const BLACK_GLASS_INDEX = 1.567;
    private const WAVELENGTH_UM = 0.55;

    /**
     * @param float $rmsUm 0 to 50 µm
     * @param float $index 1.2 to 2.5
     *
     * @throws \OakGloss\Quantity\OutOfRange If either is out of range.
     */
    public static function of(float $rmsUm, float $index = self::RESIN_INDEX): float
    {
        Bounds::within($rmsUm, 0.0, 50.0, 'rms roughness', 'µm');
        Bounds::within($index, 1.2, 2.5, 'refractive index', '');
        $specular = 0.92 * exp(-(4.0 * M_PI * $rmsUm * cos(M_PI / 3.0) / self::WAVELENGTH_UM) ** 2);
        $scattered = 0.08 * exp(-8.0 * $rmsUm / 4.2);

        return 100.0 * self::reflectance($index) / self::reflectance(self::BLACK_GLASS_INDEX) * ($specular + $scattered);
    }

    /** Rms of a sanded surface is an eighth of its scratch. */
    public static function rmsAfterPaper(float $scratchUm): float
    {
        return $scratchUm / self::RZ_OVER_RMS;
    }

    /** Fresnel at 60°, both polarisations alike. */
    private static function reflectance(float $index): float
    {
        $cos = cos(M_PI / 3.0);
        $root = sqrt($index ** 2 - sin(M_PI / 3.0) ** 2);
        $s = ($cos - $root) / ($cos + $root);
        $p = ($index ** 2 * $cos - $root) / ($index ** 2 * $cos + $root);

        return 0.5 * ($s ** 2 + $p ** 2);
    }
}
