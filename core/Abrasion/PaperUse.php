<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/**
 * How much paper a cut wears out: what half a sheet (140 × 115 mm) takes before it is dull or full, by its grit. Fine paper
 * takes less, not in proportion to its grain but to the root of it: it loads slowly in water. Planning values, ours.
 */
final class PaperUse
{
    /** Half a sheet wet, m²·µm, by P number. */
    private const WET_M2_UM = [
        40 => 7.4, 60 => 5.9, 80 => 5.1, 100 => 4.6, 120 => 4.0, 150 => 3.6, 180 => 3.2, 220 => 3.0, 240 => 2.7, 280 => 2.6,
        320 => 2.4, 360 => 2.3, 400 => 2.1, 500 => 2.0, 600 => 1.8, 800 => 1.7, 1000 => 1.5, 1200 => 1.4, 1500 => 1.3,
        2000 => 1.1, 2500 => 1.0, 3000 => 0.9, 5000 => 0.8,
    ];

    /** What half a sheet, or a disc of 150 mm, takes, m²·µm. */
    public static function lastsM2Um(SandingMethod $driven, Grit $grit): float
    {
        return self::WET_M2_UM[$grit->number] * match ($driven) {
            SandingMethod::WetBlock => 1.0,
            // Dry it clogs sooner; a disc is larger, and its dust is drawn off.
            SandingMethod::DryBlock => 0.625,
            SandingMethod::Orbital => 1.5,
        };
    }

    /** Half sheets, or discs, for a cut of a mean depth; whole ones, at least one. */
    public static function pieces(SandingMethod $driven, Grit $grit, float $areaM2, float $cutUm): int
    {
        return max(1, (int) ceil($areaM2 * $cutUm / self::lastsM2Um($driven, $grit) - 1e-9));
    }
}
