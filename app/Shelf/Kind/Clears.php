<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Clear;
use App\Models\ShelfItem;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Quantity\Field;

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
                Field::choice('kind', [
                        'two_part' => '2K, sprayed',
                        'can' => '1K, from cans',
                        'varnish' => 'UV varnish, brushed',
                        'filler' => 'gel or filler clear',
                    ])->called('Kind'),
                Field::choice('sheen', ['gloss' => 'gloss', 'satin' => 'satin', 'matt' => 'matt'])->called('Sheen'),
                Field::number('sheet_gu', 0, 110)
                    ->called('Gloss as it dries', 'GU', 'satin and matt, at 60°, by the sheet')->neededUnless('sheen', 'gloss'),
                Field::number('sheet_gu_doubt', 0, 40)->called('give or take', 'GU'),
                Field::flag('isocyanate')->called('Hardener holds isocyanate (2K)')->optional(),
                Field::flag('needs_release_film')->called('Polyester: hardens only under release film')->optional(),
            ],
            'Mix' => [
                Field::number('hardener_parts', 0, 400)->called('Hardener to 100 parts', 'by volume', '0 for one part'),
                Field::number('reducer_parts', 0, 400)->called('Reducer to 100 parts', 'by volume'),
                Field::number('pot_life_min', 0.5, 10000)->called('Pot life', 'min', 'empty for one part')->optional(),
                Field::number('can_ml', 1, 5000)->called('In one can', 'ml', 'empty where it comes in tins')->optional(),
            ],
            'Coat' => [
                Field::number('wet_um', 1, 1000)->called('Wet coat', 'µm'),
                Field::number('volume_solids', 0.01, 1)->called('Volume solids', 'share'),
                Field::number('transfer', 0.05, 1)->called('Transfer of gun or brush', 'share'),
                Field::number('viscosity_pa_s', 0.001, 100)->called('Viscosity ready for use', 'Pa s'),
                Field::number('density_g_cm3', 0.5, 3)->called('Density', 'g/cm³'),
                Field::number('final_um', 1, 500)->called('Film that should stay', 'µm', 'for the sun\'s sake'),
            ],
            'Times' => [
                Field::number('reference_c', 0, 40)->called('Times hold at', '°C'),
                Field::number('set_min', 0.01, 1440)->called('Sets within', 'min'),
                Field::number('flash_min', 0, 1440)->called('Flash between coats', 'min'),
                Field::number('recoat_until_min', 1, 100000)
                    ->called('A further coat: recoat until', 'min', 'empty where it always does')->optional(),
                Field::number('ready_after_min', 1, 30000)->called('Polish or handle after', 'min'),
                Field::number('polish_after_min', 1, 500000)
                    ->called('A brushed one: polish after', 'min', 'empty where its sheet leaves it as it dries')->optional(),
                Field::number('min_c', -10, 40)->called('Coldest air to lay it in', '°C'),
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
