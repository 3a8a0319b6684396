<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/**
 * A piece of a zone on the part laid flat, mm from the drawing's top left: a rectangle, or a ring around its middle. A zone
 * of several pieces is measured along them one after the other.
 */
final readonly class Plate
{
    /**
     * @param float      $fromMm  along the zone at which the piece begins
     * @param float|null $innerMm radius inside which a ring is open, 0 for a disc; null for a rectangle
     */
    public function __construct(
        public string $zone,
        public float $xMm,
        public float $yMm,
        public float $widthMm,
        public float $heightMm,
        public float $fromMm = 0.0,
        public ?float $innerMm = null,
    ) {
    }

    /** The same moved on the drawing. */
    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->zone, $this->xMm + $xMm, $this->yMm + $yMm, $this->widthMm, $this->heightMm, $this->fromMm, $this->innerMm);
    }

    /** Whether a place of the zone lies on this piece of it. */
    public function holds(float $alongMm): bool
    {
        return $this->innerMm !== null || ($alongMm >= $this->fromMm && $alongMm <= $this->fromMm + $this->widthMm);
    }

    /** A disc or ring of a radius around the middle of one of a greater. */
    public static function ring(string $zone, float $aroundMm, float $innerMm, float $outerMm): self
    {
        return new self($zone, $aroundMm - $outerMm, $aroundMm - $outerMm, 2.0 * $outerMm, 2.0 * $outerMm, 0.0, $innerMm);
    }
}
