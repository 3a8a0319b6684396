<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A box open below: a level top, four upright sides, corners where the cloth laps. */
final readonly class Box implements Shape
{
    /** Width of the lap at each upright corner, mm. */
    private const LAP_MM = 15.0;

    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range. */
    public function __construct(
        private float $lengthMm,
        private float $widthMm,
        private float $heightMm,
        private float $edgeRadiusMm,
    ) {
        Bounds::within($lengthMm, 3.0, 5000.0, 'length', 'mm');
        Bounds::within($widthMm, 3.0, 5000.0, 'width', 'mm');
        Bounds::within($heightMm, 3.0, 5000.0, 'height', 'mm');
    }

    public function zones(): array
    {
        $round = 2.0 * ($this->lengthMm + $this->widthMm);
        // The top drains to all sides.
        $top = new Zone(
            'top',
            ZoneKind::Level,
            0.0,
            0.5 * min($this->widthMm, $this->lengthMm) / 1000.0,
            $this->lengthMm * $this->widthMm / 1e6,
        );
        $edge = EdgeBand::zone('top edge', $round, $this->edgeRadiusMm, 45.0);
        $sides = new Zone('sides', ZoneKind::Flank, 90.0, $this->heightMm / 1000.0, $round * $this->heightMm / 1e6);
        $laps = new Zone(
            'corner laps',
            ZoneKind::Lap,
            90.0,
            $this->heightMm / 1000.0,
            4.0 * self::LAP_MM * $this->heightMm / 1e6,
            Visibility::Second,
        );

        return [
            ...FallOrder::down($top, $edge, $sides, EdgeBand::zone('rim', $round, $this->edgeRadiusMm, 90.0)),
            FallOrder::under($laps, $top, $edge),
        ];
    }

    public function plates(): array
    {
        $band = EdgeBand::widthMm($this->edgeRadiusMm);
        $in = $this->heightMm + 2.0 * $band;
        $around = [
            // Above, left, right and below the top: where, and how large with the strip lying along it.
            [$in, 0.0, $this->lengthMm, true], [0.0, $in, $this->widthMm, false],
            [$in + $this->lengthMm, $in, $this->widthMm, false], [$in, $in + $this->widthMm, $this->lengthMm, true],
        ];
        $plates = [new Plate('top', $in, $in, $this->lengthMm, $this->widthMm)];
        $from = ['rim' => 0.0, 'sides' => 0.0, 'top edge' => 0.0];
        foreach ($around as $i => [$x, $y, $run, $isFlat]) {
            $outward = $i === 2 || $i === 3 ? ['top edge' => $band, 'sides' => $this->heightMm, 'rim' => $band]
                : ['rim' => $band, 'sides' => $this->heightMm, 'top edge' => $band];
            foreach ($outward as $zone => $deep) {
                [$w, $h] = $isFlat ? [$run, $deep] : [$deep, $run];
                $plates[] = new Plate($zone, $x, $y, $w, $h, $from[$zone]);
                $from[$zone] += $isFlat ? $run : $deep;
                [$x, $y] = $isFlat ? [$x, $y + $deep] : [$x + $deep, $y];
            }
        }

        return $plates;
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm + 2.0 * $this->heightMm, 'width' => $this->widthMm + 2.0 * $this->heightMm];
    }
}
