<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Film\SkinSection;
use OakGloss\Optics\Finish;
use OakGloss\Optics\GlossAt60;

/** A small place of the practice part: what lies on it and what its surface is like. Its simulation alone changes it. */
final class Cell
{
    /** Sanded to bare fibre. */
    public bool $burnt = false;

    /** Sanded since the newest coat. */
    public bool $keyed = true;

    /** Lying on it, and shut in under a coat, 0 to 1. */
    public float $dust = 0.0;
    public float $sealedDust = 0.0;

    /** Grease or silicone on it, 0 to 1. */
    public float $grease = 0.0;

    /** Clear over the resin, µm, its sheen and its scratch. */
    public float $clearUm = 0.0;
    public ?Finish $sheen = null;
    public float $clearScratchUm = 0.0;

    /** Where it was polished, rms in µm. */
    public ?float $rmsUm = null;

    /** A scratch under the clear that shows as haze, µm. */
    public float $hazeUm = 0.0;

    public function __construct(public readonly int $zone, public readonly float $areaM2, public SkinSection $skin)
    {
    }

    /** Scratch of the surface as a fingertip or compound finds it, Rz in µm; 0 where nobody sanded. */
    public function scratchUm(): float
    {
        return match (true) {
            $this->rmsUm !== null => GlossAt60::RZ_OVER_RMS * $this->rmsUm,
            $this->clearUm > 0.0 => $this->clearScratchUm,
            $this->skin->flat => $this->skin->textureUm,
            default => 0.0,
        };
    }

    /** Gloss units at 60°. */
    public function gloss(): float
    {
        $gu = match (true) {
            $this->rmsUm !== null => GlossAt60::of($this->rmsUm),
            $this->clearUm > 0.0 && $this->clearScratchUm === 0.0 => Kit::clearGu($this->sheen ?? Finish::Gloss),
            $this->scratchUm() > 0.0 => GlossAt60::of(GlossAt60::rmsAfterPaper($this->scratchUm())),
            default => GlossAt60::of(0.02),
        };

        return $gu * (1.0 - 0.3 * $this->sealedDust) * ($this->burnt ? 0.4 : 1.0) * exp(-$this->hazeUm / 40.0);
    }
}
