<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A flat piece, as it lies on the bench. */
final readonly class Panel implements Shape
{
    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range. */
    public function __construct(
        private float $lengthMm,
        private float $widthMm,
        private float $edgeRadiusMm,
        private float $slopeDeg = 0.0,
    ) {
        Bounds::within($lengthMm, 3.0, 5000.0, 'length', 'mm');
        Bounds::within($widthMm, 3.0, 5000.0, 'width', 'mm');
        Bounds::within($slopeDeg, 0.0, 90.0, 'slope', '°');
    }

    public function zones(): array
    {
        $isLevel = $this->slopeDeg < FallOrder::LEVEL_DEG;
        $run = 2.0 * ($this->lengthMm + $this->widthMm);
        // A level face drains to both sides.
        $face = new Zone(
            'face',
            ZoneKind::ofFace($this->slopeDeg),
            $this->slopeDeg,
            ($isLevel ? 0.5 : 1.0) * $this->widthMm / 1000.0,
            $this->lengthMm * $this->widthMm / 1e6,
        );
        if ($isLevel) {
            return FallOrder::down($face, EdgeBand::zone('edge', $run, $this->edgeRadiusMm));
        }

        return [
            ...FallOrder::down($face, EdgeBand::zone('edge', $this->lengthMm, $this->edgeRadiusMm, max(30.0, $this->slopeDeg))),
            EdgeBand::zone('upper edge', $this->lengthMm, $this->edgeRadiusMm, $this->slopeDeg),
            EdgeBand::zone('side edges', 2.0 * $this->widthMm, $this->edgeRadiusMm, $this->slopeDeg, $this->widthMm / 1000.0),
        ];
    }

    public function plates(): array
    {
        $band = EdgeBand::widthMm($this->edgeRadiusMm);
        [$long, $deep] = [$this->lengthMm, $this->widthMm];
        $isLevel = $this->slopeDeg < FallOrder::LEVEL_DEG;
        [$upper, $sides] = $isLevel ? ['edge', 'edge'] : ['upper edge', 'side edges'];

        return [
            new Plate('face', 0.0, 0.0, $long, $deep),
            new Plate('edge', 0.0, $deep, $long, $band),
            new Plate($upper, 0.0, -$band, $long, $band, $isLevel ? $long : 0.0),
            new Plate($sides, -$band, 0.0, $band, $deep, $isLevel ? 2.0 * $long : 0.0),
            new Plate($sides, $long, 0.0, $band, $deep, ($isLevel ? 2.0 * $long : 0.0) + $band),
        ];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => $this->widthMm];
    }
}
