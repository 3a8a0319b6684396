<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something came onto the shelf or went from it. Append-only.
 *
 * @property int             $id
 * @property int             $shop_id
 * @property int|null        $lot_id      null of what was taken and no lot had
 * @property string          $kind
 * @property int             $item_id     sheet that it was taken by
 * @property string          $jar
 * @property Why             $why
 * @property float           $quantity    below 0 of what went
 * @property int|null        $part_id
 * @property int|null        $fact_id
 * @property string          $note
 * @property CarbonImmutable $happened_at
 * @property Lot|null        $lot
 * @property User|null       $user
 */
final class StockMove extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected $attributes = ['jar' => '', 'note' => ''];

    protected function casts(): array
    {
        return ['happened_at' => Moment::class.':always', 'quantity' => 'float', 'item_id' => 'integer', 'why' => Why::class];
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
