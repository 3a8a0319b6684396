<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Cloth;
use App\Models\ShelfItem;
use App\Shelf\Field;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;

/** Rolls of cloth. */
final class Cloths extends ShelfKind
{
    public const NAME = 'cloths';
    public const SINGULAR = 'cloth';
    public const UNIT = 'm';
    public const MODEL = Cloth::class;
    public const SLOT_COLUMN = 'cloth_id';

    public function groups(): array
    {
        return ['Cloth' => [
            Field::choice('weave', 'Weave', ['twill' => '2×2 twill', 'plain' => 'plain']),
            Field::choice('fibre', 'Of', ['carbon' => 'carbon', 'glass' => 'glass']),
            Field::number('areal_g_m2', 'Weight', 'g/m²', 20, 2000),
            Field::number('width_mm', 'Width of the roll', 'mm', 50, 3000),
            Field::number('fibre_fraction', 'Fibre share once laid', 'by volume', 0.2, 0.75, '0.5 is usual by hand'),
            Field::number('texture_ratio', 'Texture over thickness', '', 0, 1, '0.5 for 2×2 twill, 0.6 for plain'),
        ]];
    }

    public function check(ShelfItem $item): void
    {
        $item instanceof Cloth && FromShelf::cloth($item);
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        return $item instanceof Cloth ? __('shelf.cloth', ['weight' => round($item->areal_g_m2), 'width' => round($item->width_mm)]) : '';
    }
}
