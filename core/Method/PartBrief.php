<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Cloth\Piece;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Face;
use OakGloss\Geometry\TwoSides;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;

/** What was ordered and what lies on the bench. */
final readonly class PartBrief
{
    /**
     * @param non-empty-list<Zone>                    $zones
     * @param array{length: float, width: float}|null $developedMm the surface laid flat; null where only areas are known
     * @param list<Zone>|null                         $tiltedZones the zones, in their order, tilted; null: tilting gains nothing
     * @param ExistingFilm|null                       $film        of a skin that lies on the part already
     * @param array{length: float, width: float}|null $blankMm     of the parts that are cut from a sheet
     * @param TwoSides|null                           $sides       of a piece that is seen from both sides
     * @param float|null                              $wholeM2     of the part that a damaged place is on, m²
     *
     * @throws \OakGloss\Quantity\OutOfRange If wrap or holes are out of range.
     */
    public function __construct(
        public array $zones,
        public ?array $developedMm,
        public Substrate $substrate,
        public bool $primed,
        public Tone $tone,
        public Backing $backing,
        public Finish $finish,
        public bool $sun,
        public bool $heat,
        public bool $wear,
        public float $wrapMm = Piece::WRAP_MM,
        public int $holes = 0,
        public Choices $choices = new Choices(),
        public ?float $neededByMin = null,
        public ?array $tiltedZones = null,
        public ?ExistingFilm $film = null,
        public ?array $blankMm = null,
        public ?TwoSides $sides = null,
        public ?float $wholeM2 = null,
    ) {
        Bounds::within($wrapMm, 0.0, 300.0, 'wrap', 'mm');
        Bounds::within($holes, 0, 200, 'holes', '');
    }

    /** @return list<Zone> zones that get resin */
    public function coatedZones(): array
    {
        return array_values(array_filter($this->zones, fn (Zone $z): bool => $z->kind->isCoated()));
    }

    public function coatedAreaM2(): float
    {
        return array_sum(array_map(fn (Zone $z): float => $z->areaM2, $this->coatedZones()));
    }

    /**
     * Area of some coated zones, m²; of all of them for null.
     *
     * @param list<string>|null $names
     */
    public function areaOf(?array $names): float
    {
        return array_sum(array_map(
            fn (Zone $z): float => $names === null || in_array($z->name, $names, true) ? $z->areaM2 : 0.0,
            $this->coatedZones(),
        ));
    }

    /**
     * @param list<string>|null $only zones that the coat goes on alone
     *
     * @return list<Face> of the coated zones, as they lie while a coat flows
     */
    public function facesAsTheyLie(bool $tilted, ?array $only = null): array
    {
        $lie = [];
        $isTurned = $this->sides !== null && $only === $this->sides->second;
        foreach ($isTurned ? $this->sides->turned : ($tilted ? $this->tiltedZones ?? [] : []) as $zone) {
            $lie[$zone->name] = $zone->face;
        }

        return array_map(fn (Zone $z): Face => $lie[$z->name] ?? $z->face, $this->coatedZones());
    }

    /** Running metres of its rim, as it lies flat. */
    public function rimM(): float
    {
        return $this->developedMm === null
            ? 4.0 * sqrt($this->coatedAreaM2())
            : 2.0 * ($this->developedMm['length'] + $this->developedMm['width']) / 1000.0;
    }

    public function piece(): Piece
    {
        return $this->developedMm === null
            ? Piece::coveringArea($this->coatedAreaM2(), $this->wrapMm)
            : Piece::covering($this->developedMm, $this->wrapMm);
    }

    /** The zones and the wrap that stays beneath the rim. */
    public function clothAreaM2(): float
    {
        $side = sqrt($this->coatedAreaM2()) * 1000.0;
        $flat = $this->developedMm ?? ['length' => $side, 'width' => $side];

        return $this->coatedAreaM2() + 2.0 * $this->wrapMm * ($flat['length'] + $flat['width'] + 2.0 * $this->wrapMm) / 1e6;
    }

    public function with(Choices $choices): self
    {
        return $this->but($choices, $this->film);
    }

    /** The same with another skin on it already, or none. */
    public function found(?ExistingFilm $film): self
    {
        return $this->but($this->choices, $film);
    }

    private function but(Choices $choices, ?ExistingFilm $film): self
    {
        return new self(
            zones: $this->zones,
            developedMm: $this->developedMm,
            substrate: $this->substrate,
            primed: $this->primed,
            tone: $this->tone,
            backing: $this->backing,
            finish: $this->finish,
            sun: $this->sun,
            heat: $this->heat,
            wear: $this->wear,
            wrapMm: $this->wrapMm,
            holes: $this->holes,
            choices: $choices,
            neededByMin: $this->neededByMin,
            tiltedZones: $this->tiltedZones,
            film: $film,
            blankMm: $this->blankMm,
            sides: $this->sides,
            wholeM2: $this->wholeM2,
        );
    }
}
