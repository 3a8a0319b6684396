<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Geometry\Visibility;
use OakGloss\Inspection\Acceptance;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Remedies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\FilmThickness;

/** The ways out of a defect or a mishap, reckoned on this part as it stands. */
final class WaysOut
{
    /** A hand works so far around a place, mm (ours). */
    private const AROUND_MM = 12.0;

    /** Places that come to more than this share of their face are no places: the face is done (ours). */
    private const PLACE_SHARE = 0.30;

    /** The run sheet's starts lie five minutes apart: what has to be at once gets so much more, minutes. */
    private const GRID_MIN = 10.0;

    /** Most coats of a way out. */
    private const MOST_COATS = 3;

    /** A warm hold that brings a soft film on, hours (planning value). */
    private const HOLD_H = 24;

    private readonly ?ZoneState $state;

    private readonly float $placeM2;

    private readonly ClothNow $cloth;

    private function __construct(
        private readonly FinishPlan $plan,
        private readonly ?Defect $defect,
        private readonly int $target,
        private readonly string $zone,
        private readonly float $sizeMm,
        private readonly int $count,
        private readonly float $depthUm,
        private readonly ?FreshFilm $film,
        private readonly ?Cause $cause = null,
        bool $isAllOver = false,
        private readonly bool $isSpoilt = false,
    ) {
        $this->cloth = ClothNow::of($plan, $film);
        $state = null;
        foreach ($plan->zonesNow as $zone) {
            $state = $zone->zone->name === $this->zone ? $zone : $state;
        }
        $this->state = $state;
        $area = $plan->brief->areaOf($this->zone === '' ? null : [$this->zone]);
        $place = $count * $this->placeOf($sizeMm / 1000.0);
        $isFace = $isAllOver || $defect?->isOfAFace() === true || $place > self::PLACE_SHARE * $area;
        $this->placeM2 = $isFace ? 0.0 : $place;
    }

    /**
     * @param int            $target number of the defect
     * @param FreshFilm|null $film   of the newest coat; null where none is under way
     * @param Cause|null     $cause  that it surely comes of
     *
     * @return list<RemedyOffer> those that fit and those that do not
     */
    public static function ofDefect(FinishPlan $plan, int $target, Found $what, ?FreshFilm $film, ?Cause $cause = null): array
    {
        $ways = new self(
            $plan,
            $what->defect,
            $target,
            $what->zone,
            $what->sizeMm(),
            $what->count,
            $what->depthUm(),
            $film,
            $cause,
        );

        return $ways->offers(Remedies::of($what->defect), $what->defect === Defect::Skew);
    }

    /**
     * @param int  $target   number of the mishap
     * @param bool $isOnPart what was mixed is on the part already
     *
     * @return list<RemedyOffer>
     */
    public static function ofMishap(FinishPlan $plan, int $target, WentWrong $mishap, ?FreshFilm $film, bool $isOnPart): array
    {
        $what = $mishap->mishap;
        $ways = new self(
            $plan,
            null,
            $target,
            $mishap->zone,
            40.0,
            1,
            60.0,
            $film,
            isAllOver: $what === Mishap::WrongJar,
            isSpoilt: $what === Mishap::Spoilt,
        );
        $remedies = array_values(array_filter(
            Remedies::ofMishap($what),
            fn (Remedy $r): bool => $what !== Mishap::WrongJar || in_array($r, [Remedy::NewCup, Remedy::Later], true) !== $isOnPart,
        ));

        return $ways->offers($remedies, $what === Mishap::ClothCreased);
    }

    /**
     * @param list<Remedy> $remedies
     * @param bool         $isOfCloth that can be taken off: nobody strips a part for it
     *
     * @return list<RemedyOffer>
     */
    private function offers(array $remedies, bool $isOfCloth): array
    {
        $isBeyond = $isOfCloth && $this->cloth !== ClothNow::Fixed;

        return array_map(
            fn (Remedy $r): RemedyOffer => $isBeyond && $r === Remedy::StartOver
                ? $this->plain($r, "cloth_{$this->cloth->name}") : $this->offer($r),
            $remedies,
        );
    }

