<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Rows;

/**
 * @property string       $sheen
 * @property bool         $isocyanate
 * @property float        $wet_um
 * @property float        $volume_solids
 * @property float        $transfer
 * @property float        $viscosity_pa_s
 * @property float        $density_g_cm3
 * @property float        $set_min
 * @property float        $flash_min
 * @property float        $ready_after_min
 * @property float        $final_um
 * @property float        $min_c
 * @property string       $kind
 * @property float        $hardener_parts
 * @property float        $reducer_parts
 * @property float|null   $pot_life_min
 * @property float|null   $recoat_until_min
 * @property float        $reference_c
 * @property float|null   $can_ml
 * @property float|null   $sheet_gu
 * @property float        $sheet_gu_doubt
 * @property bool         $needs_release_film
 * @property float|null   $polish_after_min
 * @property list<string> $assumed            fields that no label and nobody typed
 */
final class Clear extends ShelfItem
{
    protected $attributes = ['assumed' => '[]', 'made_up' => false];

    protected function casts(): array
    {
        return [
            'made_up' => 'boolean', 'assumed' => Rows::class, 'isocyanate' => 'boolean', 'needs_release_film' => 'boolean',
        ] + array_fill_keys([
            'wet_um', 'volume_solids', 'transfer', 'viscosity_pa_s', 'density_g_cm3', 'set_min', 'flash_min', 'ready_after_min',
            'final_um', 'min_c',
            'hardener_parts', 'reducer_parts', 'pot_life_min', 'recoat_until_min', 'reference_c', 'can_ml', 'sheet_gu', 'sheet_gu_doubt',
            'polish_after_min',
        ], 'float');
    }
}
