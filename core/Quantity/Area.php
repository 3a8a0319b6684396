<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** A surface of a part or a piece of cloth, 0 to 100 m². */
final readonly class Area
{
    private function __construct(private float $squareMetres)
    {
    }

    /** @throws OutOfRange If not finite or outside 0.0 to 100.0 m². */
    public static function fromSquareMetres(float $squareMetres): self
    {
        return new self(Bounds::within($squareMetres, 0.0, 100.0, 'area', 'm²'));
    }

    public function inSquareMetres(): float
    {
        return $this->squareMetres;
    }

    public function plus(self $other): self
    {
        return new self($this->squareMetres + $other->squareMetres);
    }
}
