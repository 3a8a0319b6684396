<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Kind\Found;
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

/** The ways out of a defect or a mishap, reckoned on this part as it stands. */
final class WaysOut
{
    private readonly WaysWet $wet;

    private readonly WaysSanded $sanded;

    private readonly WaysInClear $clear;

    private function __construct(
        private readonly DefectPlace $at,
        private readonly ?Cause $cause = null,
        private readonly bool $isSpoilt = false,
    ) {
        $this->wet = new WaysWet($at);
        $this->sanded = new WaysSanded($at);
        $this->clear = new WaysInClear($at);
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
        $place = new DefectPlace($plan, $what->defect, $target, $what->zone, $what->sizeMm(), $what->count, $what->depthUm(), $film);
        $ways = new self($place, $cause);

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
        $place = new DefectPlace($plan, null, $target, $mishap->zone, 40.0, 1, 60.0, $film, isAllOver: $what === Mishap::WrongJar);
        $ways = new self($place, isSpoilt: $what === Mishap::Spoilt);
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
        $isBeyond = $isOfCloth && $this->at->cloth !== ClothNow::Fixed;

        return array_map(
            fn (Remedy $r): RemedyOffer => $isBeyond && $r === Remedy::StartOver
                ? $this->at->plain($r, "cloth_{$this->at->cloth->name}") : $this->offer($r),
            $remedies,
        );
    }

    private function offer(Remedy $remedy): RemedyOffer
    {
        return $this->cause?->forbids($remedy) === true ? $this->at->plain($remedy, 'cause') : $this->reckoned($remedy);
    }

    private function reckoned(Remedy $remedy): RemedyOffer
    {
        return match ($remedy) {
            Remedy::Accept => $this->accept(),
            Remedy::Bury => $this->bury(),
            Remedy::NewCup, Remedy::Later, Remedy::Unharmed => $this->at->plain($remedy),
            Remedy::WorkWet => $this->wet->wet($remedy, $this->at->film?->takesABrush() === true, $this->at->film->brushMin ?? 0.0),
            Remedy::HotAir => $this->wet->wet($remedy, $this->at->film?->takesWarmAir() === true, 15.0),
            Remedy::WashOff => $this->at->plain($remedy, $this->at->isWet() ? null : 'set', again: 0.15),
            Remedy::Shift => $this->wet->ofCloth($remedy, 0.30, ClothNow::OnWet, ClothNow::Wetted),
            Remedy::Relay => $this->wet->ofCloth($remedy, 0.10, ClothNow::OnWet),
            Remedy::Remist => $this->wet->ofCloth($remedy, 0.10, ClothNow::OnMist),
            Remedy::NewPiece => $this->wet->ofCloth($remedy, 0.08, ClothNow::OnTacky),
            Remedy::TackCoat => $this->wet->ofCloth($remedy, 0.06, ClothNow::OnTacky, ClothNow::OnSet),
            Remedy::StripWet => $this->wet->ofCloth($remedy, 0.08, ClothNow::Wetted),
            Remedy::TakeOff => $this->at->plain($remedy, $this->isCovered() ? 'covered' : null, again: 0.10),
            Remedy::StartOver => $this->startOver(),
            Remedy::CoatNow => $this->wet->coatNow(),
            Remedy::Wash => $this->at->plain($remedy, again: 0.05),
            Remedy::Hold => $this->sanded->hold(),
            Remedy::Trim => $this->at->plain($remedy, again: 0.02, patch: true),
            // What still shrinks prints again.
            Remedy::SandOut => $this->sanded->sanded($remedy, 0, $this->at->defect === Defect::PrintThrough ? 0.30 : 0.05),
            Remedy::Finer => $this->sanded->finer(),
            Remedy::SandAndCoat => $this->sanded->sanded($remedy, $this->at->coatsFor($this->at->depthUm), 0.05),
            Remedy::Flood => $this->sanded->flood(),
            Remedy::SpotFill => $this->sanded->onPlace($remedy, $this->at->coatsFor($this->at->depthUm), 0.12),
            Remedy::Cover => $this->sanded->onPlace($remedy, $this->at->coatsAhead() === 0 ? 2 : 1, 0.20),
            Remedy::Inject => $this->sanded->onPlace($remedy, 1, 0.30),
            Remedy::Splice => $this->at->cloth->isLoose() ? $this->at->plain($remedy, 'loose') : $this->sanded->onPlace($remedy, 2, 0.25),
            Remedy::Repolish => $this->clear->inClear($remedy, 1500, 0.10),
            Remedy::Reclear => $this->clear->inClear($remedy, 400, 0.08),
        };
    }

    /** Whether no coat of resin lies open. */
    private function isCovered(): bool
    {
        return $this->at->plan->lastCoat()?->doneAtMin === null || $this->at->isDone(StepKind::Spray);
    }

    private function accept(): RemedyOffer
    {
        $class = $this->at->class();
        $bears = $this->at->defect === null
            ? $this->isSpoilt || $class === Visibility::Hidden
            : Acceptance::bears($class, $this->at->defect, $this->at->sizeMm, $this->at->count);

        // Cloth that resin holds stays crooked, or all of it is done again: its owner may choose to live with it.
        $isChoice = $this->at->defect === Defect::Skew && $this->at->cloth === ClothNow::Fixed;

        return new RemedyOffer(
            Remedy::Accept,
            $this->at->content(Remedy::Accept),
            $bears || $isChoice ? null : "class_{$class->value}",
            $bears ? [] : ['below' => 1.0],
        );
    }

    /** All that lies on the part comes off, by what holds it; a form is cleaned. */
    private function startOver(): RemedyOffer
    {
        $start = $this->at->plan->method->startsFrom();

        return new RemedyOffer(
            Remedy::StartOver,
            $this->at->content(Remedy::StartOver, lies: match (true) {
                ! $start->isBuiltOn() => Lies::OnForm,
                $this->at->isDone(StepKind::Spray) => Lies::InClear,
                $this->at->cloth === ClothNow::Fixed => Lies::InResin,
                default => Lies::InCloth,
            }, wholePart: true),
            match (true) {
                $start->hasFilm() => 'had_film',
                $this->at->plan->lastDone() === null => 'not_begun',
                $this->at->plan->next() === null => 'finished',
                default => null,
            },
            again: 0.03,
        );
    }

    private function bury(): RemedyOffer
    {
        $coming = $this->at->coatsAhead() * $this->at->coatUm();

        return new RemedyOffer(
            Remedy::Bury,
            $this->at->content(Remedy::Bury),
            $coming >= $this->at->depthUm && $coming > 0.0 ? null : 'too_deep',
            ['depth' => $this->at->depthUm, 'coming' => $coming],
            again: 0.10,
        );
    }

}
