<?php

declare(strict_types=1);

namespace OakGloss\Cloth;

use OakGloss\Quantity\Bounds;

/** Resin that a vacuum draws through a stack of dry plies: t = φ η L²/(2 K Δp) (Darcy's law for a straight front). */
final class FlowFront
{
    /** Share of a stack that is not fibre (planning value). */
    public const POROSITY = 0.5;
    /** What a shop's pump makes, Pa (planning value). */
    public const DRAWN_PA = 90000.0;
    /** Permeability along the stack, m², with flow mesh and without (planning values; the reinforcement's sheet comes first). */
    public const WITH_MESH_M2 = 1e-9;
    public const WITHOUT_MESH_M2 = 1e-11;

    /**
     * Minutes until the front is so far.
     *
     * @param float $lengthM        0.01 to 20, from the feed
     * @param float $viscosityPaS   0.01 to 100, at the resin's temperature
     * @param float $permeabilityM2 1e-14 to 1e-6
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public static function minutes(
        float $lengthM,
        float $viscosityPaS,
        float $permeabilityM2,
        float $drawnPa = self::DRAWN_PA,
        float $porosity = self::POROSITY,
    ): float {
        Bounds::within($lengthM, 0.01, 20.0, 'way of the resin', 'm');
        Bounds::within($viscosityPaS, 0.01, 100.0, 'viscosity', 'Pa s');
        Bounds::within($permeabilityM2, 1e-14, 1e-6, 'permeability', 'm²');
        Bounds::within($drawnPa, 1000.0, 101325.0, 'vacuum drawn', 'Pa');
        Bounds::within($porosity, 0.1, 0.9, 'porosity', '');

        return $porosity * $viscosityPaS * $lengthM ** 2 / (2.0 * $permeabilityM2 * $drawnPa) / 60.0;
    }
}
