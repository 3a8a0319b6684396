<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A sheet as it lies on its plate: one level face that nothing drains from, and no edge that anybody keeps. */
final readonly class FlatSheet implements Shape
{
    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range. */
    public function __construct(private float $lengthMm, private float $widthMm)
    {
        Bounds::within($lengthMm, 50.0, 3000.0, 'length of the sheet', 'mm');
        Bounds::within($widthMm, 50.0, 2000.0, 'width of the sheet', 'mm');
    }

    public function zones(): array
    {
        return [new Zone('sheet', ZoneKind::Level, 0.0, $this->widthMm / 1000.0, $this->lengthMm * $this->widthMm / 1e6)];
    }

    public function plates(): array
    {
        return [new Plate('sheet', 0.0, 0.0, $this->lengthMm, $this->widthMm)];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => $this->widthMm];
    }
}
