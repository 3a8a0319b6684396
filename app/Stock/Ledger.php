<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Lot;
use App\Models\PartFact;
use App\Models\StockMove;
use App\Models\User;
use App\Models\Why;
use App\Shelf\Lineage;
use App\Shelf\ShelfKinds;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OakGloss\Stock\Draw;
use OakGloss\Stock\Lot as CoreLot;
use OakGloss\Stock\Need;

/** Everything that comes onto the shelf or goes from it is written here, and nowhere else. Under the lock of the act. */
final class Ledger
{
    /** Amounts are kept to six digits: after thousands of moves they may differ by so much. */
    private const SAME_WITHIN = 0.001;

    public function __construct(private readonly Lineage $lineage)
    {
    }

    /** @param array<string, mixed> $what columns of the lot besides what is left */
    public function receive(array $what, ?User $by, Why $why = Why::Received): Lot
    {
        $lot = Lot::query()->create($what + ['left' => 0.0, 'user_id' => $by?->id]);
        $this->move($lot, $lot->quantity, $why, $lot->received_at, $by);

        return $lot;
    }

    /**
     * Takes from the lots what a fact took, the first to expire first; what no lot has is written down too.
     *
     * @param list<Used> $used
     */
    public function take(PartFact $fact, int $shopId, array $used): void
    {
        foreach ($used as $one) {
            $lots = $this->lots($shopId, $one->jar);
            $draw = Draw::of(array_map(self::core(...), array_values($lots->all())), new Need(
                ShopTime::minutes($fact->happened_at),
                $one->quantity,
                '',
                $one->widthMm,
            ));
            foreach ($draw->taken as $id => $quantity) {
                $lot = $lots->find($id) ?? throw new \LogicException('a lot was drawn that was not read');
                $seen = $this->isCountedSince($lot, $fact->happened_at);
                $this->move($lot, -$quantity, Why::Used, $fact->happened_at, null, $fact);
                ! $seen ?: $this->move($lot, $quantity, Why::Counted, $fact->happened_at, null, $fact);
            }
            if ($draw->missing > 0.0) {
                $this->write($one->jar, $shopId, -$draw->missing, Why::Used, $fact->happened_at, null, $fact);
            }
        }
    }

    /** A fact was struck out: what it took lies where it was. */
    public function giveBack(PartFact $struck, ?User $by, CarbonImmutable $at): void
    {
        foreach (StockMove::query()->with('lot')->where('fact_id', $struck->id)->where('why', Why::Used->value)->get() as $move) {
            if ($move->lot !== null) {
                $seen = $this->isCountedSince($move->lot, $move->happened_at);
                $this->move($move->lot, -$move->quantity, Why::GivenBack, $at, $by, $struck);
                ! $seen ?: $this->move($move->lot, $move->quantity, Why::Counted, $at, $by, $struck);
            } else {
                $jar = new Jar($move->kind, $move->item_id, $move->jar);
                $this->write($jar, $move->shop_id, -$move->quantity, Why::GivenBack, $at, $by, $struck);
            }
        }
    }

    /** Counted: the difference to what was reckoned is a move of its own. */
    public function count(Lot $lot, float $counted, CarbonImmutable $at, User $by, string $note = ''): void
    {
        $this->move($lot, round($counted - $lot->left, 6), Why::Counted, $at, $by, null, $note);
    }

    /** Thrown away, or taken without a part. */
    public function remove(Lot $lot, float $quantity, Why $why, CarbonImmutable $at, User $by, string $note = ''): void
    {
        $this->move($lot, -min($quantity, $lot->left), $why, $at, $by, null, $note);
    }

    /** A piece of a roll becomes a lot of its own, with its share of the price. */
    public function cutOff(Lot $roll, float $metres, float $widthMm, string $direction, CarbonImmutable $at, User $by): Lot
    {
        $this->move($roll, -$metres, Why::Cut, $at, $by);
        // The strip beside it is lost with it: the offcut carries what its length of the roll cost.
        $share = $metres / $roll->quantity;

        return $this->receive([
            'shop_id' => $roll->shop_id, 'kind' => $roll->kind, 'item_id' => $roll->item_id, 'jar' => $roll->jar,
            'mark' => $roll->mark, 'quantity' => $metres, 'supplier' => $roll->supplier, 'received_at' => $at, 'use_by' => $roll->use_by,
            'storage_c' => $roll->storage_c, 'width_mm' => $widthMm, 'direction' => $direction, 'cut_from_id' => $roll->id,
            'price_minor' => $roll->price_minor === null ? null : (int) round($roll->price_minor * $share),
        ], $by, Why::Cut);
    }

