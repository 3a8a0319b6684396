<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Clear;
use App\Models\ShelfItem;
use App\Shelf\Field;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;

/** Clears, varnishes and fillers. */
final class Clears extends ShelfKind
{
    public const NAME = 'clears';
    public const SINGULAR = 'clear';
    public const UNIT = 'ml';
    public const MODEL = Clear::class;
    public const SLOT_COLUMN = 'clear_id';

    public function groups(): array
    {
        return [
            'Clear' => [
                Field::choice(
                    'kind',
                    'Kind',
                    [
                        'two_part' => '2K, sprayed',
                        'can' => '1K, from cans',
                        'varnish' => 'UV varnish, brushed',
                        'filler' => 'gel or filler clear',
                    ],
                ),
                Field::choice('sheen', 'Sheen', ['gloss' => 'gloss', 'satin' => 'satin', 'matt' => 'matt']),
                Field::number(
                    'sheet_gu',
                    'Gloss as it dries',
                    'GU',
                    0,
                    110,
                    'satin and matt, at 60°, by the sheet',
                )->optional(['required_unless:sheen,gloss']),
                Field::number('sheet_gu_doubt', 'give or take', 'GU', 0, 40),
                Field::flag('isocyanate', 'Hardener holds isocyanate (2K)'),
                Field::flag('needs_release_film', 'Polyester: hardens only under release film'),
            ],
            'Mix' => [
                Field::number('hardener_parts', 'Hardener to 100 parts', 'by volume', 0, 400, '0 for one part'),
                Field::number('reducer_parts', 'Reducer to 100 parts', 'by volume', 0, 400),
                Field::number('pot_life_min', 'Pot life', 'min', 0.5, 10000, 'empty for one part')->optional(),
                Field::number('can_ml', 'In one can', 'ml', 1, 5000, 'empty where it comes in tins')->optional(),
            ],
            'Coat' => [
                Field::number('wet_um', 'Wet coat', 'µm', 1, 1000),
                Field::number('volume_solids', 'Volume solids', 'share', 0.01, 1),
                Field::number('transfer', 'Transfer of gun or brush', 'share', 0.05, 1),
                Field::number('viscosity_pa_s', 'Viscosity ready for use', 'Pa s', 0.001, 100),
                Field::number('density_g_cm3', 'Density', 'g/cm³', 0.5, 3),
                Field::number('final_um', 'Film that should stay', 'µm', 1, 500, 'for the sun\'s sake'),
            ],
            'Times' => [
                Field::number('reference_c', 'Times hold at', '°C', 0, 40),
                Field::number('set_min', 'Sets within', 'min', 0.01, 1440),
                Field::number('flash_min', 'Flash between coats', 'min', 0, 1440),
                Field::number(
                    'recoat_until_min',
                    'A further coat bonds until',
                    'min',
                    1,
                    100000,
                    'empty where it always does',
                )->optional(),
                Field::number('ready_after_min', 'Polish or handle after', 'min', 1, 30000),
                Field::number('min_c', 'Coldest air to lay it in', '°C', -10, 40),
            ],
        ];
    }

    public function jars(ShelfItem $item): array
    {
        return ['clear', ...($item instanceof Clear && $item->hardener_parts > 0.0 ? ['hardener'] : []),
            ...($item instanceof Clear && $item->reducer_parts > 0.0 ? ['reducer'] : [])];
    }

    public function check(ShelfItem $item): void
    {
        $item instanceof Clear && FromShelf::clear($item);
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        return $item instanceof Clear
            ? __(
                'shelf.clear',
                ['sheen' => $item->sheen, 'dry' => round($item->wet_um * $item->volume_solids)],
            ).($item->isocyanate ? __('shelf.isocyanate') : '')
            : '';
    }
}
