<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** What joins finished parts: pastes and films, beside the sprayed adhesive of a method. */
final class Adhesives extends ShelfKind
{
    public const NAME = 'adhesives';
    public const SINGULAR = 'adhesive';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Adhesive' => [
            Field::choice('base', ['epoxy' => 'epoxy', 'methacrylate' => 'methacrylate', 'polyurethane' => 'polyurethane'])->called('Is'),
            Field::number('open_min', 1, 1440)->called('Open for', 'min'),
            Field::number('handle_min', 1, 10080)->called('Handled after', 'min')->above('open_min'),
            Field::number('gap_mm', 0, 30)->called('Fills up to', 'mm'),
        ]];
    }
}
