<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A damaged place with the margin that is worked around it: one face, nothing that anybody keeps runs off it. */
final readonly class Patch implements Shape
{
    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range. */
    public function __construct(private float $lengthMm, private float $widthMm, private float $aroundMm)
    {
        Bounds::within($lengthMm, 1.0, 1000.0, 'length of the damage', 'mm');
        Bounds::within($widthMm, 1.0, 1000.0, 'width of the damage', 'mm');
        Bounds::within($aroundMm, 5.0, 300.0, 'worked around it', 'mm');
    }

    public function zones(): array
    {
        ['length' => $length, 'width' => $width] = $this->developedMm();

        return [new Zone('place', ZoneKind::Level, 0.0, $width / 1000.0, $length * $width / 1e6)];
    }

    public function plates(): array
    {
        ['length' => $length, 'width' => $width] = $this->developedMm();

        return [new Plate('place', 0.0, 0.0, $length, $width)];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm + 2.0 * $this->aroundMm, 'width' => $this->widthMm + 2.0 * $this->aroundMm];
    }
}
