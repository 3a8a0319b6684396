<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Bytes;
use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The maker's data sheet of something on the shelf, as a file.
 *
 * @property int             $id
 * @property int             $shop_id
 * @property string          $kind    of the shelf
 * @property int             $item_id
 * @property string          $name    as it was called
 * @property string          $type    by its content
 * @property string          $bytes
 * @property CarbonImmutable $kept_at
 */
final class SheetFile extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['bytes' => Bytes::class, 'kept_at' => Moment::class.':always', 'item_id' => 'integer'];
    }
}
