<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** Mass of a coat or a cloth on a surface, 0 to 50 000 g/m². */
final readonly class ArealWeight
{
    private function __construct(private float $gramsPerSquareMetre)
    {
    }

    /** @throws OutOfRange If not finite or outside 0 to 50 000 g/m². */
    public static function fromGramsPerSquareMetre(float $gramsPerSquareMetre): self
    {
        return new self(Bounds::within($gramsPerSquareMetre, 0.0, 50000.0, 'areal weight', 'g/m²'));
    }

    public function inGramsPerSquareMetre(): float
    {
        return $this->gramsPerSquareMetre;
    }

    public function over(Area $area): Mass
    {
        return Mass::fromGrams($this->gramsPerSquareMetre * $area->inSquareMetres());
    }
}
