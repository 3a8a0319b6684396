<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/**
 * The strip along an edge that a coat pulls thin: an eighth of a turn on each side of the radius, at least 6 mm wide.
 * Its film is fed by the face behind it, so that what drains over the edge has come this far, not the strip's width.
 */
final class EdgeBand
{
    private const FED_FROM_M = 0.05;

    public static function zone(string $name, float $runMm, float $radiusMm, float $slopeDeg = 30.0): Zone
    {
        $band = max(6.0, 0.5 * M_PI * $radiusMm);

        return new Zone($name, ZoneKind::Edge, $slopeDeg, self::FED_FROM_M, $runMm * $band / 1e6, Visibility::Show, $radiusMm);
    }
}
