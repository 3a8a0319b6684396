<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A fresh filter went into a mask. Append-only.
 *
 * @property int             $id
 * @property int             $shop_id
 * @property int             $user_id
 * @property FilterKind      $kind
 * @property CarbonImmutable $changed_at
 */
final class FilterChange extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['kind' => FilterKind::class, 'changed_at' => Moment::class.':always'];
    }
}
