<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** Polishing pads. */
final class Pads extends ShelfKind
{
    public const NAME = 'pads';
    public const SINGULAR = 'pad';

    public function groups(): array
    {
        return ['Pad' => [
            Field::choice('what', 'Is', ['wool' => 'wool', 'foam' => 'foam', 'fibre' => 'microfibre']),
            Field::number('diameter_mm', 'Diameter', 'mm', 20, 300),
            Field::number('most_rpm', 'Turns at most', '/min', 100, 15000),
        ]];
    }
}
