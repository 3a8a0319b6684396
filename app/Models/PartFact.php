<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that was recorded. Append-only: a mistake is struck out by another fact.
 *
 * @property int                             $id
 * @property int                             $part_id
 * @property int                             $user_id
 * @property string                          $kind
 * @property string                          $step
 * @property CarbonImmutable                 $happened_at
 * @property CarbonImmutable                 $recorded_at
 * @property float|null                      $air_c
 * @property array<string, string|int|float> $data
 * @property string                          $token
 * @property User                            $user
 */
final class PartFact extends Model
{
    protected $table = 'facts';

    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['happened_at' => 'immutable_datetime', 'recorded_at' => 'immutable_datetime', 'air_c' => 'float', 'data' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
