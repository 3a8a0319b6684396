<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OakGloss\Method\Slot;

/**
 * What a part is given from the shelf for one slot of its method.
 *
 * @property int        $id
 * @property int        $part_id
 * @property Slot       $slot
 * @property int        $ply      of a cloth, from 1; 1 for everything else
 * @property int|null   $resin_id
 * @property int|null   $cloth_id
 * @property int|null   $clear_id
 * @property Resin|null $resin
 * @property Cloth|null $cloth
 * @property Clear|null $clear
 */
final class PartSlot extends Model
{
    /** Which of its columns names the sheet. */
    public const COLUMNS = [
        Slot::Base->value => 'resin_id', Slot::Skin->value => 'resin_id', Slot::Cloth->value => 'cloth_id',
        Slot::InnerCloth->value => 'cloth_id',
        Slot::Clear->value => 'clear_id', Slot::FillerClear->value => 'clear_id',
    ];

    protected $guarded = ['id'];

    public $timestamps = false;

    protected $with = ['resin', 'cloth', 'clear'];

    protected function casts(): array
    {
        return ['slot' => Slot::class];
    }

    public function sheetId(): int
    {
        return (int) $this->getAttribute(self::COLUMNS[$this->slot->value]);
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
}
