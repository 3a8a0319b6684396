<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A private address of the calendar. Only its hash is kept, so that a copy of the data opens no calendar.
 *
 * @property int                  $id
 * @property int                  $shop_id
 * @property int                  $user_id
 * @property CarbonImmutable      $made_at
 * @property CarbonImmutable|null $last_read_at
 * @property CarbonImmutable|null $revoked_at
 * @property Shop                 $shop
 */
final class Feed extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['made_at' => Moment::class.':always', 'last_read_at' => Moment::class, 'revoked_at' => Moment::class];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
