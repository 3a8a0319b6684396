<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * @property CarbonImmutable $measured_at
 * @property int             $id
 * @property int             $shop_id
 * @property float|null      $air_c            null where a probe said no temperature
 * @property string          $source           hand, probe or csv
 * @property string|null     $left_out_because shown, and left out of every forecast
 * @property string|null     $said             what a lying probe said
 * @property float|null      $rh_percent
 */
final class AirReading extends Model
{
    /** A reading beyond is no air of a workshop, whoever typed it, °C. */
    private const WARMEST_C = 60.0;

    /** Why a typed reading is left out that somebody took back. */
    public const TAKEN_BACK = 'taken back';

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['measured_at' => Moment::class.':always', 'air_c' => 'float', 'rh_percent' => 'float'];
    }

    public function isTrusted(): bool
    {
        return $this->left_out_because === null && $this->air_c !== null && abs($this->air_c) <= self::WARMEST_C;
    }

    /** @param Builder<AirReading> $query */
    #[Scope]
    protected function trusted(Builder $query): void
    {
        $query->whereNull('left_out_because')->whereBetween('air_c', [-self::WARMEST_C, self::WARMEST_C]);
    }
}
