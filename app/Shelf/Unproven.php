<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Part;
use App\Models\PartSlot;
use App\Models\ShelfItem;
use App\Models\StoredItem;
use OakGloss\Method\Slot;
use OakGloss\Method\Top;

/** What a part rests on that nobody read off a label: made-up sheets, figures assumed by their kind, the hours and air of a new shop. */
final readonly class Unproven
{
    /**
     * @param list<ShelfItem> $madeUp
     * @param list<ShelfItem> $assumed sheets of which some figures are
     * @param list<string>    $shop    of Shop::ASSUMED
     */
    private function __construct(public array $madeUp, public array $assumed, public array $shop)
    {
    }

    /** @param Slot|null $only what is given there alone */
    public static function of(Part $part, ?Slot $only = null): self
    {
        // A clear that stands in the brief of a part which is polished as it is goes on no part.
        $isPolished = $part->getAttribute('top') === Top::PolishResin;
        $isUsed = fn (PartSlot $slot): bool => $only === null ? $slot->slot !== Slot::Clear || ! $isPolished : $slot->slot === $only;
        $sheet = fn (PartSlot $slot): ?ShelfItem => $slot->resin ?? $slot->clear ?? $slot->cloth ?? $slot->item;
        $items = $part->slots->filter($isUsed)->map($sheet)->filter()
            ->unique(fn (ShelfItem $item): string => self::kindOf($item)."-{$item->id}");
        $isAssumed = fn (ShelfItem $item): bool => ! $item->made_up && $item->assumed() !== [];

        return new self(
            array_values($items->filter(fn (ShelfItem $item): bool => (bool) $item->made_up)->all()),
            array_values($items->filter($isAssumed)->all()),
            $only === null ? $part->shop->assumed : [],
        );
    }

    /** As its kind is named in addresses. */
    public static function kindOf(ShelfItem $item): string
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            if ($kind::MODEL === $item::class && ($kind::MODEL !== StoredItem::class || $item->getAttribute('kind') === $name)) {
                return $name;
            }
        }

        throw new \LogicException('what lies on the shelf is of a kind');
    }
}
