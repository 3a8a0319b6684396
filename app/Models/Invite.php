<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A one-time link with which a person sets a password. Only its hash is kept.
 *
 * @property int                  $id
 * @property int                  $user_id
 * @property CarbonImmutable      $made_at
 * @property CarbonImmutable      $expires_at
 * @property CarbonImmutable|null $used_at
 * @property User                 $user
 */
final class Invite extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['made_at' => Moment::class.':always', 'expires_at' => Moment::class.':always', 'used_at' => Moment::class];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
