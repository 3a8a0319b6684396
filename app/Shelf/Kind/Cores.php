<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** Light sheets between two skins. */
final class Cores extends ShelfKind
{
    public const NAME = 'cores';
    public const SINGULAR = 'core';

    public function groups(): array
    {
        return ['Core' => [
            Field::choice('what', ['foam' => 'foam', 'balsa' => 'end-grain wood', 'comb' => 'honeycomb'])->called('Is'),
            Field::number('thickness_mm', 0.5, 100)->called('Thickness', 'mm'),
            Field::number('density_kg_m3', 20, 500)->called('Density', 'kg/m³'),
            Field::number('bears_c', 30, 250)->called('Bears', '°C'),
            Field::number('length_mm', 50, 5000)->called('Length of a sheet', 'mm'),
            Field::number('width_mm', 50, 3000)->called('Width of a sheet', 'mm'),
        ]];
    }
}
