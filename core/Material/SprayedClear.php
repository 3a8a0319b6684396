<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Film\Drainage;
use OakGloss\Film\Levelling;
use OakGloss\Film\Rheology;
use OakGloss\Quantity\Bounds;

/** A sprayed lacquer as its sheet and the gun give it. */
final readonly class SprayedClear
{
    /** Waves that a gun leaves in a wet coat: height and length (ours). */
    private const PEEL_UM = 15.0;
    private const PEEL_MM = 6.0;

    /** @throws \OakGloss\Quantity\OutOfRange If one of them is out of range. */
    public function __construct(
        public float $wetUm,
        public float $volumeSolids,
        public float $transfer,
        public float $viscosityPaS,
        public float $densityGCm3,
        public float $setMin,
    ) {
        Bounds::within($wetUm, 1.0, 1000.0, 'wet coat', 'µm');
        Bounds::within($volumeSolids, self::LEAST_SOLIDS, 1.0, 'volume solids', '');
        Bounds::within($transfer, 0.05, 1.0, 'transfer', '');
        Bounds::within($viscosityPaS, 0.001, 100.0, 'viscosity', 'Pa s');
        Bounds::within($densityGCm3, 0.5, 3.0, 'density', 'g/cm³');
        Bounds::within($setMin, 0.01, 1440.0, 'time to set', 'min');
    }

    /** Under this nothing is a coat. */
    private const LEAST_SOLIDS = 0.01;

    /** Of a usual thinner, Pa s and g/cm³ (planning values). */
    private const THINNER_PA_S = 0.0008;
    private const THINNER_G_CM3 = 0.87;

    /**
     * With so much thinner by volume to one of it: fewer solids, thinner by the logarithm of viscosities in their volumes
     * (Arrhenius 1887), as much longer to set as there is more to leave it.
     *
     * @param float $share 0 to 1
     *
     * @throws \OakGloss\Quantity\OutOfRange If the share is out of range.
     */
    public function thinned(float $share): self
    {
        Bounds::within($share, 0.0, 1.0, 'thinner', 'of the clear');
        $of = 1.0 + $share;

        return new self(
            $this->wetUm,
            max(self::LEAST_SOLIDS, $this->volumeSolids / $of),
            $this->transfer,
            max(0.001, exp((log($this->viscosityPaS) + $share * log(self::THINNER_PA_S)) / $of)),
            ($this->densityGCm3 + $share * self::THINNER_G_CM3) / $of,
            min(1440.0, $this->setMin * $this->leavesLonger($share)),
        );
    }

    /** How many times as long what has to leave a wet coat takes, with so much thinner more. */
    public function leavesLonger(float $share): float
    {
        $leaves = 1.0 - $this->volumeSolids;

        return $leaves <= 0.0 ? 1.0 : (1.0 - $this->volumeSolids / (1.0 + $share)) / $leaves;
    }

    public function dryPerCoatUm(): float
    {
        return $this->wetUm * $this->volumeSolids;
    }

    /** Fewest coats whose dry build holds what should stay and what flatting and polish take, µm. */
    public function coatsFor(float $finalUm, float $cutUm): int
    {
        return (int) max(1.0, ceil(($finalUm + $cutUm) / $this->dryPerCoatUm() - 1e-9));
    }

    /** Ready to spray, litres. */
    public function litresFor(float $areaM2, int $coats): float
    {
        return $areaM2 * $this->wetUm / 1000.0 / $this->transfer * $coats;
    }

    /** Stays in gun, cup and hose whatever is sprayed, litres; the smallest mix that a gun draws well (planning values). */
    private const GUN_KEEPS_L = 0.030;
    private const SMALLEST_MIX_L = 0.100;
    /** Of a can a third never leaves it as a coat, of a brushed varnish a tenth stays in the brush (planning values). */
    private const CAN_LOSES = 1.0 / 3.0;
    private const BRUSH_LOSES = 0.1;

    /** What must be mixed or bought so that so many litres are sprayed or brushed. */
    public function withLosses(float $litres, ClearKind $kind): float
    {
        return match ($kind) {
            ClearKind::TwoPart, ClearKind::Filler => max(self::SMALLEST_MIX_L, $litres + self::GUN_KEEPS_L),
            ClearKind::Can => $litres / (1.0 - self::CAN_LOSES),
            ClearKind::Varnish => $litres / (1.0 - self::BRUSH_LOSES),
        };
    }

    /** Whether a gun asks for more than the part does. */
    public function isSmallestMix(float $litres, ClearKind $kind): bool
    {
        return in_array($kind, [ClearKind::TwoPart, ClearKind::Filler], true) && $litres + self::GUN_KEEPS_L < self::SMALLEST_MIX_L;
    }

    /**
     * Peel that is left when it has set, dry, µm: waves of the gun level until the film stiffens (Orchard 1962), for as
     * many minutes' worth of flow as viscosity growing e⁴-fold leaves of the time to set.
     */
    public function peelUm(): float
    {
        $flow = $this->setMin * (1.0 - exp(-Rheology::GROWTH)) / Rheology::GROWTH;

        return $this->volumeSolids * Levelling::rippleLeftUm(self::PEEL_UM, self::PEEL_MM, $this->wetUm, $this->viscosityPaS, $flow);
    }

    /** Greatest wet coat that creeps no further than the limit before it sets, µm; null on a level face. */
    public function greatestWetUm(float $slopeDeg, float $sagLimitMm): ?float
    {
        $pull = $this->densityGCm3 * 1000.0 * Drainage::GRAVITY * sin(deg2rad($slopeDeg)) * $this->setMin * 60.0;

        return $pull > 0.0 ? sqrt(2.0 * $this->viscosityPaS * $sagLimitMm * 1e-3 / $pull) * 1e6 : null;
    }

    /**
     * The same where the film stiffens as it sets, e⁴-fold until then: it creeps for as many minutes' worth only. At
     * one viscosity until it sets a coat that holds in any booth would be said to run.
     */
    public function holdsWetUm(float $slopeDeg, float $sagLimitMm): ?float
    {
        $steady = $this->greatestWetUm($slopeDeg, $sagLimitMm);

        return $steady === null ? null : $steady * sqrt(Rheology::GROWTH / (1.0 - exp(-Rheology::GROWTH)));
    }
}
