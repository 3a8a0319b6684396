<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Shop;
use App\Planning\Planner;
use App\Shelf\Lineage;

/** The stock of a shop, for who has only the shop. */
final readonly class Stocks
{
    public function __construct(private Planner $planner, private TakenFrom $takenFrom, private Lineage $lineage)
    {
    }

    public function of(Shop $shop): ShopStock
    {
        return ShopStock::of($shop, $this->planner, $this->takenFrom, $this->lineage);
    }
}
