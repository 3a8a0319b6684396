<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                                                                                           $id
 * @property string                                                                                        $name
 * @property string                                                                                        $town
 * @property string                                                                                        $zone
 * @property array<int, list<array{string, string}>>                                                       $working_hours       ISO weekday → [from, until] local
 * @property array<int, array{coldest_c: float, coldest_at: string, warmest_c: float, warmest_at: string}> $day_curves          by ISO weekday
 * @property list<array{at: string, c: float}>                                                             $typed_air           local times
 * @property float                                                                                         $cup_loss_g
 * @property float                                                                                         $scale_step_g
 * @property float                                                                                         $target_burn_through
 * @property int                                                                                           $clock_offset_s
 */
final class Shop extends Model
{
    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'working_hours' => 'array',
            'day_curves' => 'array',
            'typed_air' => 'array',
            'cup_loss_g' => 'float',
            'scale_step_g' => 'float',
            'target_burn_through' => 'float',
            'clock_offset_s' => 'integer',
        ];
    }

    /** @return HasMany<Part, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(Part::class);
    }

    /** @return HasMany<AirReading, $this> */
    public function airReadings(): HasMany
    {
        return $this->hasMany(AirReading::class);
    }
}
