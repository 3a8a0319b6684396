<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Kind\Clears;
use App\Shelf\Kind\Cloths;
use App\Shelf\Kind\Resins;
use OakGloss\Quantity\Field;

/**
 * A label in two minutes: what stands on nearly every one is asked, the rest is assumed by its kind (values of ours, marked
 * as such) until somebody types it. How it is mixed, and how a polyester is catalysed, is never assumed.
 */
enum ShortForm: string
{
    case Epoxy = 'epoxy';
    case Polyester = 'polyester';
    case Clear = 'clear';
    case Cloth = 'cloth';

    /** A thin film of epoxy gels this share of its time to tack after it was mixed. */
    private const GELS_BEFORE_TACK = 0.84;

    /** What follows a polyester's gel, as times the gel time of its cup; one with wax closes its face and takes nothing wet any more. */
    private const AFTER_GEL = ['gel_age_min' => 1.2, 'tack_from_age_min' => 1.9, 'tack_until_age_min' => 13.0, 'sandable_age_min' => 24.0];
    private const WAXED_UNTIL = 3.0;

    /** Assumed of every label of its kind that does not say it. */
    private const EPOXY = [
        'chemistry' => 'epoxy', 'use' => 'skin', 'stall_c' => 12.0, 'min_c' => 15.0, 'ultimate_tg_c' => 65.0, 'density_resin_g_cm3' => 1.14,
        'density_hardener_g_cm3' => 0.99, 'density_mixed_g_cm3' => 1.1, 'pigment_fraction' => 0.02, 'viscosity_pa_s' => 1.2,
        'viscosity_ea_j_mol' => 54000.0, 'shrinkage' => 0.03,
    ];
    private const POLYESTER = [
        'chemistry' => 'polyester', 'use' => 'skin', 'min_c' => 15.0, 'ultimate_tg_c' => 80.0, 'density_resin_g_cm3' => 1.2,
        'density_hardener_g_cm3' => 1.18, 'density_mixed_g_cm3' => 1.2, 'pigment_fraction' => 0.02, 'viscosity_pa_s' => 0.65,
        'viscosity_ea_j_mol' => 50000.0, 'shrinkage' => 0.06, 'full_age_min' => 4300.0, 'pot_mass_g' => 100.0, 'catalyst_density' => 1.18,
        'ratio_kind' => 'weight',
    ];
    private const CLEARS = [
        'two_part' => [
            'wet_um' => 58.0, 'transfer' => 0.6, 'viscosity_pa_s' => 0.3, 'density_g_cm3' => 1.02, 'final_um' => 45.0, 'set_min' => 3.0,
        ],
        'can' => [
            'wet_um' => 38.0, 'transfer' => 0.42, 'viscosity_pa_s' => 0.08, 'density_g_cm3' => 0.9, 'final_um' => 30.0, 'set_min' => 2.0,
        ],
        'varnish' => [
            'wet_um' => 55.0, 'transfer' => 0.95, 'viscosity_pa_s' => 0.6, 'density_g_cm3' => 0.94, 'final_um' => 60.0, 'set_min' => 8.0,
        ],
        'filler' => [
            'wet_um' => 180.0, 'transfer' => 0.6, 'viscosity_pa_s' => 4.5, 'density_g_cm3' => 1.12, 'final_um' => 80.0, 'set_min' => 5.0,
        ],
    ];
    private const CLEAR = ['sheet_gu_doubt' => 8.0, 'reference_c' => 20.0, 'min_c' => 16.0];

    /** Not asked of a supplier: they say what the form itself is for. */
    private const GIVEN_BY_FORM = ['chemistry', 'use', 'ratio_kind', 'hardener_phr'];

    public function kind(): ShelfKind
    {
        return match ($this) {
            self::Clear => new Clears(),
            self::Cloth => new Cloths(),
            default => new Resins(),
        };
    }

