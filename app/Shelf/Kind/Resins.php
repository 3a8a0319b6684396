<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Resin;
use App\Models\ShelfItem;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Mixing\MixRatio;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\OakGlossFault;

/** Resins with their hardeners: how they are mixed, flow, and cure. */
final class Resins extends ShelfKind
{
    public const NAME = 'resins';
    public const SINGULAR = 'resin';
    public const UNIT = 'g';
    public const MODEL = Resin::class;
    public const HAS_SHEET = true;
    public const SLOT_COLUMN = 'resin_id';

    /** Rows of the sheet that a form has. */
    private const ROWS = 8;

    public function groups(): array
    {
        return [
            'When it is touched, coated and sanded' => [
                Field::number('reference_c', 0, 60)->called('Reference temperature', '°C', 'of the ages below'),
                Field::number('tack_from_age_min', 1, 20000)->called('Recoat from', 'min', 'a touch prints and takes nothing away'),
                Field::number('tack_until_age_min', 1, 40000)
                    ->called('Recoat until', 'min', 'later it must be keyed')->above('tack_from_age_min'),
                Field::number('sandable_age_min', 1, 100000)
                    ->called('Sandable', 'min', 'dusts, does not clog')->above('tack_until_age_min'),
                Field::number('full_age_min', 1, 500000)->called('Full cure', 'min')->above('sandable_age_min'),
                Field::number('stall_c', -20, 40)->called('Full cure stalls below', '°C', 'empty if the sheet says nothing')->optional(),
                Field::number('min_c', -10, 40)->called('Coldest air to lay in', '°C'),
                Field::number('max_c', 0, 60)
                    ->called('Warmest air to lay in', '°C', 'empty if the sheet says nothing')->optional()->above('min_c'),
                Field::number('ultimate_tg_c', 20, 250)
                    ->called('Tg, fully cured', '°C', 'fully post-cured; 65 is usual for hand lay-up'),
                Field::choice('chemistry', ['epoxy' => 'epoxy', 'polyester' => 'polyester'])->called('Is'),
                Field::choice('use', [
                    'skin' => 'skins', 'gel_coat' => 'gel coats', 'mould_resin' => 'moulds', 'infusion' => 'infusion',
                ])->called('Mostly for'),
                Field::choice('opacity', ['clear' => 'clear', 'tinted' => 'tinted, seen through', 'opaque' => 'filled or opaque'])
                    ->called('Cured, a film of it is', hint: 'what the weave is seen through')->optional(),
            ],
            'Mix' => [
                Field::choice('ratio_kind', ['weight' => 'by weight', 'volume' => 'by volume'])->called('Ratio stated'),
                Field::number('hardener_phr', 0.1, 500)
                    ->called('Hardener to 100 g resin', 'g', 'by weight')->neededIf('ratio_kind', 'weight'),
                Field::number('volume_resin', 0.01, 1000)->called('Resin', 'parts by volume')->neededIf('ratio_kind', 'volume'),
                Field::number('volume_hardener', 0.01, 1000)->called('Hardener', 'parts by volume')->neededIf('ratio_kind', 'volume'),
                Field::number('density_resin_g_cm3', 0.5, 3)->called('Density of resin', 'g/cm³'),
                Field::number('density_hardener_g_cm3', 0.5, 3)->called('Density of hardener', 'g/cm³'),
                Field::number('density_mixed_g_cm3', 0.5, 3)->called('Density mixed', 'g/cm³'),
                Field::number('pigment_fraction', 0, 0.5)
                    ->called('Pigment for a black base', 'share', 'of the mix, as the pigment\'s sheet allows'),
            ],
            'Pump' => [
                Field::number('pump_resin_g', 0.05, 500)
                    ->called('A stroke of resin', 'g', 'ten strokes weighed, by ten; empty without a pump')->optional(),
                Field::number('pump_hardener_g', 0.05, 500)->called('A stroke of hardener', 'g')->optional(),
            ],
            'Cup' => [
                Field::number('pot_life_min', 0.5, 10000)->called('Pot life', 'min'),
                Field::number('pot_mass_g', 1, 10000)->called('of a cup of', 'g'),
                Field::number('pot_c', 0, 60)->called('at', '°C'),
            ],
            'Flow' => [
                Field::number('viscosity_pa_s', 0.01, 1000)->called('Viscosity mixed', 'Pa s'),
                Field::number('viscosity_ea_j_mol', 1000, 300000)
                    ->called('Its activation energy', 'J/mol', '50 000 to 60 000 if the sheet says nothing'),
                Field::number('gel_age_min', 0.1, 100000)->called('Gel of a thin film', 'min', 'at the reference temperature'),
                Field::number('shrinkage', 0, 0.2)->called('Shrinkage', 'share', 'of its thickness'),
                Field::flag('uv_stable')->called('UV stable')->optional(),
            ],
        ];
    }

