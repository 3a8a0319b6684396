<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $sheen
 * @property bool   $isocyanate
 * @property float  $wet_um
 * @property float  $volume_solids
 * @property float  $transfer
 * @property float  $viscosity_pa_s
 * @property float  $density_g_cm3
 * @property float  $set_min
 * @property float  $flash_min
 * @property float  $ready_after_min
 * @property float  $final_um
 * @property float  $min_c
 */
final class Clear extends ShelfItem
{
    protected function casts(): array
    {
        return ['isocyanate' => 'boolean'] + array_fill_keys([
            'wet_um', 'volume_solids', 'transfer', 'viscosity_pa_s', 'density_g_cm3', 'set_min', 'flash_min', 'ready_after_min', 'final_um', 'min_c',
        ], 'float');
    }
}
