<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What the run sheet said, kept where it changed, so that a replan is never silent.
 *
 * @property int                                                                                                                   $id
 * @property int                                                                                                                   $shop_id
 * @property CarbonImmutable                                                                                                       $made_at
 * @property array<int, array{letter: string, ready: float|null, step: string|null, at: float|null}>                               $parts           by part
 * @property array<string, mixed>                                                                                                  $rests_on
 * @property list<array{part: int, letter: string, from: float|null, to: float|null, because: string, with: array<string, mixed>}> $changes
 * @property CarbonImmutable|null                                                                                                  $acknowledged_at
 */
final class SeenPlan extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'acknowledged_at' => 'immutable_datetime', 'parts' => 'array', 'rests_on' => 'array', 'changes' => 'array'];
    }
}
