<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** Polishing pads. */
final class Pads extends ShelfKind
{
    public const NAME = 'pads';
    public const SINGULAR = 'pad';

    public function groups(): array
    {
        return ['Pad' => [
            Field::choice('what', ['wool' => 'wool', 'foam' => 'foam', 'fibre' => 'microfibre'])->called('Is'),
            Field::number('diameter_mm', 20, 300)->called('Diameter', 'mm'),
            Field::number('most_rpm', 100, 15000)->called('Turns at most', '/min'),
        ]];
    }
}
