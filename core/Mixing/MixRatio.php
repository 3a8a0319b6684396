<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/** Grams of hardener for each gram of resin. However a sheet states it, a scale needs it by weight. */
final readonly class MixRatio
{
    /** A ratio of weights and one of volumes are told apart where they differ by more. */
    private const TOLD_APART = 0.02;

    /** A weighed ratio is taken for the stated volumes within so much. */
    private const TAKEN_FOR = 0.01;

    /** @param float|null $volumes of hardener to one of resin, where the sheet states volumes */
    private function __construct(public float $hardenerPerResin, public ?float $volumes = null)
    {
    }

    /**
     * @param float $phr grams of hardener to 100 g of resin
     *
     * @throws \OakGloss\Quantity\OutOfRange If outside 0.1 to 500.
     */
    public static function byWeight(float $phr): self
    {
        return new self(Bounds::within($phr, 0.1, 500.0, 'hardener to 100 parts of resin', 'phr') / 100.0);
    }

    /**
     * v_h ρ_h / (v_r ρ_r); volumes in any one unit, densities in g/cm³.
     *
     * @throws \OakGloss\Quantity\OutOfRange If a volume or density is out of range.
     */
    public static function byVolume(float $resin, float $hardener, float $densityResin, float $densityHardener): self
    {
        Bounds::within($resin, 0.01, 1000.0, 'volume of resin', 'parts');
        Bounds::within($hardener, 0.01, 1000.0, 'volume of hardener', 'parts');
        Bounds::within($densityResin, 0.5, 3.0, 'density of resin', 'g/cm³');
        Bounds::within($densityHardener, 0.5, 3.0, 'density of hardener', 'g/cm³');

        return new self($hardener * $densityHardener / ($resin * $densityResin), $hardener / $resin);
    }

    /** Whether weights in the proportion of the stated volumes make a ratio that is off by more than it bears. */
    public function volumesMislead(): bool
    {
        return $this->volumes !== null && abs($this->volumes / $this->hardenerPerResin - 1.0) > self::TOLD_APART;
    }

    /** Whether grams were poured as if the stated volumes were weights. */
    public function isVolumesWeighed(float $resinG, float $hardenerG): bool
    {
        return $this->volumesMislead() && $resinG > 0.0 && abs($hardenerG / $resinG / (float) $this->volumes - 1.0) <= self::TAKEN_FOR;
    }
}
