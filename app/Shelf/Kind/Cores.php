<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** Light sheets between two skins. */
final class Cores extends ShelfKind
{
    public const NAME = 'cores';
    public const SINGULAR = 'core';

    public function groups(): array
    {
        return ['Core' => [
            Field::choice('what', 'Is', ['foam' => 'foam', 'balsa' => 'end-grain wood', 'comb' => 'honeycomb']),
            Field::number('thickness_mm', 'Thickness', 'mm', 0.5, 100),
            Field::number('density_kg_m3', 'Density', 'kg/m³', 20, 500),
            Field::number('bears_c', 'Bears', '°C', 30, 250),
            Field::number('length_mm', 'Length of a sheet', 'mm', 50, 5000),
            Field::number('width_mm', 'Width of a sheet', 'mm', 50, 3000),
        ]];
    }
}
