<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Bytes;
use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photo of a part, as it is kept: a JPEG, upright, scaled down, without a word of where and with what it was taken.
 *
 * @property int                       $id
 * @property int                       $part_id
 * @property int                       $user_id
 * @property int                       $width    pixels
 * @property int                       $height
 * @property array<string, mixed>|null $reading  what the weave-print meter found
 * @property string                    $bytes
 * @property CarbonImmutable           $taken_at when it was kept
 * @property Part                      $part
 */
final class Photo extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'bytes' => Bytes::class, 'reading' => Rows::class, 'taken_at' => Moment::class.':always', 'width' => 'integer',
            'height' => 'integer',
        ];
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
