<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** Gloves, by what they keep out. */
final class Gloves extends ShelfKind
{
    public const NAME = 'gloves';
    public const SINGULAR = 'glove';
    public const UNIT = 'pairs';

    public function groups(): array
    {
        return ['Glove' => [
            Field::choice('of', ['nitrile' => 'nitrile', 'butyl' => 'butyl', 'laminate' => 'film laminate'])->called('Of'),
            Field::number('thickness_mm', 0.02, 2)->called('Thickness', 'mm'),
            Field::choice('size', ['s' => 'small', 'm' => 'medium', 'l' => 'large', 'xl' => 'extra large'])->called('Size'),
            Field::number('breaks_through_min', 1, 1440)->called('Epoxy comes through after', 'min', 'by the glove\'s sheet'),
        ]];
    }
}
