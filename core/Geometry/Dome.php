<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Film\Face;
use OakGloss\Quantity\Bounds;

/** A cap of a sphere on its rim: its steepness grows from the crown to the rim. */
final readonly class Dome implements Shape
{
    private float $sphereMm;
    private float $steepest;

    /** @throws \OakGloss\Quantity\OutOfRange If a size is out of range or the cap is higher than a half sphere. */
    public function __construct(private float $diameterMm, float $heightMm, private float $edgeRadiusMm)
    {
        Bounds::within($diameterMm, 3.0, 3000.0, 'diameter', 'mm');
        Bounds::within($heightMm, 0.5, 0.5 * $diameterMm, 'height', 'mm');
        $half = 0.5 * $diameterMm;
        $this->sphereMm = ($half ** 2 + $heightMm ** 2) / (2.0 * $heightMm);
        $this->steepest = acos(max(-1.0, 1.0 - $heightMm / $this->sphereMm));
    }

    public function zones(): array
    {
        $zones = [];
        foreach ([['crown', 0.0, 0.5], ['shoulder', 0.5, 1.0]] as [$name, $from, $to]) {
            $upper = $from * $this->steepest;
            $lower = $to * $this->steepest;
            $area = 2.0 * M_PI * $this->sphereMm ** 2 * (cos($upper) - cos($lower));
            // A zone's slope is the one at the ring that halves its area.
            $slope = rad2deg(acos(0.5 * (cos($upper) + cos($lower))));
            $zones[] = new Zone($name, ZoneKind::ofFace($slope), $slope, $this->sphereMm * ($lower - $upper) / 1000.0, $area / 1e6);
        }
        $rim = EdgeBand::zone('rim', M_PI * $this->diameterMm, $this->edgeRadiusMm, min(90.0, rad2deg($this->steepest)));
        // The rings widen on the way down: what feeds a metre of a ring is the area above it over the ring's run.
        $crown = new Face(
            $zones[0]->slopeDeg,
            $zones[0]->areaM2 / (2.0 * M_PI * $this->sphereMm / 1000.0 * sin(0.5 * $this->steepest)),
            null,
            'crown',
        );
        $ring = M_PI * $this->diameterMm / 1000.0;
        $feed = [
            new Face($crown->slopeDeg, $zones[0]->areaM2 / $ring, null, 'crown'),
            new Face($zones[1]->slopeDeg, $zones[1]->areaM2 / $ring, null, 'shoulder'),
        ];

        return [
            $zones[0]->between([], [$zones[1]->link(), $rim->link()]),
            $zones[1]->between([$crown], [$rim->link()]),
            $rim->between($feed),
        ];
    }

    public function plates(): array
    {
        $inner = 0.5 * $this->sphereMm * $this->steepest;
        $outer = 2.0 * $inner;
        $rim = $outer + EdgeBand::widthMm($this->edgeRadiusMm);

        return [
            Plate::ring('rim', $rim, $outer, $rim),
            Plate::ring('shoulder', $rim, $inner, $outer),
            Plate::ring('crown', $rim, 0.0, $inner),
        ];
    }

    public function developedMm(): array
    {
        $arc = 2.0 * $this->sphereMm * $this->steepest;

        return ['length' => $arc, 'width' => $arc];
    }
}
