<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\PartSlot;
use App\Models\Resin;
use App\Models\Shop;
use App\Models\StoredItem;
use App\Shelf\Kind\Aids;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use OakGloss\Clear\ClearKind;
use OakGloss\Method\Slot;

/** What a shop's shelf has for each slot of a method. */
final class Slots
{
    /**
     * As they stand now, and the older sheet that a part already names.
     *
     * @return array<string, array<int, string>> names by number, by slot
     */
    public function shelf(Shop $shop, ?Part $part = null): array
    {
        $shelf = [];
        foreach (Slot::cases() as $slot) {
            $used = $part?->inSlot($slot)?->sheetId();
            $shelf[$slot->value] = $this->rows($slot, $shop)
                ->where(fn (Builder $q) => $q->whereNull('superseded_by_id')->orWhere('id', $used))
                ->pluck('name', 'id')->all();
        }

        return $shelf;
    }

    /** What lies in a slot of the part made last that has it. */
    public function usual(Shop $shop, Slot $slot): ?int
    {
        return PartSlot::query()->where('slot', $slot->value)->whereIn('part_id', $shop->parts()->select('id'))
            ->latest('part_id')->first()?->sheetId();
    }

    /** A shop goes on with the gloss clear that it used last. */
    public function usualClear(Shop $shop, ?Part $like): ?int
    {
        return $like?->clear?->sheen === 'gloss'
            ? $like->clear_id
            : Clear::query()->where('shop_id', $shop->id)->current()->whereNot('kind', ClearKind::Filler->value)
                ->where('sheen', 'gloss')->orderBy('name')->value('id');
    }

    /** @return Builder<covariant Model> */
    private function rows(Slot $slot, Shop $shop): Builder
    {
        $aid = $slot->aid();
        if ($aid !== null) {
            return StoredItem::query()->where('shop_id', $shop->id)->where('kind', Aids::NAME)
                ->where('data->what', $aid->value)->orderBy('name');
        }

        return (match ($slot) {
            Slot::Base, Slot::Skin => Resin::query()->orderBy('name'),
            Slot::Cloth, Slot::InnerCloth => Cloth::query()->orderBy('areal_g_m2'),
            Slot::Clear => Clear::query()->whereNot('kind', ClearKind::Filler->value)->orderBy('name'),
            default => Clear::query()->where('kind', ClearKind::Filler->value)->orderBy('name'),
        })->where('shop_id', $shop->id);
    }
}
