<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\OneOf;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Str;

/**
 * @property int                    $id
 * @property int                    $shop_id
 * @property string                 $name
 * @property string                 $initials
 * @property string                 $email
 * @property bool                   $at_bench       counts as a pair of hands
 * @property array<int, mixed>|null $hours          by ISO weekday, as DaySpans reads them; null for the shop's
 * @property Role                   $role
 * @property CarbonImmutable|null   $left_at        a person who left can't sign in; acts stay theirs
 * @property int                    $sign_ins_void  sessions of an earlier count are over
 * @property CarbonImmutable|null   $signed_in_at
 * @property string                 $measures       metric or us: what figures are read in
 * @property string|null            $health_seen_on the shop's day on which an owner saw what is not well
 * @property string                 $figures        how it parts thousands and tenths, a DecimalMark
 * @property Shop                   $shop
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $guarded = ['id'];

    protected $attributes = [
        'at_bench' => true, 'hours' => null, 'role' => 'finisher', 'sign_ins_void' => 0, 'measures' => 'metric', 'figures' => 'unsaid',
    ];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return [
            'role' => OneOf::class.':'.Role::class.',viewer',
            'left_at' => Moment::class,
            'signed_in_at' => Moment::class,
            'sign_ins_void' => 'integer',
            'password' => 'hashed',
            'at_bench' => 'boolean',
            'hours' => Rows::class,
        ];
    }

    /** Ends every session and every stayed sign-in, here and elsewhere. */
    public function voidSignIns(): void
    {
        $this->update(['sign_ins_void' => $this->sign_ins_void + 1, 'remember_token' => Str::random(60)]);
    }

    public function setPassword(#[\SensitiveParameter] string $password): void
    {
        $this->update(['password' => $password]);
        $this->voidSignIns();
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }
}
