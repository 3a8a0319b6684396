<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Aid;
use OakGloss\Material\AidKind;
use OakGloss\Material\Bond;
use OakGloss\Material\Chemistry;
use OakGloss\Material\ClearCoat;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\Turning;
use OakGloss\Quantity\Temperature;

/** What a method needs to know of a part to tell its steps. */
final readonly class Job
{
    /** Of the fine cloth between gel coat and laminate, g/m² (planning value). */
    private const COUPLING_GM2 = 80.0;

    /** Cloth hangs on its tube, lined up, before anything is misted: so much of laying it, min (ours). */
    private const SET_UP_MIN = 8.0;

    /** Nobody mists a part in more sections (ours). */
    private const MOST_SECTIONS = 8;

    /** A wait with an end is met on the sheet's grid, min. */
    private const GRID_MIN = 5.0;

    public Choices $choices;

    public Pace $pace;

    /** Of the coated zones, m². */
    public float $areaM2;

    /** While hands are at the bench. */
    public Temperature $air;

    /**
     * @param ClearCoat|null $clear    that goes on
     * @param ClearCoat|null $filler   that goes on under it
     * @param PostCure|null  $postCure before the last flatting
     */
    public function __construct(
        public PartBrief $brief,
        public Materials $materials,
        public Workshop $shop,
        public CoatCounts $coats,
        public ?ClearCoat $clear = null,
        public ?ClearCoat $filler = null,
        public ?PostCure $postCure = null,
        public float $polishMin = 0.0,
    ) {
        $this->choices = $brief->choices;
        $this->pace = $shop->pace;
        $this->areaM2 = $brief->coatedAreaM2();
        $this->air = Temperature::fromCelsius($shop->workingAirC);
    }

    /** All of the part wiped; with masking or the like it takes some minutes more. */
    public function wipe(string $key, string $name = 'wipe', float $moreMin = 0.0): Step
    {
        return Step::of(Role::Wipe, $key)->named($name)->taking($this->pace->wiping($this->areaM2) + $moreMin);
    }

    /** Its rim cut to size once it is hard, edges broken to a radius, by the running metre. */
    public function trim(string $key, string $name, float $rims = 1.0): Step
    {
        return Step::of(Role::Trim, $key)->named($name)->taking($this->pace->trimming($rims * $this->brief->rimM()))
            ->minding(Caution::Rotary, Caution::Dust);
    }

    /** A share of the part keyed with one paper, dry; in the key before a skin it is all of it. */
    public function keyed(Role $role, int $paper, float $share = 1.0, ?string $key = null): Step
    {
        return Step::of($role, $key)->sandedWith(Grits::key($paper))->taking($share * $this->pace->keying($this->areaM2));
    }

    /**
     * A coat that is mixed and brushed.
     *
     * @param list<string>|null $only zones that it goes on alone; null for all
     */
    public function coat(Role $role, ?string $key = null, ?array $only = null): Step
    {
        return Step::of($role, $key)->laying($this->weightOf($role), $only)->taking($this->pace->coating($this->brief->areaOf($only)))
            ->minding(...($this->isPolyester($role->slot()) ? [Caution::Styrene, Caution::Catalyst] : [Caution::Epoxy]));
    }

    /** Sections in which cloth is unrolled on a mist, so that each lies before its mist lets go; 0 where none is small enough. */
    public function mistSections(): int
    {
        $mist = $this->aid(AidKind::Adhesive);
        for ($n = 1; $n <= self::MOST_SECTIONS; $n++) {
            if ($mist->holdsMin === null || $mist->readyMin + self::GRID_MIN + $this->unrolling($n) <= $mist->holdsMin) {
                return $n;
            }
        }

        return 0;
    }

    /**
     * A mist, and cloth unrolled onto it before it lets go: in one, or section by section.
     *
     * @param \Closure(int $section, int $of): Step $mist   by itself
     * @param \Closure(int $section, int $of): Step $unroll by itself
     *
     * @return list<Step>
     */
    public function ontoMist(\Closure $mist, \Closure $unroll): array
    {
        $sheet = $this->aid(AidKind::Adhesive);
        $of = max(1, $this->mistSections());
        $laying = $this->unrolling($of);
        $steps = [];
        for ($n = 1; $n <= $of; $n++) {
            $steps[] = $mist($n, $of)->after(Follow::minutes($n === 1 ? 5.0 : 0.0))
                ->taking(self::SET_UP_MIN + 3.0 + 5.0 * $this->areaM2 / $of);
            $steps[] = $unroll($n, $of)->taking($laying)->after(Follow::minutes(
                $sheet->readyMin,
                $sheet->holdsMin === null ? null : max($sheet->readyMin + self::GRID_MIN, $sheet->holdsMin - $laying),
            ));
        }

        return $steps;
    }

    /**
     * Resin, and a ply into it, min: one that is seen is laid to its line.
     *
     * @param float $care of what a dry ply asks for that is shifted until it lies
     */
    public function ply(bool $isSeen, float $care = 0.0): float
    {
        return $isSeen
            ? $this->pace->coating($this->areaM2) + $care * $this->pace->laying($this->areaM2)
            : $this->pace->mixMin + $this->pace->innerPly($this->areaM2);
    }

    /** Of one section of so many, min. */
    private function unrolling(int $of): float
    {
        return max(1.0, $this->pace->laying($this->areaM2 / $of) - self::SET_UP_MIN);
    }

    /** @return list<Finding> where the cloth takes longer than the mist holds */
    public function mistFindings(): array
    {
        $fits = $this->mistSections();
        $of = $fits === 0 ? self::MOST_SECTIONS : $fits;
        $args = [
            'holds' => $this->aid(AidKind::Adhesive)->holdsMin ?? 0.0, 'all' => $this->unrolling(1), 'of' => $of,
            'each' => $this->unrolling($of),
        ];

        return match (true) {
            $fits === 0 => [new Finding(Severity::Refuse, 'method.mist_short', $args, Slot::Adhesive->field())],
            $fits > 1 => [new Finding(Severity::Note, 'method.mist_sections', $args, Slot::Adhesive->field())],
            default => [],
        };
    }

    /** What a coat comes to where it lies level, µm. */
    public function filmUm(Role $coat): float
    {
        return $this->weightOf($coat) / $this->materials->skinResin->rheology->densityGCm3;
    }

    public function isPolyester(?Slot $slot): bool
    {
        $resin = match ($slot) {
            Slot::Base => $this->materials->baseResin,
            Slot::Skin => $this->materials->skinResin,
            default => $this->materials->resins[$slot->value ?? ''] ?? null,
        };

        return $resin?->chemistry === Chemistry::Polyester;
    }

    /** Polyester would go on an epoxy through the cloth: what is under that nobody can wash and key once it is cured. */
    public function isCuredThroughCloth(): bool
    {
        return $this->isPolyester(Slot::Skin) && ! $this->isPolyester(Slot::Base);
    }

    /** How a filler holds on the resin below. */
    public function fillerBond(): Bond
    {
        return $this->filler?->chemistry()->over($this->materials->skinResin->chemistry) ?? Bond::Key;
    }

    /** Bare metal. */
    public function needsPrimer(): bool
    {
        return $this->brief->substrate->isMetal() && ! $this->brief->primed;
    }

    /** Bare wood. */
    public function needsSeal(): bool
    {
        return $this->brief->substrate->isPorous() && ! $this->brief->primed;
    }

    public function isHot(): bool
    {
        return $this->brief->heat || $this->brief->sun;
    }

    public function clothGM2(): float
    {
        return $this->materials->cloth->weave->arealGM2;
    }

    /** Share of pigment that the base resin's sheet bears; 0 where it bears none. */
    public function basePigment(): float
    {
        return $this->materials->baseResin->pigmentFraction ?? 0.0;
    }

    /** @return array{float, float} slopes of its most level and its steepest coated face, ° */
    public function slopesDeg(): array
    {
        $slopes = array_map(fn (Zone $z): float => $z->slopeDeg, $this->brief->coatedZones());

        return $slopes === [] ? [0.0, 0.0] : [min($slopes), max($slopes)];
    }

    /** @return list<Step> a coat, and the turn at half of its flow where each is turned over */
    public function andTurn(Step $coat): array
    {
        $at = RunRisk::halfFlowMin($this->materials->skinResin->rheology, $this->air);
        $turn = Step::of(Role::Turn)->turning($coat->key)->after(Follow::minutes(max(1.0, $at - 5.0), $at + 5.0))->taking(3.0);

        return $this->choices->of(Turning::class) ? [$coat, $turn] : [$coat];
    }

    /** By its sheet, or by planning values where none is named. */
    public function aid(AidKind $kind): Aid
    {
        return $this->materials->aids[$kind->value] ?? Aid::usual($kind);
    }

    /** A poured coat as the shop lays it, or as much of it as the weakest line of faces holds, g/m². */
    private function pourThatStays(): float
    {
        $asTheShop = $this->shop->weights->pourGM2;
        $holds = array_map(
            fn (Zone $z): float => $z->face->below !== [] ? INF : RunRisk::of(
                $z->face,
                $this->materials->skinResin->rheology,
                new Coat($asTheShop, $this->air),
            )->holdsGM2 ?? INF,
            $this->brief->coatedZones(),
        );

        return min($asTheShop, max(BuildWeight::LEAST, 5.0 * floor(min([INF, ...$holds]) / 5.0)));
    }

    /** What a coat of a role weighs, g/m². */
    public function weightOf(Role $coat): float
    {
        [$weights, $seen, $inner] = [$this->shop->weights, $this->clothGM2(), $this->materials->inner()->weave->arealGM2];

        return match ($coat) {
            Role::Seal => $weights->sealGM2,
            Role::Base => $weights->baseGM2,
            Role::Tack => $weights->tackGM2,
            Role::WetOut => $weights->wetOutShare * $seen,
            Role::InnerWetOut => $weights->wetOutShare * $inner,
            Role::Finish => $weights->finishGM2,
            Role::Laminate, Role::BaggedPly, Role::Splice => $weights->laminateShare * $seen,
            Role::InnerPly => $weights->laminateShare * $inner,
            Role::Infuse => $weights->laminateShare
                * ($seen + ($this->choices->of(PlyCount::class) - 1) * $inner),
            Role::GelCoat => $weights->gelGM2,
            // A fine cloth that drinks twice its weight.
            Role::Coupling => 2.0 * self::COUPLING_GM2,
            Role::Lift => $weights->laminateShare * $this->materials->mould()->weave->arealGM2,
            Role::Pour => BuildWeight::gM2($this->choices, $this->pourThatStays()),
            default => BuildWeight::gM2($this->choices, $weights->buildGM2),
        };
    }
}
