<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Hands that are stuck to a part call for another pair: shown on every bench of the shop until somebody says that they come.
 *
 * @property int                  $id
 * @property int                  $shop_id
 * @property int                  $user_id
 * @property int|null             $part_id
 * @property CarbonImmutable      $called_at
 * @property int|null             $answered_by_id
 * @property CarbonImmutable|null $answered_at
 * @property User                 $user
 * @property Part|null            $part
 */
final class HelpCall extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

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

    /** @param Builder<self> $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('answered_at');
    }

    protected function casts(): array
    {
        return ['called_at' => Moment::class, 'answered_at' => Moment::class];
    }
}
