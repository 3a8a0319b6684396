<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** Thickness of a film over a stated plane, −5 000 to 50 000 µm; negative lies below the plane. */
final readonly class FilmThickness
{
    private function __construct(private float $micrometres)
    {
    }

    /** @throws OutOfRange If not finite or outside -5000.0 to 50000.0 µm. */
    public static function fromMicrometres(float $micrometres): self
    {
        return new self(Bounds::within($micrometres, -5000.0, 50000.0, 'film thickness', 'µm'));
    }

    public function inMicrometres(): float
    {
        return $this->micrometres;
    }
}
