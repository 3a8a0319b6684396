<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Pass;
use OakGloss\Film\FilmEstimate;
use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Quantity\FilmThickness;
use OakGloss\Quantity\Normal;

/** One zone's skin before and after a step, by the model, and how far readings say that it lies off. */
final readonly class ZoneState
{
    /**
     * @param Flatting|null     $flatting   the cut of a flatting, null for other steps
     * @param FilmEstimate|null $estimate   what readings say; null while there is none
     * @param int               $index      of the zone in the estimate
     * @param SkinSection|null  $now        half-way through a flatting
     * @param list<Pass>        $passes     of a flatting, done so far
     * @param bool              $ridgesOnly it takes ridges down and leaves lows
     * @param float             $cutDoubtUm of its cut, besides what a block leaves unknown
     */
    public function __construct(
        public Zone $zone,
        public SkinSection $before,
        public SkinSection $after,
        public ?Flatting $flatting = null,
        private ?FilmEstimate $estimate = null,
        private int $index = 0,
        public ?SkinSection $now = null,
        public array $passes = [],
        public bool $ridgesOnly = false,
        private float $cutDoubtUm = 0.0,
    ) {
    }

    /** The same driven so that its cut is known so well. */
    public function cutWithin(float $doubtUm): self
    {
        return new self(
            $this->zone,
            $this->before,
            $this->after,
            $this->flatting,
            $this->estimate,
            $this->index,
            $this->now,
            $this->passes,
            $this->ridgesOnly,
            $doubtUm,
        );
    }

    /** What stays over the crowns after the flatting. */
    public function left(): FilmThickness
    {
        if ($this->ridgesOnly) {
            return $this->crownCover($this->after);
        }

        return $this->leftBy($this->flatting?->allowanceUm() ?? 0.0);
    }

    /** The same with another allowance below flush, µm. */
    public function leftBy(float $allowanceUm): FilmThickness
    {
        $eased = $this->before->face->easedUm;
        if ($eased !== null) {
            $goes = $this->flatting === null && $this->before->flat ? 0.0 : $eased;

            return FilmThickness::fromMicrometres($this->before->crownCover()->inMicrometres() - $goes + $this->offUm());
        }
        // A face that is flat already and is flatted once more has its plane to lose, no texture.
        $left = $this->before->flat && $this->flatting !== null
            ? $this->before->flushCover()->inMicrometres() - $allowanceUm
            : $this->before->afterFlattingBy($allowanceUm)->inMicrometres();

        return FilmThickness::fromMicrometres($left + $this->offUm());
    }

    /** Share of the zone that the flatting burns through. */
    public function risk(): float
    {
        // A ridge that nothing is to spare of is left as it is: what is thin already is no risk of this paper.
        $isLeft = $this->ridgesOnly && $this->after->crownCover()->inMicrometres() >= $this->before->crownCover()->inMicrometres();

        return $isLeft ? 0.0 : $this->riskOf($this->left());
    }

    /** Share of the zone that is bare where so much stays on its mean. */
    public function riskOf(FilmThickness $left): float
    {
        return Normal::below(-$left->inMicrometres() / $this->doubtUm());
    }

    /** A spot of this size is seen, m². */
    private const SEEN_M2 = 1e-4;

    /**
     * The chance that any of it shows: that a square centimetre or more of the zone is bare. A habit errs everywhere at
     * once, so that it is the chance of a mean so far off, not the sum of many small ones.
     */
    public function anyShows(): float
    {
        $share = min(0.5, self::SEEN_M2 / $this->zone->areaM2);
        $scatter = hypot($this->before->scatterUm(), $this->cutDoubtUm);
        $mean = $this->meanDoubtUm();
        $off = -Normal::quantile($share) * $scatter - $this->left()->inMicrometres();

        return $mean <= 0.0 ? ($off >= 0.0 ? 1.0 : 0.0) : Normal::below($off / $mean);
    }

    /** What must stay on the zone's mean so that no more than the target burns through, µm: bisection on the risk. */
    public function keepUm(float $target): float
    {
        [$low, $high] = [0.0, 10.0 * $this->doubtUm()];
        for ($i = 0; $i < 40; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = $this->riskOf(FilmThickness::fromMicrometres($middle)) > $target ? [$middle, $high] : [$low, $middle];
        }

        return $high;
    }

    /** By how much the film lies over the model's, as far as readings tell, µm. */
    public function offUm(): float
    {
        return $this->estimate?->offUm($this->index) ?? 0.0;
    }

    /** Doubt of one spot: scatter within the zone and doubt of its mean, µm. Without readings it is the model's. */
    public function doubtUm(): float
    {
        $ofFilm = $this->isMeasured() ? $this->estimate?->doubtUm($this->index, $this->before) ?? 0.0 : $this->before->doubtUm();

        return hypot($ofFilm, $this->cutDoubtUm);
    }

    /** Doubt of the zone's mean alone, µm. */
    public function meanDoubtUm(): float
    {
        return $this->isMeasured() ? $this->estimate?->meanDoubtUm($this->index) ?? 0.0 : $this->before->meanDoubtUm();
    }

    public function isMeasured(): bool
    {
        return $this->estimate?->isMeasured === true;
    }

    /** Crown cover of a section of this zone as it really is, by the best estimate. */
    public function crownCover(SkinSection $skin): FilmThickness
    {
        return FilmThickness::fromMicrometres($skin->crownCover()->inMicrometres() + $this->offUm());
    }

    public function isShow(): bool
    {
        return $this->zone->visibility === Visibility::Show;
    }
}
