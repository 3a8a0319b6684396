<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Shelf\ShelfKinds;
use App\Stock\Ledger;
use App\Stock\TakenFrom;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** Deliveries of the made-up workshop, and what its parts took of them. */
final readonly class DemoStock
{
    public function __construct(
        private Ledger $ledger,
        private TakenFrom $takenFrom,
        private Planner $planner,
        private Shop $shop,
        private User $user,
    ) {
    }

    /** @param array<array-key, mixed> $lots */
    public function deliver(array $lots, CarbonImmutable $now): void
    {
        $kinds = ShelfKinds::all();
        foreach ($lots as $lot) {
            $item = $kinds[$lot['kind']]->of($this->shop)->firstWhere('name', $lot['item'])
                ?? throw new \LogicException("no {$lot['item']} on the shelf");
            $day = fn (?int $days): ?string => $days === null ? null : $now->addDays($days)->toDateString();
            $this->ledger->receive(array_diff_key($lot, array_flip(['item', 'received_days_ago', 'use_in_days'])) + [
                'shop_id' => $this->shop->id, 'item_id' => $item->id, 'received_at' => $now->subDays(
                    (int) $lot['received_days_ago'],
                )->utc(),
                'use_by' => $day($lot['use_in_days'] ?? null),
            ], $this->user);
        }
    }

    /** What the facts of a part took, on the plan that it had when it was begun. */
    public function taken(Part $part, ShopFloor $floor): void
    {
        $begun = Part::query()->with(Part::PLAN_NEEDS)->findOrFail($part->id);
        $facts = $begun->facts;
        $begun->setRelation('facts', new Collection());
        $before = $this->planner->planOn($begun, $floor);
        foreach ($facts as $fact) {
            $this->ledger->take($fact, $this->shop->id, $this->takenFrom->byFact($before, $fact));
        }
    }
}
