<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Rows;

/**
 * @property string $weave
 * @property float  $areal_g_m2
 * @property float  $fibre_fraction
 * @property float  $texture_ratio
 * @property float  $width_mm
 * @property string $fibre          carbon or glass
 */
final class Cloth extends ShelfItem
{
    protected $attributes = ['fibre' => 'carbon', 'assumed' => '[]', 'made_up' => false];

    protected function casts(): array
    {
        return ['made_up' => 'boolean', 'assumed' => Rows::class]
            + array_fill_keys(['areal_g_m2', 'fibre_fraction', 'texture_ratio', 'width_mm'], 'float');
    }
}
