<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Temperature;

/** Marks of the bristles in a wet film: what is left when it has gelled, and the last minute to tip off (Orchard 1962). */
final readonly class BrushMarks
{
    /** Pitch and height of the marks that a good brush leaves, mm and µm (ours). */
    public const PITCH_MM = 3.0;
    public const HEIGHT_UM = 25.0;

    /** Marks under this are out of sight after the next flatting, µm (ours). */
    public const UNSEEN_UM = 1.0;

    private function __construct(public float $leftUm, public ?float $lastBrushMin)
    {
    }

    /** @param float $filmUm what stays on the face, wet */
    public static function in(float $filmUm, Rheology $resin, Temperature $t): self
    {
        $flow = $resin->effectiveFlowAt($t);
        $left = Levelling::rippleLeftUm(self::HEIGHT_UM, self::PITCH_MM, $filmUm, $resin->viscosityAt($t), $flow);
        if ($left > self::UNSEEN_UM) {
            return new self($left, null);
        }
        // Of one minute's flow at the first viscosity so much of ln(height) goes.
        $perMin = log(self::HEIGHT_UM / max(
            1e-300,
            Levelling::rippleLeftUm(self::HEIGHT_UM, self::PITCH_MM, $filmUm, $resin->viscosityAt($t), 1.0),
        ));
        $needed = log(self::HEIGHT_UM / self::UNSEEN_UM) / $perMin;
        $gel = $resin->gelAt($t);

        return new self($left, -$gel / Rheology::GROWTH * log(exp(-Rheology::GROWTH) + $needed * Rheology::GROWTH / $gel));
    }
}
