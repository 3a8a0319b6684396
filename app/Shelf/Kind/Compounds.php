<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** Polishing compounds, by the scratch that each takes out. */
final class Compounds extends ShelfKind
{
    public const NAME = 'compounds';
    public const SINGULAR = 'compound';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Compound' => [
            Field::choice('cut', ['coarse' => 'coarse', 'medium' => 'medium', 'fine' => 'fine'])->called('Cuts'),
            Field::whole('takes_out_p', 400, 5000)->called('Takes out the scratch of', 'P'),
            Field::number('grams_m2', 1, 500)->called('Wants', 'g/m²'),
        ]];
    }
}
