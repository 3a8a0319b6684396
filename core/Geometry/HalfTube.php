<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** Half a tube lying with its hollow side down: level along the ridge, upright along both rims. */
final readonly class HalfTube implements Shape
{
    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range. */
    public function __construct(private float $lengthMm, private float $radiusMm, private float $edgeRadiusMm)
    {
        Bounds::within($lengthMm, 3.0, 5000.0, 'length', 'mm');
        Bounds::within($radiusMm, 3.0, 2000.0, 'tube radius', 'mm');
    }

    public function zones(): array
    {
        $zones = [];
        foreach ([['ridge', 0.0, 30.0], ['shoulders', 30.0, 60.0], ['sides', 60.0, 90.0]] as [$name, $from, $to]) {
            $arc = $this->radiusMm * deg2rad($to - $from);
            $slope = 0.5 * ($from + $to);
            $zones[] = new Zone($name, ZoneKind::ofFace($slope), $slope, $arc / 1000.0, 2.0 * $arc * $this->lengthMm / 1e6);
        }
        $quarter = 0.5 * M_PI * $this->radiusMm;

        return [
            ...FallOrder::down($zones[0], $zones[1], $zones[2], EdgeBand::zone('rim', 2.0 * $this->lengthMm, $this->edgeRadiusMm, 60.0)),
            // Around both ends the film runs along the strip, from the ridge down, and nothing feeds it.
            EdgeBand::zone('end rims', 4.0 * $quarter, $this->edgeRadiusMm, 45.0, $quarter / 1000.0),
        ];
    }

    public function plates(): array
    {
        $band = EdgeBand::widthMm($this->edgeRadiusMm);
        $step = $this->radiusMm * deg2rad(30.0);
        $y = fn (float $steps): float => $band + $steps * $step;
        $half = M_PI * $this->radiusMm;

        return [
            new Plate('rim', 0.0, 0.0, $this->lengthMm, $band),
            new Plate('sides', 0.0, $y(0.0), $this->lengthMm, $step),
            new Plate('shoulders', 0.0, $y(1.0), $this->lengthMm, $step),
            new Plate('ridge', 0.0, $y(2.0), $this->lengthMm, 2.0 * $step),
            new Plate('shoulders', 0.0, $y(4.0), $this->lengthMm, $step, $this->lengthMm),
            new Plate('sides', 0.0, $y(5.0), $this->lengthMm, $step, $this->lengthMm),
            new Plate('rim', 0.0, $y(6.0), $this->lengthMm, $band, $this->lengthMm),
            new Plate('end rims', -$band, $band, $band, $half),
            new Plate('end rims', $this->lengthMm, $band, $band, $half, $band),
        ];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => M_PI * $this->radiusMm];
    }
}
