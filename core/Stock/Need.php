<?php

declare(strict_types=1);

namespace OakGloss\Stock;

use OakGloss\Quantity\Bounds;

/** So much of something, at a moment of the plan. */
final readonly class Need
{
    /**
     * @param float      $atMin   minute at which it is taken from the shelf; a later one needs it later
     * @param string     $for     what it is needed for
     * @param float|null $widthMm of a piece of cloth, which comes off its roll in one
     *
     * @throws \OakGloss\Quantity\OutOfRange If it is less than nothing.
     */
    public function __construct(public float $atMin, public float $quantity, public string $for = '', public ?float $widthMm = null)
    {
        Bounds::within($quantity, 0.0, 1e9, 'quantity', '');
    }
}
