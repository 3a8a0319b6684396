<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** What runs off a face while it is wet, where that collects, and what the face would hold (drainage after Jeffreys). */
final readonly class RunRisk
{
    /** A face holds a coat of which no more than this drains, and whose bead does not let go (ours). */
    public const HELD_SHARE = 0.10;

    /** A bead hanging on the lower edge with a radius above this lets go as a run, mm (ours). */
    public const RUNS_FROM_MM = 1.5;

    /**
     * @param float|null $holdsGM2   heaviest coat that the face holds, g/m²; null on a level face
     * @param float      $drainedGM2 that leaves the face
     * @param float      $gPerEdgeM  of it on each metre of the lower edge
     * @param float      $beadMm     radius, if it hangs there as a half round
     * @param float|null $turnAtMin  after the coat: when half of the flow is over
     */
    private function __construct(public ?float $holdsGM2, public float $drainedGM2, public float $gPerEdgeM, public float $beadMm, public ?float $turnAtMin)
    {
    }

    /**
     * @param float $gM2   0 to 3 000
     * @param int   $turns how often the part is turned over while it flows, evenly by flow: each end then is the lower
     *                     one for a share of it, and what collects is divided by one more than the turns (ours)
     *
     * @throws \OakGloss\Quantity\OutOfRange If the weight is out of range.
     */
    public static function of(Face $face, Rheology $resin, Temperature $t, float $gM2, int $turns = 0): self
    {
        $applied = Bounds::within($gM2, 0.0, Coat::HEAVIEST_GM2, 'coat weight', 'g/m²') / $resin->densityGCm3;
        $drained = ($applied - Drainage::retainedUm($applied, $face, $resin, $t)) * $resin->densityGCm3 / (1 + $turns);
        $perMetre = $drained * $face->lengthM;

        return new self(self::holds($face, $resin, $t), $drained, $perMetre, sqrt(2.0 * $perMetre / $resin->densityGCm3 / M_PI), self::halfFlowMin($resin, $t));
    }

    public function runs(): bool
    {
        return $this->beadMm > self::RUNS_FROM_MM;
    }

    /**
     * The lesser of two films: the one that loses a tenth, h = √(0.3·kL), and the one whose bead just hangs, from
     * h³/3k = A while its thinned part ends on the face, else h = A/L + ⅔√(kL); k = η/(ρ g sinθ teff), A the bead's section.
     */
    private static function holds(Face $face, Rheology $resin, Temperature $t): ?float
    {
        $sine = sin(deg2rad($face->slopeDeg));
        if ($sine < 1e-6) {
            return null;
        }
        $length = $face->lengthM;
        $factor = $resin->viscosityAt($t) / ($resin->densityGCm3 * 1000.0 * Drainage::GRAVITY * $sine * $resin->effectiveFlowAt($t) * 60.0);
        $section = 0.5 * M_PI * (self::RUNS_FROM_MM * 1e-3) ** 2;
        $bead = (3.0 * $factor * $section) ** (1.0 / 3.0);
        if ($bead ** 2 > $factor * $length) {
            $bead = $section / $length + 2.0 / 3.0 * sqrt($factor * $length);
        }

        return min(sqrt(3.0 * self::HELD_SHARE * $factor * $length), $bead) * 1e6 * $resin->densityGCm3;
    }

    private static function halfFlowMin(Rheology $resin, Temperature $t): float
    {
        return -$resin->gelAt($t) / Rheology::GROWTH * log(1.0 - 0.5 * (1.0 - exp(-Rheology::GROWTH)));
    }
}
