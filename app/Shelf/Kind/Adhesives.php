<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** What joins finished parts: pastes and films, beside the sprayed adhesive of a method. */
final class Adhesives extends ShelfKind
{
    public const NAME = 'adhesives';
    public const SINGULAR = 'adhesive';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Adhesive' => [
            Field::choice('base', 'Is', ['epoxy' => 'epoxy', 'methacrylate' => 'methacrylate', 'polyurethane' => 'polyurethane']),
            Field::number('open_min', 'Open for', 'min', 1, 1440),
            Field::number('handle_min', 'Handled after', 'min', 1, 10080, '', ['gt:open_min']),
            Field::number('gap_mm', 'Fills up to', 'mm', 0, 30),
        ]];
    }
}
