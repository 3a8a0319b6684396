<?php

declare(strict_types=1);

namespace OakGloss\Cloth;

/** A place of a sheet that no part may have: void, hair, wrinkle. From the corner where its length and width begin, mm. */
final readonly class Flaw
{
    /** @param float $radiusMm of a circle around all of it */
    public function __construct(public float $alongMm, public float $acrossMm, public float $radiusMm)
    {
    }

    public function leftMm(): float
    {
        return $this->alongMm - $this->radiusMm;
    }

    public function rightMm(): float
    {
        return $this->alongMm + $this->radiusMm;
    }

    public function topMm(): float
    {
        return $this->acrossMm - $this->radiusMm;
    }

    public function bottomMm(): float
    {
        return $this->acrossMm + $this->radiusMm;
    }
}
