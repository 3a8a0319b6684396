<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** What comes off a roll and is thrown away after: tapes, fabrics and films of a bag. Counted by the metre. */
final class Rolls extends ShelfKind
{
    public const NAME = 'rolls';
    public const SINGULAR = 'roll';
    public const UNIT = 'm';

    public function groups(): array
    {
        return ['Roll' => [
            Field::choice('what', array_map(strval(...), (array) __('shelf.rolls')))->called('Is'),
            Field::number('width_mm', 2, 4000)->called('Width', 'mm'),
        ]];
    }
}
