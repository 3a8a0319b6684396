<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/** A ply of cloth as the resin sees it. */
final readonly class Weave
{
    /** Density of carbon fibre, g/cm³. */
    public const FIBRE_DENSITY = 1.78;

    /**
     * @param float $arealGM2      20 to 2 000 g/m²
     * @param float $fibreFraction volume share of fibre in the laid ply, 0.2 to 0.75; planning value 0.5
     * @param float $textureRatio  peak to valley of the bare weave over its thickness; 0.5 for 2×2 twill, 0.6 for plain
     * @param Fibre $fibre         that it is woven of
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $arealGM2,
        public float $fibreFraction = 0.5,
        public float $textureRatio = 0.5,
        public Fibre $fibre = Fibre::Carbon,
    ) {
        Bounds::within($arealGM2, 20.0, 2000.0, 'cloth weight', 'g/m²');
        Bounds::within($fibreFraction, 0.2, 0.75, 'fibre fraction', '');
        Bounds::within($textureRatio, 0.0, 1.0, 'texture ratio', '');
    }

    /** tc = W/(ρf·Vf), µm; ρf 1.78 g/cm³ of carbon. */
    public function thicknessUm(): float
    {
        return $this->arealGM2 / ($this->fibre->density() * $this->fibreFraction);
    }

    /** a0 = k·tc, µm peak to valley. */
    public function textureUm(): float
    {
        return $this->textureRatio * $this->thicknessUm();
    }

    /** Resin that fills the ply: ρ·tc·(1 − Vf), g/m². */
    public function saturationGM2(float $densityGCm3): float
    {
        return $densityGCm3 * $this->thicknessUm() * (1.0 - $this->fibreFraction);
    }
}