    /** One place with what a hand works around it, m²: a disc, on a strip no wider than that. */
    private function placeOf(float $acrossM): float
    {
        $wide = $acrossM + 2.0 * self::AROUND_MM / 1000.0;
        foreach ($this->plan->brief->zones as $zone) {
            if ($zone->name === $this->zone && $zone->lengthM < $wide) {
                return $zone->lengthM * $wide;
            }
        }

        return M_PI / 4.0 * $wide ** 2;
    }

    private function offer(Remedy $remedy): RemedyOffer
    {
        return $this->cause?->forbids($remedy) === true ? $this->plain($remedy, 'cause') : $this->reckoned($remedy);
    }

    private function reckoned(Remedy $remedy): RemedyOffer
    {
        return match ($remedy) {
            Remedy::Accept => $this->accept(),
            Remedy::Bury => $this->bury(),
            Remedy::NewCup, Remedy::Later, Remedy::Unharmed => $this->plain($remedy),
            Remedy::WorkWet => $this->wet($remedy, $this->film?->takesABrush() === true, $this->film->brushMin ?? 0.0),
            Remedy::HotAir => $this->wet($remedy, $this->film?->takesWarmAir() === true, 15.0),
            Remedy::WashOff => $this->plain($remedy, $this->isWet() ? null : 'set', again: 0.15),
            Remedy::Shift => $this->ofCloth($remedy, 0.30, ClothNow::OnWet, ClothNow::Wetted),
            Remedy::Relay => $this->ofCloth($remedy, 0.10, ClothNow::OnWet),
            Remedy::Remist => $this->ofCloth($remedy, 0.10, ClothNow::OnMist),
            Remedy::NewPiece => $this->ofCloth($remedy, 0.08, ClothNow::OnTacky),
            Remedy::TackCoat => $this->ofCloth($remedy, 0.06, ClothNow::OnTacky, ClothNow::OnSet),
            Remedy::StripWet => $this->ofCloth($remedy, 0.08, ClothNow::Wetted),
            Remedy::TakeOff => $this->plain($remedy, $this->plan->lastCoat()?->doneAtMin === null || $this->isDone(StepKind::Spray)
                ? 'covered' : null, again: 0.10),
            Remedy::StartOver => $this->startOver(),
            Remedy::CoatNow => $this->coatNow(),
            Remedy::Wash => $this->plain($remedy, again: 0.05),
            Remedy::Hold => $this->hold(),
            Remedy::Trim => $this->plain($remedy, again: 0.02, patch: true),
            // What still shrinks prints again.
            Remedy::SandOut => $this->sanded($remedy, 0, $this->defect === Defect::PrintThrough ? 0.30 : 0.05),
            Remedy::Finer => $this->finer(),
            Remedy::SandAndCoat => $this->sanded($remedy, $this->coatsFor($this->depthUm), 0.05),
            Remedy::Flood => $this->flood(),
            Remedy::SpotFill => $this->onPlace($remedy, $this->coatsFor($this->depthUm), 0.12),
            Remedy::Cover => $this->onPlace($remedy, $this->coatsAhead() === 0 ? 2 : 1, 0.20),
            Remedy::Inject => $this->onPlace($remedy, 1, 0.30),
            Remedy::Splice => $this->cloth->isLoose() ? $this->plain($remedy, 'loose') : $this->onPlace($remedy, 2, 0.25),
            Remedy::Repolish => $this->inClear($remedy, 1500, 0.10),
            Remedy::Reclear => $this->inClear($remedy, 400, 0.08),
        };
    }

    private function accept(): RemedyOffer
    {
        $class = $this->class();
        $bears = $this->defect === null
            ? $this->isSpoilt || $class === Visibility::Hidden
            : Acceptance::bears($class, $this->defect, $this->sizeMm, $this->count);

        // Cloth that resin holds stays crooked, or all of it is done again: its owner may choose to live with it.
        $isChoice = $this->defect === Defect::Skew && $this->cloth === ClothNow::Fixed;

        return new RemedyOffer(
            Remedy::Accept,
            $this->content(Remedy::Accept),
            $bears || $isChoice ? null : "class_{$class->value}",
            $bears ? [] : ['below' => 1.0],
        );
    }

