<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cloth\Piece;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\Choices;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;

/** What was ordered and what lies on the bench. */
final readonly class PartBrief
{
    /**
     * @param non-empty-list<Zone>                    $zones
     * @param array{length: float, width: float}|null $developedMm the surface laid flat; null where only areas are known
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
        return new self($this->zones, $this->developedMm, $this->substrate, $this->primed, $this->tone, $this->backing, $this->finish, $this->sun, $this->heat, $this->wear, $this->wrapMm, $this->holes, $choices, $this->neededByMin);
    }
}
