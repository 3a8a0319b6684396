<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Shelf\Kind\Clears;
use App\Shelf\Kind\Cloths;
use App\Shelf\Kind\Resins;
use App\Shelf\ShelfKinds;
use App\Stock\Jar;
use App\Stock\Stocks;
use App\Time\ShopTime;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Plan\PlannedStep;

/**
 * Nobody begins a coat whose last one has no resin: the first mix of a new part waits until what it will miss can be there,
 * ordered today. It is a decision like any other, and whoever knows better frees it.
 */
final class WaitsForSupplier
{
    /** What a skin can't be ended without. Papers are had at the corner. */
    private const KINDS = [Resins::NAME, Cloths::NAME, Clears::NAME];

    /** Deliveries are there by noon. */
    private const NOON = 12;

    public function __construct(private readonly Stocks $stocks, private readonly Planner $planner, private readonly Recorder $recorder)
    {
    }

    /**
     * @return array{what: string, step: PlannedStep, untilMin: float}|null what it waits for, and until when; null where nothing
     *                                                                      is missing, or it is there before it is begun
     */
    public function hold(Part $part, User $user): ?array
    {
        $planned = $this->planner->plan($part);
        $first = array_values(array_filter($planned->plan->ahead(), fn (PlannedStep $s): bool => $s->batch !== null))[0] ?? null;
        $missing = $this->missing($planned);
        if ($first === null || $missing === []) {
            return null;
        }
        $until = ShopTime::minutes($planned->floor->time->local(max(array_column($missing, 'thereMin')))->setTime(self::NOON, 0));
        if (($planned->schedule->slot($first->step->key)->startMin ?? INF) >= $until) {
            return null;
        }
        $this->recorder->record($part, $user, $planned->floor, $first->step->key, new Decided(notBefore: $until));

        return ['what' => $this->names($planned, $missing), 'step' => $first, 'untilMin' => $until];
    }

    /** What a part that nobody mixed for yet will miss, in words; null where nothing is missing. */
    public function warns(PlannedPart $planned): ?string
    {
        $missing = $planned->plan->lastCoat() === null ? $this->missing($planned) : [];

        return $missing === [] ? null : $this->names($planned, $missing);
    }

    /** @return list<array{jar: Jar, missing: float, atMin: float, thereMin: float}> */
    private function missing(PlannedPart $planned): array
    {
        return array_values(array_filter(
            $this->stocks->of($planned->part->shop)->missingFor($planned->part->letter),
            fn (array $m): bool => in_array($m['jar']->kind, self::KINDS, true),
        ));
    }

    /** @param list<array{jar: Jar, missing: float, atMin: float, thereMin: float}> $missing */
    private function names(PlannedPart $planned, array $missing): string
    {
        return implode(', ', array_unique(array_map(function (array $m): string {
            $item = ShelfKinds::named($m['jar']->kind)?->find($m['jar']->itemId);

            return $item->name ?? $m['jar']->kind;
        }, $missing)));
    }
}
