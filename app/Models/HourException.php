<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One day on which the hours are others than the week says. Withdrawn, never deleted.
 *
 * @property int       $id
 * @property int       $shop_id
 * @property int|null  $user_id null for everybody
 * @property string    $day     local date
 * @property mixed     $spans   pairs of minutes of the day, as DaySpans reads them; empty where nobody is there
 * @property string    $because
 * @property User|null $user
 */
final class HourException extends Model
{
    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['spans' => Rows::class, 'withdrawn_at' => Moment::class];
    }

    /** @param Builder<HourException> $query */
    #[Scope]
    protected function standing(Builder $query): void
    {
        $query->whereNull('withdrawn_at')->orderBy('id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
