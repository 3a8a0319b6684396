<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/** Grams of hardener for each gram of resin. However a sheet states it, a scale needs it by weight. */
final readonly class MixRatio
{
    /** A ratio of weights and one of volumes are told apart where they differ by more. */
    private const TOLD_APART = 0.02;

    /** Between two marks of a graduated cup of the size that a coat asks for, ml (usual). */
    public const MARK_ML = 1.0;

    /** A weighed ratio is taken for the stated volumes within so much. */
    private const TAKEN_FOR = 0.01;

    /**
     * @param float|null $volumes  of hardener to one of resin, where the sheet states volumes
     * @param float|null $resinGMl what a millilitre of resin is taken to weigh, where it is measured in a graduated cup
     */
    private function __construct(public float $hardenerPerResin, public ?float $volumes = null, private ?float $resinGMl = null)
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

    /**
     * The same ratio where nobody knows what a millilitre weighs: it is measured in a graduated cup. The densities here are
     * assumed; as long as the cup is filled by its marks they cancel.
     *
     * @throws \OakGloss\Quantity\OutOfRange If a volume or density is out of range.
     */
    public static function inCup(float $resin, float $hardener, float $densityResin, float $densityHardener): self
    {
        $ratio = self::byVolume($resin, $hardener, $densityResin, $densityHardener);

        return new self($ratio->hardenerPerResin, $ratio->volumes, $densityResin);
    }

    /** Whether it is measured by the marks of a cup, and no grams are to be shown. */
    public function isInCup(): bool
    {
        return $this->resinGMl !== null;
    }

    /** Millilitres that so many grams of resin are; of one that is measured in a cup. */
    public function resinMl(float $grams): float
    {
        return $grams / ($this->resinGMl ?? throw new \LogicException('a ratio by weight knows no volumes'));
    }

    /** Millilitres that so many grams of hardener are: as many as go with the resin that they go with. */
    public function hardenerMl(float $grams): float
    {
        return $this->resinMl($grams / $this->hardenerPerResin) * (float) $this->volumes;
    }

    /** Grams that are kept for so many millilitres of a jar that was measured in a cup. */
    public function gramsOf(string $jar, float $ml): float
    {
        return $jar === 'hardener' ? $ml / $this->hardenerMl(1.0) : $ml / $this->resinMl(1.0);
    }

    /** Millilitres of so many grams of the mix. */
    public function mixMl(float $grams): float
    {
        $resinG = $grams / (1.0 + $this->hardenerPerResin);

        return $this->resinMl($resinG) + $this->hardenerMl($grams - $resinG);
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
