<?php

declare(strict_types=1);

namespace OakGloss\Stock;

use OakGloss\Quantity\Bounds;

/** What is left of something that came in one delivery: a jar, a roll, a box. In the unit of its kind. */
final readonly class Lot
{
    /**
     * @param float|null $useByMin minute of its last good moment; null where it keeps
     * @param float|null $widthMm  of a roll or an offcut of cloth; null of all else
     *
     * @throws \OakGloss\Quantity\OutOfRange If less than nothing is left.
     */
    public function __construct(public int $id, public float $left, public ?float $useByMin = null, public ?float $widthMm = null)
    {
        Bounds::within($left, 0.0, 1e9, 'left of the lot', '');
    }

    public function isGoodAt(float $min): bool
    {
        return $this->useByMin === null || $this->useByMin >= $min;
    }

    /** Whether a piece of cloth of a width comes off it; all else does. */
    public function isWide(?float $widthMm): bool
    {
        return $widthMm === null || $this->widthMm === null || $this->widthMm >= $widthMm - 1e-6;
    }

    public function less(float $quantity): self
    {
        return new self($this->id, max(0.0, round($this->left - $quantity, 6)), $this->useByMin, $this->widthMm);
    }
}
