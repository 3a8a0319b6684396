<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/** A flatting by its cut: first grit down to flush, then what the later grits take and the scratch that is left, µm. */
final readonly class Flatting
{
    /** @throws \OakGloss\Quantity\OutOfRange If outside 0 to 2 000 µm. */
    public function __construct(public float $laterCutsUm, public float $leftScratchUm)
    {
        Bounds::within($laterCutsUm, 0.0, 2000.0, 'cut of the later grits', 'µm');
        Bounds::within($leftScratchUm, 0.0, 2000.0, 'scratch left', 'µm');
    }

    /** So much deeper: what an older scratch in a face that is flat already asks for. */
    public function overScratch(float $um): self
    {
        return new self($this->laterCutsUm + $um, $this->leftScratchUm);
    }

    /** All that goes below flush: later cuts and the last scratch. */
    public function allowanceUm(): float
    {
        return $this->laterCutsUm + $this->leftScratchUm;
    }
}
