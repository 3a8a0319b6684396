<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What came onto the shelf in one delivery. What is left of it is the sum of its moves.
 *
 * @property int                  $id
 * @property int                  $shop_id
 * @property int|null             $user_id     who took it in
 * @property string               $kind        of the shelf
 * @property int                  $item_id     sheet that it came by
 * @property string               $jar         of the item; empty where it has one
 * @property string               $mark        the maker's lot number, or the shop's own
 * @property float                $quantity    that came, in the unit of the jar
 * @property float                $left
 * @property int|null             $price_minor of all that came, in the shop's minor units
 * @property string               $supplier
 * @property CarbonImmutable      $received_at
 * @property CarbonImmutable|null $use_by      last good day
 * @property CarbonImmutable|null $opened_at   null while it is sealed
 * @property float|null           $storage_c   at most
 * @property float|null           $width_mm    of cloth
 * @property string|null          $direction   of an offcut: which way its weave runs
 * @property int|null             $cut_from_id the roll that an offcut came from
 */
final class Lot extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected $attributes = ['jar' => '', 'supplier' => ''];

    protected function casts(): array
    {
        return ['received_at' => Moment::class.':always', 'opened_at' => Moment::class, 'use_by' => Moment::class]
            + array_fill_keys(['quantity', 'left', 'storage_c', 'width_mm'], 'float')
            + array_fill_keys(['price_minor', 'item_id'], 'integer');
    }

    /** @return HasMany<StockMove, $this> the newest first */
    public function moves(): HasMany
    {
        return $this->hasMany(StockMove::class)->orderByDesc('id');
    }
}
