<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** A mass of material, 0 to 1 000 kg; full precision inside. */
final readonly class Mass
{
    private function __construct(private float $grams)
    {
    }

    /** @throws OutOfRange If not finite or outside 0.0 to 1.0e6 g. */
    public static function fromGrams(float $grams): self
    {
        return new self(Bounds::within($grams, 0.0, 1.0e6, 'mass', 'g'));
    }

    public function inGrams(): float
    {
        return $this->grams;
    }

    public function plus(self $other): self
    {
        return new self($this->grams + $other->grams);
    }

    /** The mass that lies on this area as an areal weight. */
    public function spreadOver(Area $area): ArealWeight
    {
        return ArealWeight::fromGramsPerSquareMetre($this->grams / $area->inSquareMetres());
    }
}
