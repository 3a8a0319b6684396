<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use OakGloss\Climate\ClimateKind;

/** Boxes, lamps and rooms that parts are put into. */
final class SharedPlaces
{
    public function __construct(private readonly Planner $planner)
    {
    }

    /** Whether one more part fits into one of its kind for a while. */
    public function haveRoom(Shop $shop, ClimateKind $kind, float $from, float $until): bool
    {
        $inside = 0;
        foreach ($this->planner->all($shop) as $other) {
            foreach ($other->plan->log->climateChanges() as $change) {
                $inside += $change->kind === $kind && $change->fromMin < $until && $change->untilMin > $from ? 1 : 0;
            }
        }

        return $inside < ($shop->things[$kind->value] ?? 0);
    }
}
