<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** The strip along an edge that a coat pulls thin: an eighth of a turn on each side of the radius, at least 6 mm wide. */
final class EdgeBand
{
    private const LEAST_MM = 6.0;

    /** How wide the strip is, mm. */
    public static function widthMm(float $radiusMm): float
    {
        return max(self::LEAST_MM, 0.5 * M_PI * $radiusMm);
    }

    /** @param float|null $lengthM down the slope, where the film runs along the strip; its width where it runs over it */
    public static function zone(string $name, float $runMm, float $radiusMm, float $slopeDeg = 30.0, ?float $lengthM = null): Zone
    {
        $band = self::widthMm($radiusMm);

        return new Zone($name, ZoneKind::Edge, $slopeDeg, $lengthM ?? $band / 1000.0, $runMm * $band / 1e6, Visibility::Show, $radiusMm);
    }
}
