<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\ShopClock;
use App\Models\Shop;

/** The shop as it is now, read once for a request. */
final class ShopFloors
{
    /** @var array<int, ShopFloor> */
    private array $floors = [];

    public function __construct(private readonly ShopClock $clock)
    {
    }

    public function of(Shop $shop): ShopFloor
    {
        return $this->floors[$shop->id] ??= ShopFloor::of($shop, $this->clock->nowMin());
    }

    /** With the air of a time that nothing open lay in, such as that of a finished part. */
    public function since(Shop $shop, ?float $minute): ShopFloor
    {
        return ShopFloor::of($shop, $this->clock->nowMin(), $minute);
    }

    public function forget(): void
    {
        $this->floors = [];
    }
}
