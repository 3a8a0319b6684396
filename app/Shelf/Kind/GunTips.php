<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** Needle and nozzle sets of the spray gun. */
final class GunTips extends ShelfKind
{
    public const NAME = 'gun-tips';
    public const SINGULAR = 'gun tip';

    public function groups(): array
    {
        return ['Gun tip' => [
            Field::number('bore_mm', 'Bore', 'mm', 0.2, 4),
            Field::number('pressure_bar', 'Air at the gun', 'bar', 0.3, 6),
            Field::number('wet_um', 'Lays about', 'µm wet', 5, 400),
        ]];
    }
}
