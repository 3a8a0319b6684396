<?php

declare(strict_types=1);

namespace App\Stock;

use App\Database\Present;
use App\Models\Part;
use App\Models\StoredItem;
use App\Shelf\Kind\Aids;
use App\Shelf\Kind\Compounds;
use App\Shelf\Kind\Rolls;
use OakGloss\Material\Supply;
use OakGloss\Method\Slot;
use OakGloss\Plan\SupplyUse;

/** From which sheet of the shelf a supply comes: the part's own where its brief names one, else the first that is such. */
final class SupplyShelf
{
    /** A compound of the shelf by what it cuts, the likeliest first. */
    private const CUTS = ['cut' => ['coarse', 'medium'], 'finish_cut' => ['fine', 'medium'], 'jewelled' => ['fine']];

    public function __construct(private readonly Present $present)
    {
    }

    /** @return array{string, int, float}|null kind, sheet, and what of it one unit of the supply is; null where the shelf has none */
    public function find(Part $part, Supply $supply): ?array
    {
        $own = $supply->aid() === null ? null : $part->inSlot(Slot::from($supply->value))?->sheetId();

        return $own !== null ? [Aids::NAME, $own, 1.0] : $this->present->read(
            "supplies-{$part->shop_id}",
            fn (): array => $this->all($part->shop_id),
        )[$supply->value] ?? null;
    }

    /** @return array<string, array{string, int, float}> by supply */
    private function all(int $shopId): array
    {
        $rows = StoredItem::query()->where('shop_id', $shopId)->current()->whereIn('kind', [Aids::NAME, Rolls::NAME, Compounds::NAME])
            ->orderBy('name')->get()->groupBy('kind');
        $all = [];
        foreach (Supply::cases() as $supply) {
            $is = fn (string $kind, string $field, string $value): ?StoredItem => $rows->get($kind)
                ?->first(fn (StoredItem $i): bool => $i->getAttribute($field) === $value);
            if ($supply->isCompound()) {
                foreach (self::CUTS[$supply->value] ?? [] as $cut) {
                    $item = $is(Compounds::NAME, 'cut', $cut);
                    $share = (float) $item?->getAttribute('grams_m2') / SupplyUse::gM2($supply);
                    $all += $item === null ? [] : [$supply->value => [Compounds::NAME, $item->id, $share]];
                }
            } elseif ($supply->aid() !== null) {
                $item = $is(Aids::NAME, 'what', $supply->value);
                $all += $item === null ? [] : [$supply->value => [Aids::NAME, $item->id, 1.0]];
            } else {
                $item = $is(Rolls::NAME, 'what', $supply->value);
                // A square metre off a roll is so long as it is narrow.
                $share = $supply->unit() === 'm²' ? 1000.0 / max(2.0, (float) $item?->getAttribute('width_mm')) : 1.0;
                $all += $item === null ? [] : [$supply->value => [Rolls::NAME, $item->id, $share]];
            }
        }

        return $all;
    }
}
