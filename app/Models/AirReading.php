<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property CarbonImmutable $measured_at
 * @property float           $air_c
 * @property float|null      $rh_percent
 */
final class AirReading extends Model
{
    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['measured_at' => 'immutable_datetime', 'air_c' => 'float', 'rh_percent' => 'float'];
    }
}
