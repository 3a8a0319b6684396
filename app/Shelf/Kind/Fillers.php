<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** What thickens or lightens a resin: powder, fibre, balloons. */
final class Fillers extends ShelfKind
{
    public const NAME = 'fillers';
    public const SINGULAR = 'filler';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Filler' => [
            Field::choice('does', 'Makes', ['thicker' => 'thicker', 'lighter' => 'lighter to sand', 'stronger' => 'stronger']),
            Field::number('density_g_cm3', 'Density', 'g/cm³', 0.05, 6),
            Field::number('most_share', 'At most in a mix', 'share by weight', 0.001, 3, '0.05 is 5 %'),
            Field::flag('dusts', 'Fine dust: mask while it is stirred in'),
        ]];
    }
}
