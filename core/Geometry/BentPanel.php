<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A level top with one flank bent down along its length. */
final readonly class BentPanel implements Tiltable
{
    /**
     * @param float $bendDeg how far the flank is bent down, 5 to 90°
     * @param float $tiltDeg how far the top is tilted away from the bend while coats flow, 0 to the bend
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
        private float $tiltDeg = 0.0,
    ) {
        Bounds::within($lengthMm, 3.0, 5000.0, 'length', 'mm');
        Bounds::within($topMm, 3.0, 5000.0, 'top', 'mm');
        Bounds::within($flankMm, 3.0, 5000.0, 'flank', 'mm');
        Bounds::within($bendDeg, 5.0, 90.0, 'bend', '°');
        Bounds::within($tiltDeg, 0.0, $bendDeg, 'tilt', '°');
    }

    /** Laid so that top and flank are equally steep. */
    public function tilted(): self
    {
        return new self(
            $this->lengthMm,
            $this->topMm,
            $this->flankMm,
            $this->bendDeg,
            $this->bendRadiusMm,
            $this->edgeRadiusMm,
            0.5 * $this->bendDeg,
        );
    }

    public function zones(): array
    {
        $tiltDeg = $this->tiltDeg;
        $isLevel = $tiltDeg < FallOrder::LEVEL_DEG;
        $flankDeg = $this->bendDeg - $tiltDeg;
        // Level, the top drains to both sides; tilted, away from the bend and over its own rim.
        $top = new Zone(
            'top',
            ZoneKind::ofFace($tiltDeg),
            $tiltDeg,
            ($isLevel ? 0.5 : 1.0) * $this->topMm / 1000.0,
            $this->lengthMm * $this->topMm / 1e6,
        );
        $flank = new Zone(
            'flank',
            ZoneKind::ofFace($flankDeg),
            $flankDeg,
            $this->flankMm / 1000.0,
            $this->lengthMm * $this->flankMm / 1e6,
        );
        $bend = EdgeBand::zone('bend', $this->lengthMm, $this->bendRadiusMm, abs(0.5 * $this->bendDeg - $tiltDeg));
        $rim = EdgeBand::zone('rim', $this->lengthMm, $this->edgeRadiusMm, max(30.0, $flankDeg));
        $topRim = EdgeBand::zone(
            'top rim',
            $this->lengthMm + ($isLevel ? 2.0 * $this->topMm : 0.0),
            $this->edgeRadiusMm,
            max(30.0, $tiltDeg),
        );
        $sides = [EdgeBand::zone('flank ends', 2.0 * $this->flankMm, $this->edgeRadiusMm, $flankDeg, $this->flankMm / 1000.0)];
        if (! $isLevel) {
            $sides[] = EdgeBand::zone('top ends', 2.0 * $this->topMm, $this->edgeRadiusMm, $tiltDeg, $this->topMm / 1000.0);
        }
        $lines = $isLevel
            ? [...FallOrder::down($top, $bend, $flank, $rim), FallOrder::under($topRim, $top)]
            : [...FallOrder::down($bend, $flank, $rim), ...FallOrder::down($top, $topRim)];

        return [...$lines, ...$sides];
    }

    public function plates(): array
    {
        $band = EdgeBand::widthMm($this->edgeRadiusMm);
        $bend = EdgeBand::widthMm($this->bendRadiusMm);
        $flank = $this->topMm + $bend;

        return [
            new Plate('top rim', 0.0, -$band, $this->lengthMm, $band),
            new Plate('top rim', -$band, 0.0, $band, $this->topMm, $this->lengthMm),
            new Plate('top rim', $this->lengthMm, 0.0, $band, $this->topMm, $this->lengthMm + $band),
            new Plate('top', 0.0, 0.0, $this->lengthMm, $this->topMm),
            new Plate('bend', 0.0, $this->topMm, $this->lengthMm, $bend),
            new Plate('flank', 0.0, $flank, $this->lengthMm, $this->flankMm),
            new Plate('flank ends', -$band, $flank, $band, $this->flankMm),
            new Plate('flank ends', $this->lengthMm, $flank, $band, $this->flankMm, $band),
            new Plate('rim', 0.0, $flank + $this->flankMm, $this->lengthMm, $band),
        ];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => $this->topMm + $this->flankMm];
    }
}