    /** @return list<string> names of the fields of its kind that it asks, in the order of a label */
    private function asked(): array
    {
        return match ($this) {
            self::Epoxy => [
                'ratio_kind', 'hardener_phr', 'volume_resin', 'volume_hardener', 'density_resin_g_cm3', 'density_hardener_g_cm3',
                'pot_life_min', 'pot_mass_g', 'pot_c', 'reference_c', 'tack_from_age_min', 'tack_until_age_min', 'sandable_age_min',
                'full_age_min', 'opacity', 'uv_stable',
            ],
            self::Cloth => ['weave', 'fibre', 'areal_g_m2', 'width_mm'],
            self::Polyester => ['pot_life_min', 'pot_c', 'opacity', 'uv_stable'],
            self::Clear => [
                'kind', 'sheen', 'sheet_gu', 'isocyanate', 'needs_release_film', 'hardener_parts', 'reducer_parts', 'pot_life_min',
                'can_ml', 'flash_min', 'recoat_until_min', 'ready_after_min', 'volume_solids',
            ],
        };
    }

    /** @return list<Field> */
    public function fields(): array
    {
        $all = array_column(array_map(fn (Field $f): array => [$f->name, $f], $this->kind()->fields()), 1, 0);

        return array_map(fn (string $name): Field => $all[$name], $this->asked());
    }

    /**
     * What was typed with what is assumed beside it, as the whole form would be sent.
     *
     * @param array<string, mixed> $typed
     *
     * @return array{input: array<string, mixed>, assumed: list<string>} with the names of what nobody typed
     */
    public function whole(array $typed): array
    {
        $isLeft = fn (string $name): bool => in_array($typed[$name] ?? null, [null, '', []], true);
        $assumed = array_filter($this->assumed($typed), $isLeft, ARRAY_FILTER_USE_KEY);

        return ['input' => $assumed + $typed, 'assumed' => array_values(array_diff(array_keys($assumed), self::GIVEN_BY_FORM))];
    }

    /**
     * @param array<string, mixed> $typed
     *
     * @return array<string, mixed>
     */
    private function assumed(array $typed): array
    {
        $figure = fn (string $name): ?float => is_numeric($typed[$name] ?? null) ? (float) $typed[$name] : null;
        if ($this === self::Clear) {
            return (self::CLEARS[is_string($typed['kind'] ?? null) ? $typed['kind'] : ''] ?? []) + self::CLEAR;
        }
        if ($this === self::Cloth) {
            return ['fibre_fraction' => 0.5, 'texture_ratio' => ($typed['weave'] ?? '') === 'plain' ? 0.6 : 0.5];
        }
        $assumed = $this === self::Epoxy ? self::EPOXY : self::POLYESTER;
        $gel = $figure('pot_life_min');
        if ($this === self::Polyester && $gel !== null) {
            $after = [...self::AFTER_GEL, ...(isset($typed['waxed']) ? ['tack_until_age_min' => self::WAXED_UNTIL] : [])];
            $assumed += array_map(fn (float $times): float => round($times * $gel, 1), $after);
            $assumed += ['reference_c' => $figure('pot_c'), 'hardener_phr' => self::usualPercent($typed)];
        }
        $tack = $figure('tack_from_age_min') ?? $assumed['tack_from_age_min'] ?? null;
        $reference = $figure('reference_c') ?? $assumed['reference_c'] ?? null;
        if ($tack !== null && $reference !== null) {
            $assumed += ['gel_age_min' => round(self::GELS_BEFORE_TACK * $tack, 1), 'sheet' => [['c' => $reference, 'minutes' => $tack]]];
        }
        // Mixed, two parts by volume weigh what they weigh together.
        [$resin, $hardener] = [$figure('density_resin_g_cm3'), $figure('density_hardener_g_cm3')];
        [$of, $to] = [$figure('volume_resin'), $figure('volume_hardener')];
        if ($resin !== null && $hardener !== null && $of > 0.0 && $to > 0.0) {
            $assumed['density_mixed_g_cm3'] = round(($of * $resin + $to * $hardener) / ($of + $to), 3);
        }

        return $assumed;
    }

    /**
     * The share of catalyst nearest to 20 °C, of the rows that were typed.
     *
     * @param array<string, mixed> $typed
     */
    private static function usualPercent(array $typed): ?float
    {
        $rows = array_filter(
            is_array($typed['catalyst_rows'] ?? null) ? $typed['catalyst_rows'] : [],
            fn (mixed $row): bool => is_array($row) && is_numeric($row['c'] ?? null) && is_numeric($row['percent'] ?? null),
        );
        usort($rows, fn (array $a, array $b): int => abs($a['c'] - 20.0) <=> abs($b['c'] - 20.0));

        return isset($rows[0]) ? (float) $rows[0]['percent'] : null;
    }
}
