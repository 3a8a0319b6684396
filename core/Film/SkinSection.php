<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\FilmThickness;
use OakGloss\Quantity\Normal;

/**
 * The skin over one face, in µm against the plane of the weave's crowns: mean surface z and texture a (peak to
 * valley). A value: every act on the skin gives a new section.
 */
final readonly class SkinSection
{
    private const MOST_COATS = 10;

    private function __construct(
        private Face $face,
        private Rheology $resin,
        public float $meanUm,
        public float $textureUm,
        /** Everything that was retained over the weave and not sanded off, the wet-out's surplus included. */
        public float $retainedTotalUm,
        public bool $dryWetOut,
        /** What stayed of the last coat. */
        public float $lastRetainedUm = 0.0,
        /** What ran off the face to its lower edge from the last coat, g/m². */
        public float $lastDrainedGM2 = 0.0,
        /** Sanded to one plane. */
        public bool $flat = false,
    ) {
    }

    /** The cloth with its wet-out coat. Below saturation it is dry: what is missing is taken from the next coats. */
    public static function wetOut(Weave $weave, Face $face, Rheology $resin, Coat $coat): self
    {
        $surplus = ($coat->gM2 - $weave->saturationGM2($resin->densityGCm3)) / $resin->densityGCm3;
        $start = -0.5 * $weave->textureUm();
        if ($surplus <= 0.0) {
            return new self($face, $resin, $start + $surplus, $weave->textureUm(), 0.0, $surplus < 0.0);
        }
        // The whole wet-out drains before what stays is shared between the cloth and its surface.
        $stays = min($surplus, Drainage::retainedUm($coat->gM2 / $resin->densityGCm3, $face, $resin, $coat->at) * $face->edgeShare());

        return new self(
            $face,
            $resin,
            $start + $stays * (1.0 - $resin->shrinkage),
            $weave->textureUm(),
            $stays,
            false,
            $stays,
            ($surplus - $stays) * $resin->densityGCm3,
        );
    }

    /** One more coat: z += h(1 − s); the texture shrinks by 1 − (1 − fill)^((h/90 µm)^1.5), never below the share s. */
    public function afterCoat(Coat $coat): self
    {
        $applied = $coat->gM2 / $this->resin->densityGCm3;
        $drained = Drainage::retainedUm($applied, $this->face, $this->resin, $coat->at);
        $stays = $drained * $this->face->edgeShare();
        $left = (1.0 - $coat->fillAt90) ** (($stays / 90.0) ** 1.5);

        return new self(
            $this->face,
            $this->resin,
            $this->meanUm + $stays * (1.0 - $this->resin->shrinkage),
            $this->textureUm * max($left, $this->resin->shrinkage),
            $this->retainedTotalUm + $stays,
            $this->dryWetOut,
            $stays,
            ($applied - $stays) * $this->resin->densityGCm3,
        );
    }

    /** Sanded to one plane: flush, then the later grits; the last scratch is the new texture. */
    public function afterFlatting(Flatting $flatting): self
    {
        $plane = $this->meanUm - 0.5 * $this->textureUm - $flatting->laterCutsUm;
        // A face that is flat already was counted down to its plane, not to the middle of its scratch.
        $from = $this->meanUm + ($this->flat ? 0.5 * $this->textureUm : 0.0);

        return new self(
            $this->face,
            $this->resin,
            $plane - 0.5 * $flatting->leftScratchUm,
            $flatting->leftScratchUm,
            max(0.0, $this->retainedTotalUm - ($from - $plane)),
            $this->dryWetOut,
            flat: true,
        );
    }

    /**
     * Sanded from the crowns down by a plane that came so far, waviness first: tops go, valleys stay; deep enough, it
     * is flat. The surface is taken as a sine. The scratch is the least texture that is left.
     *
     * @param float $descentUm  0 to 2 000 µm, the waviness included
     * @param float $wavinessUm of it that takes no film
     */
    public function afterPartPass(float $descentUm, float $wavinessUm, float $scratchUm): self
    {
        $down = Bounds::within($descentUm, 0.0, 2000.0, 'descent of the plane', 'µm') - $wavinessUm;
        if ($down <= 0.0) {
            return $this;
        }
        if ($down >= $this->textureUm) {
            $plane = $this->meanUm + 0.5 * $this->textureUm - $down;

            return new self($this->face, $this->resin, $plane - 0.5 * $scratchUm, $scratchUm, max(0.0, $this->retainedTotalUm - ($this->meanUm - $plane)), $this->dryWetOut, flat: true);
        }
        $half = 0.5 * $this->textureUm;
        $level = 1.0 - $down / $half;
        $taken = $half / M_PI * (sqrt(1.0 - $level ** 2) - $level * acos($level));

        // The grooves of a coarser paper that a finer one has not reached are still a flat face.
        return new self($this->face, $this->resin, $this->meanUm - $taken, $this->textureUm - $down, max(0.0, $this->retainedTotalUm - $taken), $this->dryWetOut, flat: $this->flat);
    }

    /** Torn or lifted into a relief, without a gram more or less. */
    public function lifted(float $textureUm): self
    {
        return new self($this->face, $this->resin, $this->meanUm, $this->textureUm + $textureUm, $this->retainedTotalUm, $this->dryWetOut, $this->lastRetainedUm, $this->lastDrainedGM2);
    }

    /** Scuffed so that the next coat holds: the scratch's depth goes from all of the surface, its shape stays. */
    public function afterKeying(float $scratchUm): self
    {
        return new self($this->face, $this->resin, $this->meanUm - $scratchUm, $this->textureUm, max(0.0, $this->retainedTotalUm - $scratchUm), $this->dryWetOut, flat: $this->flat);
    }

    /** Fewest such coats after which a flatting burns through no more than the target; null if ten are not enough. */
    public function coatsNeeded(Coat $coat, float $allowanceUm, float $target): ?int
    {
        $skin = $this;
        for ($n = 0; $n <= self::MOST_COATS; $n++) {
            if ($skin->burnThrough($skin->afterFlattingBy($allowanceUm)) <= $target) {
                return $n;
            }
            $skin = $skin->afterCoat($coat);
        }

        return null;
    }

    public function crownCover(): FilmThickness
    {
        return FilmThickness::fromMicrometres($this->meanUm + 0.5 * $this->textureUm);
    }

    public function flushCover(): FilmThickness
    {
        return FilmThickness::fromMicrometres($this->meanUm - 0.5 * $this->textureUm);
    }

    /** What would stay over the crowns if it were flatted now; of a flatted face, what stays now. */
    public function afterFlattingBy(float $allowanceUm): FilmThickness
    {
        return FilmThickness::fromMicrometres($this->meanUm - 0.5 * $this->textureUm - ($this->flat ? 0.0 : $allowanceUm));
    }

    /** Scatter of brushed work: 0.20 of the retained total plus 8 µm. */
    public function spreadUm(): float
    {
        return 0.20 * $this->retainedTotalUm + 8.0;
    }

    /** What a micrometre of cured film weighs, g/m²: shrunk resin is the denser. */
    public function cureDensityGM2Um(): float
    {
        return $this->resin->densityGCm3 / (1.0 - $this->resin->shrinkage);
    }

    /** Share of the area burnt through when the mean that stays is $leftUm: Φ(−left/sd). */
    public function burnThrough(FilmThickness $left): float
    {
        return Normal::below(-$left->inMicrometres() / $this->spreadUm());
    }
}
