<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** What thickens or lightens a resin: powder, fibre, balloons. */
final class Fillers extends ShelfKind
{
    public const NAME = 'fillers';
    public const SINGULAR = 'filler';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Filler' => [
            Field::choice('does', ['thicker' => 'thicker', 'lighter' => 'lighter to sand', 'stronger' => 'stronger'])->called('Makes'),
            Field::number('density_g_cm3', 0.05, 6)->called('Density', 'g/cm³'),
            Field::number('most_share', 0.001, 3)->called('At most in a mix', 'share', 'by weight'),
            Field::flag('dusts')->called('Fine dust: mask while it is stirred in')->optional(),
        ]];
    }
}
