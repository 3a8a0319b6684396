<?php

declare(strict_types=1);

namespace OakGloss\Cost;

use Brick\Math\BigRational;
use OakGloss\Quantity\Bounds;

/** So much of something that is bought in packs, in any one unit. */
final readonly class Material
{
    /** @throws \OakGloss\Quantity\OutOfRange If a quantity is negative, or the pack holds nothing. */
    public function __construct(public float $quantity, public float $packQuantity, public int $packPriceMinor)
    {
        Bounds::within($quantity, 0.0, 1e9, 'quantity', '');
        Bounds::within($packQuantity, 1e-6, 1e9, 'quantity of a pack', '');
        Bounds::within($packPriceMinor, 0.0, 1e12, 'price of a pack', 'minor units');
    }

    public function minor(): int
    {
        return Decimal::minor(
            BigRational::of(Decimal::of($this->quantity))->multipliedBy($this->packPriceMinor)->dividedBy(Decimal::of($this->packQuantity)),
        );
    }
}
