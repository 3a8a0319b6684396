<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Geometry\Visibility;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Remedy;
use OakGloss\Quantity\FilmThickness;

/** Ways out by paper, resin and warmth: what of the film they take, and whether that bears it. */
final readonly class WaysSanded
{
    /** A warm hold that brings a soft film on, hours (planning value). */
    private const HOLD_H = 24;

    public function __construct(private DefectPlace $at)
    {
    }

    public function hold(): RemedyOffer
    {
        $celsius = min(ClimateLimit::postCureC($this->at->plan->brief->substrate), $this->at->plan->shop->hottestC);
        $isSoft = $this->at->defect === Defect::Soft;

        return new RemedyOffer(
            Remedy::Hold,
            $this->at->content(
                Remedy::Hold,
                deeper: $isSoft ? 0.0 : $this->at->depthUm,
                from: $isSoft ? 0 : 320,
                to: $isSoft ? 0 : max(400, $this->at->toGrit()),
                celsius: $celsius,
                hours: self::HOLD_H,
                wholePart: true,
            ),
            $celsius < 30.0 ? 'too_cold' : null,
            ['c' => $celsius],
            again: $isSoft ? 0.35 : 0.20,
        );
    }

    /** The face sanded so deep that it is gone, with nothing or so many coats over it. */
    public function sanded(Remedy $remedy, int $coats, float $again): RemedyOffer
    {
        $to = $coats > 0 ? 240 : $this->at->toGrit();
        $from = $this->at->fromGrit($to);
        $papers = $this->at->papers($from, $to);
        $scratch = SandingMethod::WetBlock->scratchUm(Grit::p($to));
        if ($this->at->state === null) {
            return new RemedyOffer($remedy, $this->at->content($remedy), 'no_film');
        }
        $skin = $this->at->state->after;
        // A rim is eased, not cut to a plane.
        $isPlane = $skin->flat || $skin->face->easedUm !== null;
        $toFlush = $isPlane ? 0.0 : 0.5 * $skin->textureUm;
        $depth = $coats > 0 ? min($this->at->depthUm, $toFlush + $scratch) : $this->at->depthUm;
        $goes = max($toFlush + $scratch, $depth);
        $mean = $this->at->state->crownCover($skin)->inMicrometres() - ($isPlane ? 0.0 : 0.5 * $skin->textureUm);
        $left = $mean - $goes;
        $burn = $this->at->state->riskOf(FilmThickness::fromMicrometres($left));
        $deeper = max(0.0, $goes - $toFlush - $scratch);
        $isFor = $this->at->class() === Visibility::Show ? $this->at->plan->shop->targetBurnThrough : 0.05;

        return new RemedyOffer(
            $remedy,
            $this->at->content($remedy, $coats, $deeper, $from, $to, $coats > 0 ? $this->at->level() : 0),
            $burn > $isFor ? 'too_thin' : null,
            ['left' => $left, 'keep' => $this->at->state->keepUm($isFor), 'goes' => $goes],
            $left,
            $burn,
            $again,
            $papers,
        );
    }

    /** Back one paper and up again: of a clear in the clear, of a polished resin in the resin. */
    public function finer(): RemedyOffer
    {
        if ($this->at->plan->clear !== null) {
            return (new WaysInClear($this->at))->inClear(Remedy::Finer, 2000, 0.05);
        }
        $last = $this->at->toGrit();
        $from = $this->at->coarserThan($last);

        return new RemedyOffer(
            Remedy::Finer,
            $this->at->content(Remedy::Finer, from: $from, to: $last),
            $this->at->state === null ? 'no_film' : null,
            leftUm: $this->at->state === null ? null
                : $this->at->state->crownCover($this->at->state->after)->inMicrometres()
                    - SandingMethod::WetBlock->scratchUm(Grit::p($from)),
            again: 0.05,
            papers: $this->at->papers($from, $last),
        );
    }

    /** A flatted face holds resin as it is. */
    public function flood(): RemedyOffer
    {
        return new RemedyOffer(
            Remedy::Flood,
            $this->at->content(Remedy::Flood, $this->at->coatsFor($this->at->depthUm), level: $this->at->level()),
            match (true) {
                $this->at->state === null => 'no_film',
                ! $this->at->isFlatted() => 'not_flat',
                default => null,
            },
            again: 0.06,
        );
    }

    public function onPlace(Remedy $remedy, int $coats, float $again): RemedyOffer
    {
        $level = $this->at->level();

        return new RemedyOffer(
            $remedy,
            $this->at->content($remedy, $coats, level: $level, patch: true),
            match (true) {
                $this->at->placeM2 === 0.0 && $this->at->zone !== '' && $remedy !== Remedy::Cover => 'all_over',
                $this->at->state === null && $remedy === Remedy::SpotFill => 'no_film',
                default => null,
            },
            again: $again,
            papers: $remedy === Remedy::Cover || $level === 0 ? [240] : [240, $level],
        );
    }
}
