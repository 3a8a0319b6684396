<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Paper;
use App\Models\Resin;
use App\Models\ShelfItem;
use App\Planning\FromShelf;
use Illuminate\Validation\Rule;
use OakGloss\Abrasion\Grit;

/** What lies on the shelf, and the fields that each kind's sheet has. */
enum ShelfKind: string
{
    case Resins = 'resins';
    case Cloths = 'cloths';
    case Papers = 'papers';
    case Clears = 'clears';

    /** @return class-string<ShelfItem> */
    public function model(): string
    {
        return match ($this) {
            self::Resins => Resin::class,
            self::Cloths => Cloth::class,
            self::Papers => Paper::class,
            self::Clears => Clear::class,
        };
    }

    public function singular(): string
    {
        return match ($this) {
            self::Resins => 'resin',
            self::Cloths => 'cloth',
            self::Papers => 'paper',
            self::Clears => 'clear',
        };
    }

    /**
     * Fields by group, in the order of a data sheet.
     *
     * @return array<string, list<Field>>
     */
    public function groups(): array
    {
        return match ($this) {
            self::Resins => [
                'When it is touched, coated and sanded' => [
                    Field::number('reference_c', 'Reference temperature', '°C', 0, 60, 'of the ages below'),
                    Field::number('tack_from_age_min', 'Tacky from', 'min', 1, 20000, 'a touch prints and takes nothing away'),
                    Field::number('tack_until_age_min', 'Bonds until', 'min', 1, 40000, 'later it must be keyed', ['gt:tack_from_age_min']),
                    Field::number('sandable_age_min', 'Sandable', 'min', 1, 100000, 'dusts, does not clog', ['gt:tack_until_age_min']),
                    Field::number('full_age_min', 'Full cure', 'min', 1, 500000, '', ['gt:sandable_age_min']),
                    Field::number('stall_c', 'Full cure stalls below', '°C', -20, 40, 'empty if the sheet says nothing')->optional(),
                    Field::number('min_c', 'Coldest air to lay in', '°C', -10, 40),
                    Field::number('max_c', 'Warmest air to lay in', '°C', 0, 60, 'empty if the sheet says nothing')->optional(['gt:min_c']),
                    Field::number('ultimate_tg_c', 'Softens at last at', '°C', 20, 250, 'fully post-cured; 65 is usual for hand lay-up'),
                    Field::choice('chemistry', 'Is', ['epoxy' => 'epoxy', 'polyester' => 'polyester']),
                ],
                'Mix' => [
                    Field::choice('ratio_kind', 'Ratio stated', ['weight' => 'by weight', 'volume' => 'by volume']),
                    Field::number('hardener_phr', 'Hardener to 100 g resin', 'g', 0.1, 500, 'by weight')->optional(['required_if:ratio_kind,weight']),
                    Field::number('volume_resin', 'Resin', 'parts by volume', 0.01, 1000)->optional(['required_if:ratio_kind,volume']),
                    Field::number('volume_hardener', 'Hardener', 'parts by volume', 0.01, 1000)->optional(['required_if:ratio_kind,volume']),
                    Field::number('density_resin_g_cm3', 'Density of resin', 'g/cm³', 0.5, 3),
                    Field::number('density_hardener_g_cm3', 'Density of hardener', 'g/cm³', 0.5, 3),
                    Field::number('density_mixed_g_cm3', 'Density mixed', 'g/cm³', 0.5, 3),
                    Field::number('pigment_fraction', 'Pigment for a black base', 'share of the mix', 0, 0.5, 'as the pigment\'s sheet allows, 0.02 is 2 %'),
                ],
                'Cup' => [
                    Field::number('pot_life_min', 'Pot life', 'min', 0.5, 10000),
                    Field::number('pot_mass_g', 'of a cup of', 'g', 1, 10000),
                    Field::number('pot_c', 'at', '°C', 0, 60),
                ],
                'Flow' => [
                    Field::number('viscosity_pa_s', 'Viscosity mixed', 'Pa s', 0.01, 1000),
                    Field::number('viscosity_ea_j_mol', 'Its activation energy', 'J/mol', 1000, 300000, '50 000 to 60 000 if the sheet says nothing'),
                    Field::number('gel_age_min', 'Gel of a thin film', 'min', 0.1, 100000, 'at the reference temperature'),
                    Field::number('shrinkage', 'Shrinkage', 'share of thickness', 0, 0.2),
                    Field::flag('uv_stable', 'UV stable'),
                ],
            ],
            self::Cloths => ['Cloth' => [
                Field::choice('weave', 'Weave', ['twill' => '2×2 twill', 'plain' => 'plain']),
                Field::number('areal_g_m2', 'Weight', 'g/m²', 20, 2000),
                Field::number('width_mm', 'Width of the roll', 'mm', 50, 3000),
                Field::number('fibre_fraction', 'Fibre share once laid', 'by volume', 0.2, 0.75, '0.5 is usual by hand'),
                Field::number('texture_ratio', 'Texture over thickness', '', 0, 1, '0.5 for 2×2 twill, 0.6 for plain'),
            ]],
            self::Papers => ['Paper' => [
                new Field('grit', 'Grit', 'P', 'number', ['required', 'integer', Rule::in(array_keys(Grit::MEAN_GRAIN_UM))], 'of the P series: '.implode(', ', array_keys(Grit::MEAN_GRAIN_UM))),
                Field::choice('form', 'Form', ['dry sheet' => 'dry sheet', 'wet sheet' => 'wet sheet', 'disc' => 'disc', 'foam pad' => 'foam pad']),
                Field::number('sheets', 'At hand', 'pieces', 0, 10000, '0 takes it out of the ladders'),
            ]],
            self::Clears => [
                'Clear' => [
                    Field::choice('kind', 'Kind', ['two_part' => '2K, sprayed', 'can' => '1K, from cans', 'varnish' => 'UV varnish, brushed', 'filler' => 'gel or filler clear']),
                    Field::choice('sheen', 'Sheen', ['gloss' => 'gloss', 'satin' => 'satin', 'matt' => 'matt']),
                    Field::number('sheet_gu', 'Gloss as it dries', 'GU', 0, 110, 'satin and matt, at 60°, by the sheet')->optional(['required_unless:sheen,gloss']),
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
                    Field::number('recoat_until_min', 'A further coat bonds until', 'min', 1, 100000, 'empty where it always does')->optional(),
                    Field::number('ready_after_min', 'Polish or handle after', 'min', 1, 30000),
                    Field::number('min_c', 'Coldest air to lay it in', '°C', -10, 40),
                ],
            ],
        };
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return array_merge(...array_values($this->groups()));
    }

    /** Builds the core's value, so that what a sheet can't mean is refused. @throws \OakGloss\Quantity\OakGlossFault If it can't. */
    public function check(ShelfItem $item): void
    {
        match (true) {
            $item instanceof Resin => FromShelf::resin($item),
            $item instanceof Cloth => FromShelf::cloth($item),
            $item instanceof Clear => FromShelf::clear($item),
            default => null,
        };
    }
}
