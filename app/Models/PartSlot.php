<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;

/**
 * What a part is given from the shelf for one slot of its method.
 *
 * @property int             $id
 * @property int             $part_id
 * @property Slot            $slot
 * @property int             $ply      of a cloth, from 1; 1 for everything else
 * @property int|null        $resin_id
 * @property int|null        $cloth_id
 * @property int|null        $clear_id
 * @property int|null        $item_id
 * @property Resin|null      $resin
 * @property Cloth|null      $cloth
 * @property Clear|null      $clear
 * @property StoredItem|null $item
 */
final class PartSlot extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected $with = ['resin', 'cloth', 'clear', 'item'];

    protected function casts(): array
    {
        return ['slot' => Slot::class];
    }

    /** Which of the columns names the sheet of a slot. */
    public static function columnOf(Slot $slot): string
    {
        return match ($slot->shelf()) {
            Shelf::Resin => 'resin_id',
            Shelf::Cloth => 'cloth_id',
            Shelf::Clear => 'clear_id',
            Shelf::Aid => 'item_id',
        };
    }

    public function sheetId(): int
    {
        return (int) $this->getAttribute(self::columnOf($this->slot));
    }

    /** @return BelongsTo<Resin, $this> */
    public function resin(): BelongsTo
    {
        return $this->belongsTo(Resin::class);
    }

    /** @return BelongsTo<Cloth, $this> */
    public function cloth(): BelongsTo
    {
        return $this->belongsTo(Cloth::class);
    }

    /** @return BelongsTo<Clear, $this> */
    public function clear(): BelongsTo
    {
        return $this->belongsTo(Clear::class);
    }

    /** @return BelongsTo<StoredItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(StoredItem::class);
    }
}
