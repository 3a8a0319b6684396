<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Geometry\Visibility;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\StepKind;

/** Where a defect lies, and what of film, cloth and papers a way out of it has to reckon with. */
final readonly class DefectPlace
{
    /** A hand works so far around a place, mm (ours). */
    private const AROUND_MM = 12.0;

    /** Places that come to more than this share of their face are no places: the face is done (ours). */
    private const PLACE_SHARE = 0.30;

    /** Most coats of a way out. */
    private const MOST_COATS = 3;

    public ?ZoneState $state;

    public float $placeM2;

    public ClothNow $cloth;

    public function __construct(
        public FinishPlan $plan,
        public ?Defect $defect,
        public int $target,
        public string $zone,
        public float $sizeMm,
        public int $count,
        public float $depthUm,
        public ?FreshFilm $film,
        bool $isAllOver = false,
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

    public function content(
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

    public function plain(Remedy $remedy, ?string $why = null, int $coats = 0, float $again = 0.0, bool $patch = false): RemedyOffer
    {
        return new RemedyOffer($remedy, $this->content($remedy, $coats, patch: $patch || $remedy->isLocal()), $why, again: $again);
    }

    public function class(): Visibility
    {
        foreach ($this->plan->brief->zones as $zone) {
            if ($zone->name === $this->zone) {
                return $zone->visibility;
            }
        }

        return Visibility::Show;
    }

    public function isWet(): bool
    {
        return $this->film?->bonds() === true;
    }

    /** Coats over the whole of the zone that are still to come. */
    public function coatsAhead(): int
    {
        return count(array_filter(
            $this->plan->ahead(),
            fn (PlannedStep $s): bool => $s->step->layer?->builds === true && $s->step->layer->patchM2 === 0.0
                && ($s->step->layer->only === null || in_array($this->zone, $s->step->layer->only, true)),
        ));
    }

    /** What one build coat leaves, µm. */
    public function coatUm(): float
    {
        return $this->plan->buildGM2() / $this->plan->materials->skinResin->rheology->densityGCm3
            * (1.0 - $this->plan->materials->skinResin->rheology->shrinkage);
    }

    public function coatsFor(float $depthUm): int
    {
        return max(1, min(self::MOST_COATS, (int) ceil($depthUm / $this->coatUm())));
    }

    /** To which fresh resin is levelled; 0 where a flatting of the resin is still to come. */
    public function level(): int
    {
        foreach ($this->plan->ahead() as $step) {
            if ($step->step->role->isResinFlat() && $step->sanding?->facts === []) {
                return 0;
            }
        }

        return $this->toGrit();
    }

    /** The finest paper that went over the resin so far; where none did, what a coat of resin holds on. */
    public function toGrit(): int
    {
        $finest = 240;
        foreach ($this->plan->steps as $step) {
            if ($step->isDone() && ! $step->skipped && $step->step->role->isResinFlat()) {
                $finest = max($finest, $step->step->grits->to ?? 0);
            }
        }

        return $finest;
    }

    public function fromGrit(int $to): int
    {
        $from = match (true) {
            $this->depthUm > 40.0 => 180,
            $this->depthUm > 12.0 => 240,
            default => 320,
        };

        return min($from, $to);
    }

    public function coarserThan(int $grit): int
    {
        $coarser = array_filter(array_keys(Grit::MEAN_GRAIN_UM), fn (int $p): bool => $p < $grit && $p >= 400);

        return $coarser === [] ? $grit : max($coarser);
    }

    /** @return list<int> */
    public function papers(int $from, int $to): array
    {
        $driven = $from < 320 ? SandingMethod::DryBlock : SandingMethod::WetBlock;
        $area = $this->plan->brief->areaOf($this->zone === '' ? null : [$this->zone]);
        $ladder = Ladder::cheapest($driven, $area, $this->plan->materials->papersFor($driven), $from, $to, 10.0)
            ?? Ladder::cheapest($driven, $area, array_keys(Grit::MEAN_GRAIN_UM), $from, $to, 10.0);

        return $ladder === null ? [$to] : array_map(fn ($s): int => $s->grit->number, $ladder->steps);
    }

    /** Whether the face is one plane, and nothing was laid on it since. */
    public function isFlatted(): bool
    {
        return $this->state?->after->flat === true;
    }

    public function isAhead(StepKind $kind): bool
    {
        return array_filter($this->plan->ahead(), fn (PlannedStep $s): bool => $s->step->kind === $kind) !== [];
    }

    public function isDone(StepKind $kind): bool
    {
        foreach ($this->plan->steps as $step) {
            if ($step->step->kind === $kind && $step->isDone() && ! $step->skipped) {
                return true;
            }
        }

        return false;
    }

    /** Whether it opens or covers the clear that may lie over the place. */
    private static function goesThroughClear(Remedy $remedy): bool
    {
        return in_array($remedy, [
            Remedy::SandOut, Remedy::SandAndCoat, Remedy::Flood, Remedy::SpotFill, Remedy::Cover, Remedy::Inject, Remedy::Splice,
            Remedy::CoatNow,
        ], true);
    }
}