    public function rules(): array
    {
        return parent::rules() + [
            'sheet' => ['array', 'max:'.self::ROWS],
            'sheet.*.c' => ['nullable', 'required_with:sheet.*.minutes', 'numeric', 'between:-10,80'],
            'sheet.*.minutes' => ['nullable', 'required_with:sheet.*.c', 'numeric', 'between:0.1,100000'],
            'catalyst_rows' => ['array', 'max:'.self::ROWS],
            'catalyst_rows.*.c' => ['nullable', 'required_with:catalyst_rows.*.percent', 'numeric', 'between:-20,80'],
            'catalyst_rows.*.percent' => ['nullable', 'required_with:catalyst_rows.*.c', 'numeric', 'between:0.1,10'],
            'catalyst_density' => ['nullable', 'required_with:catalyst_rows.0.percent', 'numeric', 'between:0.5,2'],
            'catalyst_drops' => ['nullable', 'numeric', 'between:5,100'],
            'catalyst_drops_g' => ['nullable', 'numeric', 'between:5,120'],
        ];
    }

    public function names(): array
    {
        return parent::names() + [
            'sheet.*.c' => 'temperature of the row', 'sheet.*.minutes' => 'minutes of the row',
            'catalyst_rows.*.c' => 'temperature of the row', 'catalyst_rows.*.percent' => 'share of the row',
            'catalyst_density' => 'density of the catalyst', 'catalyst_drops' => 'drops of a millilitre',
            'catalyst_drops_g' => 'drops of a gram',
        ];
    }

    public function typed(array $given): array
    {
        $rows = array_values(array_filter($given['sheet'] ?? [], fn (array $r): bool => isset($r['c'], $r['minutes'])));

        $catalyst = array_values(array_filter($given['catalyst_rows'] ?? [], fn (array $r): bool => isset($r['c'], $r['percent'])));

        return ['catalyst' => $catalyst === [] ? null : [
            'rows' => array_map(fn (array $r): array => ['c' => (float) $r['c'], 'percent' => (float) $r['percent']], $catalyst),
            'density' => (float) $given['catalyst_density'],
            // Counted to a gram, as the dropper was tried; else as its sheet has it.
            'drops_per_ml' => isset($given['catalyst_drops_g'])
                ? round(
                    (float) $given['catalyst_drops_g'] * (float) $given['catalyst_density'],
                    3,
                ) : (float) ($given['catalyst_drops'] ?? 0.0),
        ], 'sheet' => array_map(
            fn (array $r): array => ['c' => (float) $r['c'], 'minutes' => (float) $r['minutes']],
            $rows,
        )] + parent::typed($given);
    }

    public function jars(ShelfItem $item): array
    {
        return $item instanceof Resin && $item->pigment_fraction > 0.0
            ? ['resin', 'hardener', 'pigment'] : ['resin', 'hardener'];
    }

