<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Film\ExistingFilm;
use OakGloss\Geometry\TwoSides;
use OakGloss\Material\Aid;
use OakGloss\Material\AidKind;
use OakGloss\Material\Backing;
use OakGloss\Material\Bond;
use OakGloss\Material\Chemistry;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\Turning;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Temperature;
use OakGloss\Safety\Caution;

/** What a method needs to know of a part to tell its steps. */
final readonly class Job
{
    /** Of the fine cloth between gel coat and laminate, g/m² (planning value). */
    private const COUPLING_GM2 = 80.0;

    /**
     * @param bool                     $needsPrimer bare metal
     * @param bool                     $needsSeal   bare wood
     * @param int                      $tackCoats   fresh tack coats on a base whose window for the cloth was missed
     * @param list<string>             $passZones   zones of the second passes, empty where none is needed
     * @param float                    $turnMin     after a coat, when half of its flow is over
     * @param PostCure|null            $postCure    before the last flatting
     * @param float                    $basePigment share of pigment that the base resin's sheet bears; 0 where it bears none
     * @param float                    $levelestDeg slope of its most level face
     * @param float                    $steepestDeg slope of its steepest face
     * @param float|null               $innerGM2    of plies that nobody sees; null where they are as the one that is seen
     * @param array<string, Aid>       $aids        by kind; planning values stand for those that are missing
     * @param array<string, float>     $areas       of the coated zones, m²
     * @param array<string, Chemistry> $chemistries of the resins, by slot
     * @param int                      $liftPlies   of the mould that may be laid at once; 0 where one is too many
     * @param float                    $densityGCm3 of the resin over the weave
     * @param bool                     $hasBlank    the size of the parts that are cut from it is known
     */
    public function __construct(
        public Substrate $substrate,
        public bool $needsPrimer,
        public bool $needsSeal,
        public Finish $finish,
        public float $areaM2,
        public int $holes,
        public Choices $choices,
        public int $buildCoats,
        public float $clothGM2,
        public CoatWeights $weights,
        public Pace $pace,
        public int $clearCoats,
        public ?ClearCoat $clear,
        public ?ClearCoat $filler,
        public int $fillerCoats,
        public Temperature $air,
        public float $polishMin,
        public int $tackCoats = 0,
        public array $passZones = [],
        public float $turnMin = 20.0,
        public ?PostCure $postCure = null,
        public Bond $fillerBond = Bond::Key,
        public Backing $backing = Backing::Black,
        public float $basePigment = 0.0,
        public float $steepestDeg = 90.0,
        public float $levelestDeg = 0.0,
        public ?ExistingFilm $film = null,
        public bool $hasBlank = false,
        private array $aids = [],
        public ?float $innerGM2 = null,
        public bool $heat = false,
        private array $areas = [],
        public ?TwoSides $sides = null,
        private array $chemistries = [],
        private float $mouldClothGM2 = 0.0,
        public int $liftPlies = 1,
        private float $densityGCm3 = 1.1,
    ) {
    }

    /** All of the part wiped; with masking or the like it takes some minutes more. */
    public function wipe(string $key, string $name = 'wipe', float $moreMin = 0.0): Step
    {
        return Step::of(Role::Wipe, $key)->named($name)->taking($this->pace->wiping($this->areaM2) + $moreMin);
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
        $area = $this->areaOf($only);
        $resin = $this->chemistries[$role->slot()->value ?? ''] ?? Chemistry::Epoxy;

        return Step::of($role, $key)->laying($this->weightOf($role), $only)->taking($this->pace->coating($area))
            ->minding(...($resin === Chemistry::Polyester ? [Caution::Styrene, Caution::Catalyst] : [Caution::Epoxy]));
    }

    /**
     * Of some coated zones, m²; of all of them for null.
     *
     * @param list<string>|null $only
     */
    public function areaOf(?array $only): float
    {
        return $only === null ? $this->areaM2 : array_sum(array_intersect_key($this->areas, array_flip($only)));
    }

    /** @return list<string> names of the coated zones */
    public function zones(): array
    {
        return array_keys($this->areas);
    }

    /** What a coat comes to where it lies level, µm. */
    public function filmUm(Role $coat): float
    {
        return $this->weightOf($coat) / $this->densityGCm3;
    }

    public function isPolyester(Slot $slot): bool
    {
        return ($this->chemistries[$slot->value] ?? null) === Chemistry::Polyester;
    }

    /** @return list<Step> a coat, and the turn at half of its flow where each is turned over */
    public function andTurn(Step $coat): array
    {
        $turn = Step::of(Role::Turn)->turning($coat->key)
            ->after(Follow::minutes(max(1.0, $this->turnMin - 5.0), $this->turnMin + 5.0))->taking(3.0);

        return $this->choices->of(Turning::class) ? [$coat, $turn] : [$coat];
    }

    /** By its sheet, or by planning values where none is named. */
    public function aid(AidKind $kind): Aid
    {
        return $this->aids[$kind->value] ?? Aid::usual($kind);
    }

    /** What a coat of a role weighs, g/m². */
    public function weightOf(Role $coat): float
    {
        return match ($coat) {
            Role::Seal => $this->weights->sealGM2,
            Role::Base => $this->weights->baseGM2,
            Role::Tack => $this->weights->tackGM2,
            Role::WetOut => $this->weights->wetOutShare * $this->clothGM2,
            Role::InnerWetOut => $this->weights->wetOutShare * ($this->innerGM2 ?? $this->clothGM2),
            Role::Finish => $this->weights->finishGM2,
            Role::Laminate, Role::BaggedPly, Role::Splice => $this->weights->laminateShare * $this->clothGM2,
            Role::InnerPly => $this->weights->laminateShare * ($this->innerGM2 ?? $this->clothGM2),
            Role::Infuse => $this->weights->laminateShare
                * ($this->clothGM2 + ($this->choices->of(PlyCount::class) - 1) * ($this->innerGM2 ?? $this->clothGM2)),
            Role::GelCoat => $this->weights->gelGM2,
            // A fine cloth that drinks twice its weight.
            Role::Coupling => 2.0 * self::COUPLING_GM2,
            Role::Lift => $this->weights->laminateShare * $this->mouldClothGM2,
            Role::Pour => BuildWeight::gM2($this->choices, $this->weights->pourGM2),
            default => $this->buildGM2(),
        };
    }

    private function buildGM2(): float
    {
        return BuildWeight::gM2($this->choices, $this->weights->buildGM2);
    }
}
