<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Cloth;
use App\Models\ShelfItem;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Quantity\Field;

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
            Field::choice('weave', ['twill' => '2×2 twill', 'plain' => 'plain'])->called('Weave'),
            Field::choice('fibre', ['carbon' => 'carbon', 'glass' => 'glass'])->called('Of'),
            Field::number('areal_g_m2', 20, 2000)->called('Weight', 'g/m²'),
            Field::number('width_mm', 50, 3000)->called('Width of the roll', 'mm'),
            Field::number('fibre_fraction', 0.2, 0.75)->called('Fibre share once laid', 'by volume', '0.5 is usual by hand'),
            Field::number('texture_ratio', 0, 1)->called('Texture over thickness', '', '0.5 for 2×2 twill, 0.6 for plain'),
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
