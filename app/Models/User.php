<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int                    $id
 * @property int                    $shop_id
 * @property string                 $name
 * @property string                 $initials
 * @property string                 $email
 * @property bool                   $at_bench counts as a pair of hands
 * @property array<int, mixed>|null $hours    by ISO weekday, as DaySpans reads them; null for the shop's
 * @property Shop                   $shop
 */
final class User extends Authenticatable
{
    protected $guarded = ['id'];

    protected $attributes = ['at_bench' => true, 'hours' => null];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'at_bench' => 'boolean', 'hours' => 'array'];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
