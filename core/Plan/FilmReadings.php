<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\PassEnd;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\FilmBook;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\ReadsFilm;
use OakGloss\Film\FilmEstimate;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Workshop;

/**
 * What was read of the film, taken in at its place between coats and passes. Where nothing was ever read there is no
 * estimate and the film model's own doubt stands.
 */
final class FilmReadings implements FilmBook
{
    /** Of a base coat's thickness under a slug: where the cloth sank in nobody knows. */
    private const BASE_DOUBT = 0.2;

    /** Burr, tilt and pressure of a calliper, µm. */
    private const HAND_UM = 5.0;

    /** A weave's pattern is seen once about one crown in twenty is bare: 1.65 deviations of the scatter. */
    public const WEAVE_SHOWS_AT = 1.65;

    /** The base coat under the cloth, µm. */
    public float $baseUm = 0.0;

    private ?FilmEstimate $estimate;

    /** @var array<int, SkinSection> by zone, as they stand before the fact that is taken in */
    private array $sections = [];

    /**
     * Gained since the part was last weighed, by the model, and what of it ran down, grams; null where the weight says
     * nothing of the film.
     */
    private ?float $gainedG = null;
    private float $ranDownG = 0.0;
    private float $lastG = 0.0;
    private float $cureDensityGM2Um = 1.0;

    /**
     * @param list<Zone> $zones
     * @param list<Fact> $waiting
     */
    private function __construct(
        private readonly array $zones,
        private array $waiting,
        private readonly Workshop $shop,
        private readonly float $plyUm,
        float $startDoubtUm,
    ) {
        $this->estimate = $waiting === [] ? null : FilmEstimate::unmeasured(count($zones), $startDoubtUm);
    }

    /** @param list<Zone> $zones coated ones */
    public static function of(array $zones, FactLog $log, Workshop $shop, float $plyUm, float $startDoubtUm = 0.0): self
    {
        return new self($zones, array_values(array_filter(
            $log->facts,
            fn (Fact $f): bool => $f->content instanceof ReadsFilm || ($f->content instanceof Sanded && $f->content->end !== null),
        )), $shop, $plyUm, $startDoubtUm);
    }

    public function estimate(): ?FilmEstimate
    {
        return $this->estimate;
    }

    /** @param array<int, SkinSection> $sections as they stand before the fact */
    public function takeBefore(Fact $fact, array $sections): void
    {
        while ($this->waiting !== [] && $this->waiting[0]->isBefore($fact)) {
            $this->take(array_shift($this->waiting), $sections);
        }
    }

    /** @param array<int, SkinSection> $sections as they stand now */
    public function takeAll(array $sections): void
    {
        foreach ($this->waiting as $fact) {
            $this->take($fact, $sections);
        }
        $this->waiting = [];
    }

    /** Something went on or off that is no film of any zone: the weight begins anew. */
    public function loseWeight(): void
    {
        $this->gainedG = null;
    }

    /**
     * @param array<int, float> $retainedUm
     * @param array<int, float> $ranDownGM2
     */
    public function afterCoat(array $retainedUm, array $ranDownGM2, float $densityGCm3): void
    {
        $this->estimate = $this->estimate?->afterCoat($retainedUm);
        if ($this->gainedG !== null) {
            $this->gainedG += $densityGCm3 * $this->overAll($retainedUm);
            $this->ranDownG += $this->overAll($ranDownGM2);
        }
    }

    /**
     * @param array<int, float> $cutUm
     * @param array<int, float> $timedUm
     */
    public function afterPass(array $cutUm, array $timedUm): void
    {
        $this->estimate = $this->estimate?->afterPass($cutUm, $timedUm);
        if ($this->gainedG !== null) {
            $this->gainedG -= $this->cureDensityGM2Um * $this->overAll($cutUm);
        }
    }

    /** How a pass ended on a zone, looked at by somebody. */
    public function saw(int $zone, PassEnd $end, SkinSection $after): void
    {
        $left = $after->flushCover()->inMicrometres();
        $scatter = $after->scatterUm();
        $this->estimate = match ($end) {
            PassEnd::Weave => $this->estimate?->seen($zone, self::WEAVE_SHOWS_AT * $scatter - $left, 0.5 * $scatter, false),
            // No weave in sight: not many crowns are bare, which says little where the film is thick.
            PassEnd::Matt => $this->estimate?->seen($zone, $scatter - $left, $scatter, true),
            PassEnd::Lows, PassEnd::Open => $this->estimate,
        };
    }

    /** @param array<int, SkinSection> $sections */
    private function take(Fact $fact, array $sections): void
    {
        if ($this->estimate === null || $sections === [] || ! $fact->content instanceof ReadsFilm) {
            return;
        }
        $this->sections = $sections;
        $this->cureDensityGM2Um = $sections[0]->cureDensityGM2Um();
        $fact->content->intoFilm($this, $fact->atMin);
    }

    public function weighed(float $grams, float $atMin): void
    {
        $this->estimate = $this->gainedG === null
            ? $this->estimate?->marked()
            : $this->estimate?->weighed(
                $grams - $this->lastG - $this->gainedG,
                array_map(fn (Zone $z): float => $z->areaM2 * $this->cureDensityGM2Um, $this->zones),
                $this->ranDownG,
                $this->shop->partScaleStepAt($atMin),
            );
        [$this->lastG, $this->gainedG, $this->ranDownG] = [$grams, 0.0, 0.0];
    }

    public function measured(string $zone, float $um, int $readings, float $stepUm, bool $withPly, float $scatters): void
    {
        foreach ($this->zones as $i => $of) {
            if ($of->name !== $zone) {
                continue;
            }
            $skin = $this->sections[$i];
            $coverUm = $um - ($withPly ? $this->plyUm + $this->baseUm : 0.0);
            $scatter = $scatters * $skin->scatterUm() / sqrt($readings);
            $doubt = sqrt(
                $scatter ** 2 + $stepUm ** 2 / 12.0 + ($withPly ? self::BASE_DOUBT * $this->baseUm : 0.0) ** 2 + self::HAND_UM ** 2,
            );
            $this->estimate = $this->estimate?->measured($i, $coverUm - $skin->crownCover()->inMicrometres(), $doubt);
        }
    }

    /** @param array<int, float> $perM2 by zone */
    private function overAll(array $perM2): float
    {
        return array_sum(array_map(fn (float $x, Zone $z): float => $x * $z->areaM2, $perM2, $this->zones));
    }
}