    /** @return Collection<int, Lot> with something left */
    public function lots(int $shopId, Jar $jar): Collection
    {
        return Lot::query()->where('shop_id', $shopId)->where('kind', $jar->kind)->where('jar', $jar->jar)->where('left', '>', 0)
            ->orderBy('id')->get()->filter(fn (Lot $l): bool => $this->lineage->newest($l->kind, $l->item_id) === $jar->itemId)->values();
    }

    public static function core(Lot $lot): CoreLot
    {
        return new CoreLot(
            $lot->id,
            $lot->left,
            $lot->use_by === null ? null : ShopTime::minutes($lot->use_by->endOfDay()),
            $lot->width_mm,
        );
    }

    /** Who counted later has seen what was taken before: it is told of the part, and the count stands. */
    private function isCountedSince(Lot $lot, CarbonImmutable $at): bool
    {
        return $lot->moves()->where('why', Why::Counted->value)->whereNull('fact_id')->where('happened_at', '>=', $at)->exists();
    }

    private function move(
        Lot $lot,
        float $quantity,
        Why $why,
        CarbonImmutable $at,
        ?User $by,
        ?PartFact $fact = null,
        string $note = '',
    ): void {
        if (abs($quantity) < 1e-9 && $why !== Why::Counted) {
            return;
        }
        $jar = new Jar($lot->kind, $this->lineage->newest($lot->kind, $lot->item_id), $lot->jar);
        $this->write($jar, $lot->shop_id, $quantity, $why, $at, $by, $fact, $lot, $note);
        // Added to what stands in the row, not to what somebody read of it.
        Lot::query()->whereKey($lot->id)->update(
            ['left' => DB::raw('round("left" + ('.self::number($quantity).'), 6)')]
            + ($lot->opened_at === null && $why === Why::Used ? ['opened_at' => $at] : []),
        );
        $lot->refresh();
        $this->mirror($jar, $lot->shop_id);
    }

    private static function number(float $quantity): string
    {
        return sprintf('%.9F', $quantity);
    }

    /**
     * Lots of which another amount is left than their moves come to; there should be none.
     *
     * @return list<array{lot: int, shop: int, left: float, moves: float}>
     */
    public function differing(): array
    {
        return array_values(DB::table('lots')->leftJoin('stock_moves', 'stock_moves.lot_id', '=', 'lots.id')->groupBy('lots.id')
            ->selectRaw('lots.id as lot, lots.shop_id as shop, lots."left" as is_left, coalesce(sum(stock_moves.quantity), 0) as moves')
            ->havingRaw('abs(is_left - moves) > '.self::number(self::SAME_WITHIN))->orderBy('lots.id')->get()
            ->map(fn (\stdClass $r): array => [
                'lot' => (int) $r->lot, 'shop' => (int) $r->shop, 'left' => (float) $r->is_left, 'moves' => (float) $r->moves,
            ])->all());
    }

    /** A kind whose sheet says how many there are says what its deliveries come to. */
    private function mirror(Jar $jar, int $shopId): void
    {
        $kind = ShelfKinds::named($jar->kind);
        $field = $kind === null ? null : $kind::COUNTED_IN;
        if ($kind !== null && $field !== null && $this->isKept($jar, $shopId)) {
            $item = $kind->find($jar->itemId);
            $left = $this->lots($shopId, $jar)->map(fn (Lot $l): float => $l->left)->all();
            $item->setAttribute($field, (int) round(array_sum($left)));
            $item->save();
        }
    }

    /** After sheets were renewed: what deliveries count stands over what was typed with them. */
    public function mirrorAll(int $shopId): void
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            foreach ($kind::COUNTED_IN === null ? [] : $kind->ofShop($shopId) as $item) {
                $this->mirror(new Jar($name, $item->id), $shopId);
            }
        }
    }

    /** Whether a delivery of it was ever typed in. */
    public function isKept(Jar $jar, int $shopId): bool
    {
        return Lot::query()->where('shop_id', $shopId)->where('kind', $jar->kind)->where('jar', $jar->jar)
            ->whereIn('item_id', $this->lineage->all($jar->kind, $jar->itemId))->exists();
    }

    private function write(
        Jar $jar,
        int $shopId,
        float $quantity,
        Why $why,
        CarbonImmutable $at,
        ?User $by,
        ?PartFact $fact = null,
        ?Lot $lot = null,
        string $note = '',
    ): void {
        StockMove::query()->create([
            'shop_id' => $shopId, 'lot_id' => $lot?->id, 'kind' => $jar->kind, 'item_id' => $jar->itemId, 'jar' => $jar->jar, 'why' => $why,
            'quantity' => $quantity, 'part_id' => $fact?->part_id, 'fact_id' => $fact?->id, 'user_id' => $by->id ?? $fact?->user_id,
            'note' => $note, 'happened_at' => $at,
        ]);
    }
}
