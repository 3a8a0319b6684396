<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Rows;

/**
 * @phpstan-type Catalyst array{rows: list<array{c: float, percent: float}>, density: float, drops_per_ml: float}
 *
 * @property list<array{c: float, minutes: float}> $sheet                  minutes until tack at each temperature
 * @property float                                 $reference_c
 * @property float                                 $tack_from_age_min
 * @property float                                 $tack_until_age_min
 * @property float                                 $sandable_age_min
 * @property float                                 $full_age_min
 * @property float|null                            $stall_c
 * @property string                                $ratio_kind             weight or volume
 * @property float|null                            $hardener_phr
 * @property float|null                            $volume_resin
 * @property float|null                            $volume_hardener
 * @property float                                 $density_resin_g_cm3
 * @property float                                 $density_hardener_g_cm3
 * @property float                                 $density_mixed_g_cm3
 * @property float                                 $viscosity_pa_s
 * @property float                                 $viscosity_ea_j_mol
 * @property float                                 $gel_age_min
 * @property float                                 $shrinkage
 * @property float                                 $pot_life_min
 * @property float                                 $pot_mass_g
 * @property float                                 $pot_c
 * @property float                                 $min_c
 * @property float|null                            $max_c                  not laid in warmer air
 * @property float                                 $ultimate_tg_c
 * @property string                                $chemistry              epoxy or polyester
 * @property Catalyst|null                         $catalyst               of a polyester
 * @property string                                $use                    skin, gel_coat, mould_resin or infusion
 * @property bool                                  $uv_stable
 * @property float                                 $pigment_fraction
 * @property string|null                           $system                 hardeners of one system may be blended
 * @property float|null                            $pump_resin_g           a stroke of its pump, as measured
 * @property float|null                            $pump_hardener_g
 * @property float|null                            $blend_least            share of this hardener in a blend
 * @property float|null                            $blend_most
 * @property list<string>                          $assumed                fields that no label and nobody typed
 */
final class Resin extends ShelfItem
{
    /** What tells how a ratio of volumes is weighed. */
    public const DENSITIES = ['density_resin_g_cm3', 'density_hardener_g_cm3'];

    protected $attributes = [
        'ultimate_tg_c' => 65, 'chemistry' => 'epoxy', 'use' => 'skin', 'opacity' => 'clear', 'assumed' => '[]', 'made_up' => false,
    ];

    /** Measured by the marks of a cup: its ratio is of volumes, and nobody knows what they weigh. */
    public function isByCup(): bool
    {
        return $this->ratio_kind === 'volume' && array_intersect(self::DENSITIES, $this->assumed) !== [];
    }

    protected function casts(): array
    {
        return ['sheet' => Rows::class, 'catalyst' => Rows::class, 'uv_stable' => 'boolean',
            'made_up' => 'boolean', 'assumed' => Rows::class] + array_fill_keys([
            'reference_c', 'tack_from_age_min', 'tack_until_age_min', 'sandable_age_min', 'full_age_min', 'stall_c',
            'hardener_phr', 'volume_resin', 'volume_hardener', 'density_resin_g_cm3', 'density_hardener_g_cm3', 'density_mixed_g_cm3',
            'viscosity_pa_s', 'viscosity_ea_j_mol', 'gel_age_min', 'shrinkage', 'pot_life_min', 'pot_mass_g', 'pot_c', 'min_c',
            'max_c', 'ultimate_tg_c', 'pigment_fraction', 'blend_least', 'blend_most', 'pump_resin_g', 'pump_hardener_g',
        ], 'float');
    }
}
