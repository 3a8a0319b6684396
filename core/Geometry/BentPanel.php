<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A level top with one flank bent down along its length. */
final readonly class BentPanel implements Shape
{
    /**
     * @param float $bendDeg how far the flank is bent down, 5 to 90°
     *
     * @throws \OakGloss\Quantity\OutOfRange If a size is out of range.
     */
    public function __construct(
        private float $lengthMm,
        private float $topMm,
        private float $flankMm,
        private float $bendDeg,
        private float $bendRadiusMm,
        private float $edgeRadiusMm,
    ) {
        Bounds::within($lengthMm, 10.0, 5000.0, 'length', 'mm');
        Bounds::within($topMm, 10.0, 5000.0, 'top', 'mm');
        Bounds::within($flankMm, 10.0, 5000.0, 'flank', 'mm');
        Bounds::within($bendDeg, 5.0, 90.0, 'bend', '°');
    }

    public function zones(): array
    {
        return [
            new Zone('top', ZoneKind::Level, 0.0, $this->topMm / 1000.0, $this->lengthMm * $this->topMm / 1e6),
            new Zone('flank', ZoneKind::ofFace($this->bendDeg), $this->bendDeg, $this->flankMm / 1000.0, $this->lengthMm * $this->flankMm / 1e6),
            EdgeBand::zone('bend', $this->lengthMm, $this->bendRadiusMm, 0.5 * $this->bendDeg),
            EdgeBand::zone('rim', 2.0 * ($this->lengthMm + $this->topMm + $this->flankMm), $this->edgeRadiusMm),
        ];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => $this->topMm + $this->flankMm];
    }
}