    /** Parts by volume that were typed as grams: caught where densities make more of it than a ratio bears. */
    public function wrong(array $given): array
    {
        if (isset($given['catalyst_rows'][0]['percent']) && ! isset($given['catalyst_drops']) && ! isset($given['catalyst_drops_g'])) {
            return ['catalyst_drops' => (string) __('shelf.catalyst.drops_missing')];
        }
        $volumes = array_map(fn (string $of): float => (float) ($given[$of] ?? 0.0), ['volume_resin', 'volume_hardener']);
        if (($given['ratio_kind'] ?? '') !== 'weight' || min($volumes) <= 0.0) {
            return [];
        }
        $ratio = MixRatio::byVolume(...[...$volumes, (float) $given['density_resin_g_cm3'], (float) $given['density_hardener_g_cm3']]);

        return $ratio->isVolumesWeighed(100.0, (float) $given['hardener_phr']) ? ['hardener_phr' => (string) __('shelf.volumes_typed', [
            'typed' => round((float) $given['hardener_phr'], 1), 'right' => round(100.0 * $ratio->hardenerPerResin, 1),
        ])] : [];
    }

    /** What a ratio by weight would be, were its figures of volumes; null where that is much the same. */
    public static function ifByVolume(Resin $resin): ?float
    {
        if ($resin->ratio_kind !== 'weight' || $resin->hardener_phr === null || $resin->catalyst !== null) {
            return null;
        }
        try {
            $ratio = MixRatio::byVolume(100.0, $resin->hardener_phr, $resin->density_resin_g_cm3, $resin->density_hardener_g_cm3);
        } catch (OakGlossFault) {
            return null;
        }

        return $ratio->volumesMislead() ? 100.0 * $ratio->hardenerPerResin : null;
    }

    public function besides(): array
    {
        return ['sheet', 'catalyst', 'system', 'blend_least', 'blend_most'];
    }

    public function form(array $row): array
    {
        $catalyst = is_array($row['catalyst'] ?? null) ? $row['catalyst'] : null;

        return parent::form($row) + ['sheet' => $row['sheet'] ?? []] + ($catalyst === null ? [] : [
            'catalyst_rows' => $catalyst['rows'] ?? null,
            'catalyst_density' => $catalyst['density'] ?? null,
            'catalyst_drops' => $catalyst['drops_per_ml'] ?? null,
        ]);
    }

    public function schema(): array
    {
        $number = fn (float $least, float $most): array => ['type' => 'number', 'minimum' => $least, 'maximum' => $most];
        $rows = fn (string $what, array $of): array => ['type' => 'array', 'maxItems' => self::ROWS, 'items' => [
            'type' => 'object', 'required' => ['c', $what], 'properties' => ['c' => $number(-20, 80), $what => $of],
        ]];
        $schema = parent::schema();
        $schema['properties'] = [
            'sheet' => $rows('minutes', $number(0.1, 100000)),
            'catalyst' => ['type' => ['object', 'null'], 'required' => ['rows', 'density', 'drops_per_ml'], 'properties' => [
                'rows' => $rows('percent', $number(0.1, 10)), 'density' => $number(0.5, 2), 'drops_per_ml' => $number(5, 100),
            ]],
            'system' => ['type' => ['string', 'null'], 'maxLength' => 80],
            'blend_least' => ['type' => ['number', 'null'], 'minimum' => 0, 'maximum' => 1],
            'blend_most' => ['type' => ['number', 'null'], 'minimum' => 0, 'maximum' => 1],
        ] + $schema['properties'];

        return $schema;
    }

    public function check(ShelfItem $item): void
    {
        $item instanceof Resin && FromShelf::resin($item);
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        if (! $item instanceof Resin) {
            return '';
        }
        $ratio = $item->ratio_kind === 'weight'
            ? __('shelf.by_weight', ['hardener' => round((float) $item->hardener_phr, 1)])
            : __(
                'shelf.by_volume',
                ['resin' => round((float) $item->volume_resin, 1), 'hardener' => round((float) $item->volume_hardener, 1)],
            );

        return __('shelf.resin', [
            'ratio' => $ratio, 'opens' => $format->span($item->tack_from_age_min),
            'closes' => $format->span($item->tack_until_age_min), 'c' => round($item->reference_c),
        ]).($item->uv_stable ? __('shelf.uv_stable') : '');
    }
}
