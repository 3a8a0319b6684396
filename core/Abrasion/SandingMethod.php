<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/** How a paper is driven: it decides the depth of the scratch and the speed of the cut. */
enum SandingMethod: string
{
    case WetBlock = 'wet_block';
    case DryBlock = 'dry_block';
    case Orbital = 'orbital';

    /** κ in Rz = κ·d50. */
    public function scratchRatio(): float
    {
        return match ($this) {
            self::WetBlock => 0.10,
            self::DryBlock => 0.12,
            self::Orbital => 0.08,
        };
    }

    /** Depth of the scratch that a paper leaves, Rz in µm. */
    public function scratchUm(Grit $grit): float
    {
        return $this->scratchRatio() * $grit->meanGrainUm;
    }

    /** Below this grain a paper cuts less than half as fast and slackens as grain^0.6, µm (ours). */
    private const FINE_UM = 50.0;

    /** Removal in m²·µm/min: Preston 1927, known at P120; in proportion to the grain down to 50 µm, 0.4·(d50/50)^0.6 below. */
    public function speed(Grit $grit): float
    {
        $atP120 = match ($this) {
            self::WetBlock => 0.50,
            self::DryBlock => 0.60,
            self::Orbital => 2.0,
        };

        $grain = $grit->meanGrainUm;

        return $atP120 * ($grain >= self::FINE_UM ? $grain / Grit::MEAN_GRAIN_UM[120] : 0.4 * ($grain / self::FINE_UM) ** 0.6);
    }
}
