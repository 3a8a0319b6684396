<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** Gloves, by what they keep out. */
final class Gloves extends ShelfKind
{
    public const NAME = 'gloves';
    public const SINGULAR = 'glove';
    public const UNIT = 'pairs';

    public function groups(): array
    {
        return ['Glove' => [
            Field::choice('of', 'Of', ['nitrile' => 'nitrile', 'butyl' => 'butyl', 'laminate' => 'film laminate']),
            Field::number('thickness_mm', 'Thickness', 'mm', 0.02, 2),
            Field::choice('size', 'Size', ['s' => 'small', 'm' => 'medium', 'l' => 'large', 'xl' => 'extra large']),
            Field::number('breaks_through_min', 'Epoxy comes through after', 'min', 1, 1440, 'by the glove\'s sheet'),
        ]];
    }
}
