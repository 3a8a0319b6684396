<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that matters for safety, and who did it. Append-only.
 *
 * @property int                  $id
 * @property int                  $shop_id
 * @property int|null             $user_id
 * @property string               $what        key of lang/en/audit.php
 * @property array<string, mixed> $about
 * @property string|null          $address     of the network that it came from
 * @property CarbonImmutable      $happened_at
 * @property User|null            $user
 */
final class AuditEntry extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['about' => Rows::class, 'happened_at' => Moment::class.':always'];
    }

    public function words(): string
    {
        return (string) __(
            "audit.{$this->what}",
            array_map(fn (mixed $v): string => is_array($v) ? implode(', ', $v) : (string) $v, $this->about),
        );
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
