<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/**
 * How much paper a cut wears out: a sheet takes so much resin before it is dull or full. Planning values, in
 * proportion to the grain: half a sheet (140 × 115 mm) of P120 takes 4 cm³ wet, 2.5 cm³ dry, a disc of 150 mm 6 cm³.
 */
final class PaperUse
{
    public static function capacityCm3(SandingMethod $driven, Grit $grit): float
    {
        $atP120 = match ($driven) {
            SandingMethod::WetBlock => 4.0,
            SandingMethod::DryBlock => 2.5,
            SandingMethod::Orbital => 6.0,
        };

        return $atP120 * $grit->meanGrainUm / Grit::MEAN_GRAIN_UM[120];
    }

    /** Half sheets, or discs, for a cut of a mean depth; whole ones, at least one. */
    public static function pieces(SandingMethod $driven, Grit $grit, float $areaM2, float $cutUm): int
    {
        return max(1, (int) ceil($areaM2 * $cutUm / self::capacityCm3($driven, $grit) - 1e-9));
    }
}
