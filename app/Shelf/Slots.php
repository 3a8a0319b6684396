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
use OakGloss\Choosing\Tool;
use OakGloss\Material\ClearKind;
use OakGloss\Method\Method;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;

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

    /**
     * What a slot begins with: what the part made last by the same method has there, or by any method where it suits; else
     * the first on the shelf that does.
     */
    public function usual(Shop $shop, Slot $slot, Method $method): ?int
    {
        $suits = $this->suits($shop, $slot, $method);
        $last = fn (Builder $parts): ?int => PartSlot::query()->where('slot', $slot->value)->whereIn('part_id', $parts)
            ->latest('part_id')->first()?->sheetId();
        $same = $last($shop->parts()->getQuery()->where('method', $method::code())->select('id'));
        $any = $last($shop->parts()->getQuery()->select('id'));

        return $same ?? (in_array($any, $suits, true) ? $any : ($suits[0] ?? null));
    }

    /** @return list<int> sheets as they stand now that are made for a slot of a method, the likeliest first */
    public function suits(Shop $shop, Slot $slot, Method $method): array
    {
        $sheets = $this->suiting($slot, $shop, $method)->whereNull('superseded_by_id')->pluck('made_up', 'id')->all();

        // What somebody typed or confirmed goes before an example that ships with the app.
        asort($sheets);

        return array_map(intval(...), array_keys($sheets));
    }

    /** @return Builder<covariant Model> what is made for a slot of a method, the likeliest first */
    private function suiting(Slot $slot, Shop $shop, Method $method): Builder
    {
        return match (true) {
            $slot === Slot::MouldCloth => Cloth::query()->where('shop_id', $shop->id)->orderByDesc('areal_g_m2'),
            $slot->shelf() !== Shelf::Resin => $this->rows($slot, $shop),
            // What stands by itself has to bear its life by its resin alone.
            $slot === Slot::Skin && $method->startsFrom() === Start::Form => Resin::query()->where('shop_id', $shop->id)
                ->whereIn('use', ['skin', 'infusion'])->where('chemistry', 'epoxy')->orderByDesc('ultimate_tg_c'),
            $slot === Slot::Base => $this->rows($slot, $shop)->where('use', 'skin')->where('pigment_fraction', '>', 0),
            $slot === Slot::Skin => $this->rows($slot, $shop)->where('use', 'skin')->where('chemistry', $method->usual()->skin->value),
            default => $this->rows($slot, $shop)->where('use', $slot->value),
        };
    }

    /** The gloss clear that the last part of the same method had; else one in two parts where the shelf has it. */
    public function usualClear(Shop $shop, Method $method): ?int
    {
        $like = $shop->parts()->where('method', $method::code())->latest('id')->first();

        // Isocyanate is not begun with where nobody may spray it.
        $mayAll = array_filter(Tool::forIsocyanate(), fn (Tool $t): bool => ! in_array($t, $shop->has(), true)) === [];

        return $like?->clear?->sheen === 'gloss' && ($mayAll || ! $like->clear->isocyanate)
            ? $like->clear_id
            : Clear::query()->where('shop_id', $shop->id)->current()->whereNot('kind', ClearKind::Filler->value)
                ->where('sheen', 'gloss')->orderBy('made_up')
                ->orderByRaw($mayAll ? "kind = 'two_part' desc" : 'isocyanate')->orderBy('name')->value('id');
    }

    /** @return Builder<covariant Model> */
    private function rows(Slot $slot, Shop $shop): Builder
    {
        $aid = $slot->aid();
        if ($aid !== null) {
            return StoredItem::query()->where('shop_id', $shop->id)->where('kind', Aids::NAME)
                ->where('data->what', $aid->value)->orderBy('name');
        }

        return (match (true) {
            $slot->shelf() === Shelf::Resin => Resin::query()->orderBy('name'),
            $slot->shelf() === Shelf::Cloth => Cloth::query()->orderBy('areal_g_m2'),
            $slot === Slot::Clear => Clear::query()->whereNot('kind', ClearKind::Filler->value)->orderBy('name'),
            default => Clear::query()->where('kind', ClearKind::Filler->value)->orderBy('name'),
        })->where('shop_id', $shop->id);
    }
}
