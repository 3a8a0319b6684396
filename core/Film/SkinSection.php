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
    /** Doubt of brushed work (ours): a share of all coats, a share of each by itself, and what is always there, µm. */
    public const HABIT = 0.14;
    public const CHANCE = 0.20;
    public const ALWAYS_UM = 8.0;

    private function __construct(
        public Face $face,
        private Rheology $resin,
        public float $meanUm,
        public float $textureUm,
        /** Everything that was retained over the weave, sanded off since or not, the wet-out's surplus included. */
        public float $retainedTotalUm,
        /** The sum of the squares of what each coat retained, µm². */
        private float $retainedSquares,
        public bool $dryWetOut,
        /** What stayed of the last coat. */
        public float $lastRetainedUm = 0.0,
        /** What ran off the face to its lower edge from the last coat, g/m²; below 0 where more ran onto it. */
        public float $lastDrainedGM2 = 0.0,
        /** Sanded to one plane. */
        public bool $flat = false,
        /** What nobody knows of the film that it began with, µm. */
        private float $startDoubtUm = 0.0,
    ) {
    }

    /** A skin that lies there already. Whatever went into it is one coat of its thickness to what scatters. */
    public static function found(ExistingFilm $film, Face $face, Rheology $resin): self
    {
        return new self(
            $face,
            $resin,
            $film->overUm * $face->edgeShare(),
            $film->reliefUm,
            0.0,
            ($film->overUm * $face->edgeShare()) ** 2 / self::MOST_COATS,
            false,
            startDoubtUm: $film->doubtUm,
        );
    }

    /** The cloth with its wet-out coat. Below saturation it is dry: what is missing is taken from the next coats. */
    public static function wetOut(Weave $weave, Face $face, Rheology $resin, Coat $coat): self
    {
        $surplus = ($coat->gM2 - $weave->saturationGM2($resin->densityGCm3)) / $resin->densityGCm3;
        $start = -0.5 * $weave->textureUm();
        if ($surplus <= 0.0) {
            return new self($face, $resin, $start + $surplus, $weave->textureUm(), 0.0, 0.0, $surplus < 0.0);
        }
        // The whole wet-out drains before what stays is shared between the cloth and its surface.
        $stays = min($surplus, Drainage::retainedUm($coat, $face, $resin) * $face->edgeShare());

        return new self(
            $face,
            $resin,
            $start + $stays * (1.0 - $resin->shrinkage),
            $weave->textureUm(),
            $stays,
            $stays ** 2,
            false,
            $stays,
            ($surplus - $stays) * $resin->densityGCm3,
        );
    }

    /**
     * One more coat: z += h(1 − s); the texture shrinks by 1 − (1 − fill)^((h/90 µm)^1.5), never below the share s.
     *
     * @param Rheology|null $flow of the resin it is mixed from, where that is another
     * @param Face|null     $lies the face as it lies while the coat flows, where that is otherwise
     */
    public function afterCoat(Coat $coat, ?Rheology $flow = null, ?Face $lies = null): self
    {
        $flow ??= $this->resin;
        $lies ??= $this->face;
        $applied = $coat->onto($lies) / $flow->densityGCm3;
        $stays = Drainage::retainedUm($coat, $lies, $flow) * $lies->edgeShare();
        $left = (1.0 - $coat->fillAt90) ** (($stays / 90.0) ** 1.5);

        return new self(
            $this->face,
            $this->resin,
            $this->meanUm + $stays * (1.0 - $flow->shrinkage),
            $this->textureUm * max($left, $flow->shrinkage),
            $this->retainedTotalUm + $stays,
            $this->retainedSquares + $stays ** 2,
            $this->dryWetOut,
            $stays,
            ($applied - $stays) * $flow->densityGCm3,
            // Nothing ran onto it: what was sanded to a plane is a plane still.
            $this->flat && $stays <= 0.0,
            $this->startDoubtUm,
        );
    }

    /** Sanded to one plane: flush, then the later grits; the last scratch is the new texture. What is eased by hand keeps its texture. */
    public function afterFlatting(Flatting $flatting): self
    {
        if ($this->face->easedUm !== null) {
            return $this->sanded($this->meanUm - $this->face->easedUm, $this->textureUm, true);
        }
        $plane = $this->meanUm - 0.5 * $this->textureUm - $flatting->laterCutsUm;

        return $this->sanded($plane - 0.5 * $flatting->leftScratchUm, $flatting->leftScratchUm, true);
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
            return $this->sanded($this->meanUm + 0.5 * $this->textureUm - $down - 0.5 * $scratchUm, $scratchUm, true);
        }
        $half = 0.5 * $this->textureUm;
        $level = 1.0 - $down / $half;
        $taken = $half / M_PI * (sqrt(1.0 - $level ** 2) - $level * acos($level));

        // The grooves of a coarser paper that a finer one has not reached are still a flat face.
        return $this->sanded($this->meanUm - $taken, $this->textureUm - $down, $this->flat);
    }

    /** Torn or lifted into a relief, without a gram more or less. */
    public function lifted(float $textureUm): self
    {
        return new self(
            $this->face,
            $this->resin,
            $this->meanUm,
            $this->textureUm + $textureUm,
            $this->retainedTotalUm,
            $this->retainedSquares,
            $this->dryWetOut,
            $this->lastRetainedUm,
            $this->lastDrainedGM2,
            startDoubtUm: $this->startDoubtUm,
        );
    }

    /** Scuffed so that the next coat holds: the scratch's depth goes from all of the surface, its shape stays. */
    public function afterKeying(float $scratchUm): self
    {
        return $this->sanded($this->meanUm - $scratchUm, $this->textureUm, $this->flat);
    }

    /** Fewest such coats after which a flatting burns through no more than the target; null if ten are not enough. */
    public function coatsNeeded(Coat $coat, float $allowanceUm, float $target): ?int
    {
        $skin = $this;
        for ($n = 1; $n <= self::MOST_COATS; $n++) {
            $skin = $skin->afterCoat($coat);
            if ($skin->burnThrough($skin->afterFlattingBy($allowanceUm)) <= $target) {
                return $n;
            }
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
        if ($this->face->easedUm !== null) {
            return FilmThickness::fromMicrometres($this->meanUm + 0.5 * $this->textureUm - ($this->flat ? 0.0 : $this->face->easedUm));
        }

        return FilmThickness::fromMicrometres($this->meanUm - 0.5 * $this->textureUm - ($this->flat ? 0.0 : $allowanceUm));
    }

    /** Doubt of one spot of brushed work, µm: that about the mean and the scatter within the zone together. */
    public function doubtUm(): float
    {
        return hypot($this->meanDoubtUm(), $this->scatterUm());
    }

    /** A habit is repeated by every coat: 0.14 of all that was retained, µm; what it began with adds its own doubt. */
    public function meanDoubtUm(): float
    {
        return hypot(self::HABIT * $this->retainedTotalUm, $this->startDoubtUm);
    }

    /** Chance is not repeated: 0.20 of each coat and 8 µm of cloth and surface, by squares, µm. */
    public function scatterUm(): float
    {
        return sqrt(self::CHANCE ** 2 * $this->retainedSquares + self::ALWAYS_UM ** 2);
    }

    /** What a micrometre of cured film weighs, g/m²: shrunk resin is the denser. */
    public function cureDensityGM2Um(): float
    {
        return $this->resin->densityGCm3 / (1.0 - $this->resin->shrinkage);
    }

    /** Share of the area burnt through when the mean that stays is $leftUm: Φ(−left/sd). */
    public function burnThrough(FilmThickness $left): float
    {
        return Normal::below(-$left->inMicrometres() / $this->doubtUm());
    }

    /** Sanding takes film away, not the doubt about what was laid. */
    private function sanded(float $meanUm, float $textureUm, bool $flat): self
    {
        return new self(
            $this->face,
            $this->resin,
            $meanUm,
            $textureUm,
            $this->retainedTotalUm,
            $this->retainedSquares,
            $this->dryWetOut,
            flat: $flat,
            startDoubtUm: $this->startDoubtUm,
        );
    }
}