    /** Cloth taken off or moved, where it lies so that this can be. */
    private function ofCloth(Remedy $remedy, float $again, ClothNow ...$where): RemedyOffer
    {
        $holdsMin = in_array($remedy, [Remedy::Relay, Remedy::NewPiece], true) ? $this->film?->holdsMin : null;

        return new RemedyOffer(
            $remedy,
            $this->content($remedy, wholePart: $remedy !== Remedy::Shift, withinMin: $holdsMin === null ? null : round($holdsMin)),
            in_array($this->cloth, $where, true) ? null : "cloth_{$this->cloth->name}",
            again: $again,
        );
    }

    /** All that lies on the part comes off, by what holds it; a form is cleaned. */
    private function startOver(): RemedyOffer
    {
        $start = $this->plan->method->startsFrom();

        return new RemedyOffer(
            Remedy::StartOver,
            $this->content(Remedy::StartOver, lies: match (true) {
                ! $start->isBuiltOn() => Lies::OnForm,
                $this->isDone(StepKind::Spray) => Lies::InClear,
                $this->cloth === ClothNow::Fixed => Lies::InResin,
                default => Lies::InCloth,
            }, wholePart: true),
            match (true) {
                $start->hasFilm() => 'had_film',
                $this->plan->lastDone() === null => 'not_begun',
                $this->plan->next() === null => 'finished',
                default => null,
            },
            again: 0.03,
        );
    }

    private function bury(): RemedyOffer
    {
        $coming = $this->coatsAhead() * $this->coatUm();

        return new RemedyOffer(
            Remedy::Bury,
            $this->content(Remedy::Bury),
            $coming >= $this->depthUm && $coming > 0.0 ? null : 'too_deep',
            ['depth' => $this->depthUm, 'coming' => $coming],
            again: 0.10,
        );
    }

    /** Into the wet film, as long as it levels after. */
    private function wet(Remedy $remedy, bool $isWet, float $untilMin): RemedyOffer
    {
        return new RemedyOffer(
            $remedy,
            $this->content($remedy, patch: $remedy->isLocal(), withinMin: round($untilMin + self::GRID_MIN)),
            $isWet ? null : ($this->film === null ? 'set' : 'late'),
            ['until' => $untilMin],
            // Where it does not help, the film is as it was.
            again: 0.05,
        );
    }

    private function coatNow(): RemedyOffer
    {
        return $this->plain(Remedy::CoatNow, $this->isWet() ? null : 'closed', coats: 1, again: 0.06);
    }

    /** A flatted face holds resin as it is. */
    private function flood(): RemedyOffer
    {
        return new RemedyOffer(
            Remedy::Flood,
            $this->content(Remedy::Flood, $this->coatsFor($this->depthUm), level: $this->level()),
            match (true) {
                $this->state === null => 'no_film',
                ! $this->isFlatted() => 'not_flat',
                default => null,
            },
            again: 0.06,
        );
    }

