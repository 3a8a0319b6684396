<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Part;
use App\Models\PartSlot;
use App\Models\ShelfItem;

/** A sheet takes the place of another: parts already begun keep the old one, those that nothing was done to follow. */
final class Renewal
{
    public static function of(ShelfKind $kind, ShelfItem $old, ShelfItem $new): void
    {
        $new->save();
        $old->update(['superseded_by_id' => $new->id]);
        if ($kind::SLOT_COLUMN !== null) {
            PartSlot::query()->where($kind::SLOT_COLUMN, $old->id)->whereIn('part_id', Part::query()->unbegun()->select('id'))
                ->update([$kind::SLOT_COLUMN => $new->id]);
        }
    }

    /**
     * What was read of a file: what is on the shelf as it stands is left alone.
     *
     * @param list<array{kind: ShelfKind, item: ShelfItem}> $items
     *
     * @return array{added: int, changed: int, same: int}
     */
    public static function take(array $items, int $shopId): array
    {
        $did = ['added' => 0, 'changed' => 0, 'same' => 0];
        $there = [];
        foreach ($items as ['kind' => $kind, 'item' => $item]) {
            $there[$kind::NAME] ??= $kind->ofShop($shopId)->keyBy('name');
            $old = $there[$kind::NAME]->get($item->name);
            if ($old === null) {
                $item->save();
                $did['added']++;
            } elseif (self::says($kind, $old) === self::says($kind, $item)) {
                $did['same']++;
            } else {
                self::of($kind, $old, $item);
                $did['changed']++;
            }
        }

        return $did;
    }

    /** What a sheet says, whole numbers as what they are. */
    private static function says(ShelfKind $kind, ShelfItem $item): string
    {
        $row = $kind->row($item);
        array_walk_recursive($row, fn (mixed &$v): mixed => $v = is_numeric($v) ? (float) $v : $v);

        return (string) json_encode($row);
    }
}
