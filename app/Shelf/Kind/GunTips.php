<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** Needle and nozzle sets of the spray gun. */
final class GunTips extends ShelfKind
{
    public const NAME = 'gun-tips';
    public const SINGULAR = 'gun tip';

    public function groups(): array
    {
        return ['Gun tip' => [
            Field::number('bore_mm', 0.2, 4)->called('Bore', 'mm'),
            Field::number('pressure_bar', 0.3, 6)->called('Air at the gun', 'bar'),
            Field::number('wet_um', 5, 400)->called('Lays about', 'µm wet'),
        ]];
    }
}
