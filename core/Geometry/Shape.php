<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** A simple body that a part is near enough to. */
interface Shape
{
    /**
     * The surface to be clad, by place.
     *
     * @return non-empty-list<Zone>
     */
    public function zones(): array;

    /**
     * The zones laid flat, as they hang together; what is missing is drawn by its area beside it.
     *
     * @return list<Plate>
     */
    public function plates(): array;

    /**
     * Length and width of the surface laid flat, mm, as one piece of cloth must cover it.
     *
     * @return array{length: float, width: float}
     */
    public function developedMm(): array;
}