    private function hold(): RemedyOffer
    {
        $celsius = min(ClimateLimit::postCureC($this->plan->brief->substrate), $this->plan->shop->hottestC);
        $isSoft = $this->defect === Defect::Soft;

        return new RemedyOffer(
            Remedy::Hold,
            $this->content(
                Remedy::Hold,
                deeper: $isSoft ? 0.0 : $this->depthUm,
                from: $isSoft ? 0 : 320,
                to: $isSoft ? 0 : max(400, $this->toGrit()),
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
    private function sanded(Remedy $remedy, int $coats, float $again): RemedyOffer
    {
        $to = $coats > 0 ? 240 : $this->toGrit();
        $from = $this->fromGrit($to);
        $papers = $this->papers($from, $to);
        $scratch = SandingMethod::WetBlock->scratchUm(Grit::p($to));
        if ($this->state === null) {
            return new RemedyOffer($remedy, $this->content($remedy), 'no_film');
        }
        $skin = $this->state->after;
        $toFlush = $skin->flat ? 0.0 : 0.5 * $skin->textureUm;
        $depth = $coats > 0 ? min($this->depthUm, $toFlush + $scratch) : $this->depthUm;
        $goes = max($toFlush + $scratch, $depth);
        $mean = $this->state->crownCover($skin)->inMicrometres() - ($skin->flat ? 0.0 : 0.5 * $skin->textureUm);
        $left = $mean - $goes;
        $burn = $this->state->riskOf(FilmThickness::fromMicrometres($left));
        $deeper = max(0.0, $goes - $toFlush - $scratch);
        $isFor = $this->class() === Visibility::Show ? $this->plan->shop->targetBurnThrough : 0.05;

        return new RemedyOffer(
            $remedy,
            $this->content($remedy, $coats, $deeper, $from, $to, $coats > 0 ? $this->level() : 0),
            $burn > $isFor ? 'too_thin' : null,
            ['left' => $left, 'keep' => $this->state->keepUm($isFor), 'goes' => $goes],
            $left,
            $burn,
            $again,
            $papers,
        );
    }

    /** Back one paper and up again: of a clear in the clear, of a polished resin in the resin. */
    private function finer(): RemedyOffer
    {
        if ($this->plan->clear !== null) {
            return $this->inClear(Remedy::Finer, 2000, 0.05);
        }
        $last = $this->toGrit();
        $from = $this->coarserThan($last);

        return new RemedyOffer(
            Remedy::Finer,
            $this->content(Remedy::Finer, from: $from, to: $last),
            $this->state === null ? 'no_film' : null,
            leftUm: $this->state === null ? null
                : $this->state->crownCover($this->state->after)->inMicrometres() - SandingMethod::WetBlock->scratchUm(Grit::p($from)),
            again: 0.05,
            papers: $this->papers($from, $last),
        );
    }

    private function inClear(Remedy $remedy, int $from, float $again): RemedyOffer
    {
        $clear = $this->plan->clear;
        $isOn = $this->isDone(StepKind::Spray);
        $to = $remedy === Remedy::Reclear ? 800 : 2500;
        $takes = $clear === null ? 0.0
            : $clear->clear->sprayed->peelUm() + SandingMethod::WetBlock->scratchUm(Grit::p($from))
                + ($clear->polish?->totalCutUm() ?? 0.0);
        $left = ($clear?->remainsUm() ?? 0.0) - ($remedy === Remedy::Reclear ? 0.0 : $takes);

        return new RemedyOffer(
            $remedy,
            $this->content($remedy, from: $from, to: $to, lies: Lies::InClear, coats: $remedy === Remedy::Reclear ? $clear->coats ?? 0 : 0),
            match (true) {
                $clear === null => 'no_clear',
                ! $isOn => 'not_cleared',
                $remedy !== Remedy::Reclear && $left < 0.5 * $clear->clear->finalUm => 'clear_thin',
                default => null,
            },
            ['left' => $left, 'keep' => 0.5 * ($clear->clear->finalUm ?? 0.0)],
            $clear === null || ! $isOn ? null : $left,
            again: $again,
            papers: $this->papers($from, $to),
        );
    }

    private function onPlace(Remedy $remedy, int $coats, float $again): RemedyOffer
    {
        $level = $this->level();

        return new RemedyOffer(
            $remedy,
            $this->content($remedy, $coats, level: $level, patch: true),
            match (true) {
                $this->placeM2 === 0.0 && $this->zone !== '' && $remedy !== Remedy::Cover => 'all_over',
                $this->state === null && $remedy === Remedy::SpotFill => 'no_film',
                default => null,
            },
            again: $again,
            papers: $remedy === Remedy::Cover || $level === 0 ? [240] : [240, $level],
        );
    }

    private function plain(Remedy $remedy, ?string $why = null, int $coats = 0, float $again = 0.0, bool $patch = false): RemedyOffer
    {
        return new RemedyOffer($remedy, $this->content($remedy, $coats, patch: $patch || $remedy->isLocal()), $why, again: $again);
    }

    private function content(
        Remedy $remedy,
        int $coats = 0,
        float $deeper = 0.0,
        int $from = 0,
        int $to = 0,
        int $level = 0,
        float $celsius = 0.0,
        int $hours = 0,
        ?Lies $lies = null,
        bool $patch = false,
        bool $wholePart = false,
        ?float $withinMin = null,
    ): WayOut {
        return new WayOut(
            $this->target,
            $remedy,
            $lies ?? Lies::InResin,
            $wholePart ? '' : $this->zone,
            $patch ? round(1e4 * $this->placeM2, 1) : 0.0,
            $coats,
            round($deeper, 1),
            $from,
            $to,
            $level,
            round($celsius, 1),
            $hours,
            $this->isDone(StepKind::Spray) && (self::goesThroughClear($remedy) || ($remedy === Remedy::Hold && $to > 0)),
            ! $this->isAhead(StepKind::Polish) && $this->isDone(StepKind::Polish),
            $withinMin,
        );
    }

    /** Whether it opens or covers the clear that may lie over the place. */
    private static function goesThroughClear(Remedy $remedy): bool
    {
        return in_array($remedy, [
            Remedy::SandOut, Remedy::SandAndCoat, Remedy::Flood, Remedy::SpotFill, Remedy::Cover, Remedy::Inject, Remedy::Splice,
            Remedy::CoatNow,
        ], true);
    }

    private function class(): Visibility
    {
        foreach ($this->plan->brief->zones as $zone) {
            if ($zone->name === $this->zone) {
                return $zone->visibility;
            }
        }

        return Visibility::Show;
    }

    private function isWet(): bool
    {
        return $this->film?->bonds() === true;
    }

    /** Coats over the whole of the zone that are still to come. */
    private function coatsAhead(): int
    {
        return count(array_filter(
            $this->plan->ahead(),
            fn (PlannedStep $s): bool => $s->step->layer?->builds === true && $s->step->layer->patchM2 === 0.0
                && ($s->step->layer->only === null || in_array($this->zone, $s->step->layer->only, true)),
        ));
    }

    /** What one build coat leaves, µm. */
    private function coatUm(): float
    {
        return $this->plan->buildGM2() / $this->plan->materials->skinResin->rheology->densityGCm3
            * (1.0 - $this->plan->materials->skinResin->rheology->shrinkage);
    }

    private function coatsFor(float $depthUm): int
    {
        return max(1, min(self::MOST_COATS, (int) ceil($depthUm / $this->coatUm())));
    }

    /** To which fresh resin is levelled; 0 where a flatting of the resin is still to come. */
    private function level(): int
    {
        foreach ($this->plan->ahead() as $step) {
            if ($step->step->role->isResinFlat() && $step->sanding?->facts === []) {
                return 0;
            }
        }

        return $this->toGrit();
    }

    /** The finest paper that went over the resin so far; where none did, what a coat of resin holds on. */
    private function toGrit(): int
    {
        $finest = 240;
        foreach ($this->plan->steps as $step) {
            if ($step->isDone() && ! $step->skipped && $step->step->role->isResinFlat()) {
                $finest = max($finest, $step->step->grits->to ?? 0);
            }
        }

        return $finest;
    }

    private function fromGrit(int $to): int
    {
        $from = match (true) {
            $this->depthUm > 40.0 => 180,
            $this->depthUm > 12.0 => 240,
            default => 320,
        };

        return min($from, $to);
    }

    private function coarserThan(int $grit): int
    {
        $coarser = array_filter(array_keys(Grit::MEAN_GRAIN_UM), fn (int $p): bool => $p < $grit && $p >= 400);

        return $coarser === [] ? $grit : max($coarser);
    }

    /** @return list<int> */
    private function papers(int $from, int $to): array
    {
        $driven = $from < 320 ? SandingMethod::DryBlock : SandingMethod::WetBlock;
        $area = $this->plan->brief->areaOf($this->zone === '' ? null : [$this->zone]);
        $ladder = Ladder::cheapest($driven, $area, $this->plan->materials->papersFor($driven), $from, $to, 10.0)
            ?? Ladder::cheapest($driven, $area, array_keys(Grit::MEAN_GRAIN_UM), $from, $to, 10.0);

        return $ladder === null ? [$to] : array_map(fn ($s): int => $s->grit->number, $ladder->steps);
    }

    /** Whether the face is one plane, and nothing was laid on it since. */
    private function isFlatted(): bool
    {
        return $this->state?->after->flat === true;
    }

    private function isAhead(StepKind $kind): bool
    {
        return array_filter($this->plan->ahead(), fn (PlannedStep $s): bool => $s->step->kind === $kind) !== [];
    }

    private function isDone(StepKind $kind): bool
    {
        foreach ($this->plan->steps as $step) {
            if ($step->step->kind === $kind && $step->isDone() && ! $step->skipped) {
                return true;
            }
        }

        return false;
    }
}
