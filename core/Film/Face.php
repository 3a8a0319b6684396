<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/** A place of the part as a wet film sees it: how steep, how far to drain, how sharp, and what it is fed by. */
final readonly class Face
{
    /** Radius at which an edge keeps half of a coat, mm (ours, to be calibrated by measured slugs). */
    public const EDGE_PULL_MM = 0.7;

    /**
     * @param float      $slopeDeg     0 level to 90 upright
     * @param float      $lengthM      down the slope, 0.001 to 20 m
     * @param float|null $edgeRadiusMm null away from an edge; 0 to 1 000 mm
     * @param string     $name         by which a coat over some faces alone knows it
     * @param list<self> $above        faces that drain into it, from the top down
     * @param list<self> $below        faces that it drains into, the nearest first; they matter where the part is turned
     * @param float|null $easedUm      that a flatting takes of it by hand, 0 to 200 µm; null for what is cut to a plane
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $slopeDeg,
        public float $lengthM,
        public ?float $edgeRadiusMm = null,
        public string $name = '',
        public array $above = [],
        public array $below = [],
        public ?float $easedUm = null,
    ) {
        Bounds::within($slopeDeg, 0.0, 90.0, 'slope', '°');
        Bounds::within($lengthM, 0.001, 20.0, 'length down the slope', 'm');
        Bounds::within($easedUm ?? 0.0, 0.0, 200.0, 'eased by hand', 'µm');
        Bounds::within($edgeRadiusMm ?? 0.0, 0.0, 1000.0, 'edge radius', 'mm');
    }

    /** Share of a film that surface tension leaves on the edge: r/(r + 0.7). */
    public function edgeShare(): float
    {
        return $this->edgeRadiusMm === null ? 1.0 : $this->edgeRadiusMm / ($this->edgeRadiusMm + self::EDGE_PULL_MM);
    }
}
