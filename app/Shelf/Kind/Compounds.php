<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** Polishing compounds, by the scratch that each takes out. */
final class Compounds extends ShelfKind
{
    public const NAME = 'compounds';
    public const SINGULAR = 'compound';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Compound' => [
            Field::choice('cut', 'Cuts', ['coarse' => 'coarse', 'medium' => 'medium', 'fine' => 'fine']),
            Field::number('takes_out_p', 'Takes out the scratch of', 'P', 400, 5000, '', ['integer']),
            Field::number('grams_m2', 'Wants', 'g/m²', 1, 500),
        ]];
    }
}
