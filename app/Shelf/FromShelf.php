<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\Resin;
use App\Models\ShelfItem;
use Closure;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Spread;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Film\Fibre;
use OakGloss\Film\Rheology;
use OakGloss\Film\Weave;
use OakGloss\Material as Core;
use OakGloss\Material\Blend;
use OakGloss\Material\Chemistry;
use OakGloss\Material\ClearKind;
use OakGloss\Material\Opacity;
use OakGloss\Material\SprayedClear;
use OakGloss\Method\Slot;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\MixRatio;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\OakGlossFault;
use OakGloss\Quantity\Temperature;

/** Rows of the shelf as the core's materials. */
final class FromShelf
{
    /** @throws \OakGloss\Quantity\OakGlossFault If the sheet makes no sense. */
    public static function resin(Resin $row): Core\Resin
    {
        return self::read($row, fn (): Core\Resin => self::resinOf($row));
    }

    private static function resinOf(Resin $row): Core\Resin
    {
        $reference = Temperature::fromCelsius($row->reference_c);
        $cure = Activation::throughSheet(array_map(fn (array $r): array => [(float) $r['c'], (float) $r['minutes']], $row->sheet));

        $catalyst = $row->catalyst === null ? null : new Catalyst(
            array_map(fn (array $r): array => [(float) $r['c'], (float) $r['percent']], $row->catalyst['rows']),
            (float) $row->catalyst['density'],
            (float) $row->catalyst['drops_per_ml'],
        );
        $least = max($row->min_c, $catalyst?->coldestC() ?? -INF);
        $most = $catalyst === null ? $row->max_c : min($row->max_c ?? INF, $catalyst->hottestC());

        return new Core\Resin(
            $row->name,
            new Kinetics($reference, $cure, [
                'tack_from' => $row->tack_from_age_min,
                'tack_until' => $row->tack_until_age_min,
                'sandable' => $row->sandable_age_min,
                'full' => $row->full_age_min,
            ], $row->stall_c),
            new Rheology(
                $row->density_mixed_g_cm3,
                $reference,
                $row->viscosity_pa_s,
                Activation::given($row->viscosity_ea_j_mol),
                $row->gel_age_min,
                $cure,
                $row->shrinkage,
            ),
            self::ratioOf($row),
            $row->pot_life_min,
            $row->pot_mass_g,
            $row->pot_c,
            $least,
            $row->uv_stable,
            $row->pigment_fraction,
            maxC: $most,
            ultimateTgC: $row->ultimate_tg_c,
            chemistry: Chemistry::from($row->chemistry),
            catalyst: $catalyst,
            opacity: Opacity::tryFrom((string) $row->opacity) ?? Opacity::Clear,
            isFace: $row->use === 'gel_coat',
            rateSigma: $row->assumed === [] ? Spread::SHEET_SIGMA : Spread::ASSUMED_SIGMA,
        );
    }

    private static function ratioOf(Resin $row): MixRatio
    {
        $volumes = [
            (float) $row->volume_resin, (float) $row->volume_hardener, $row->density_resin_g_cm3, $row->density_hardener_g_cm3,
        ];

        return match (true) {
            $row->ratio_kind !== 'volume' => MixRatio::byWeight((float) $row->hardener_phr),
            $row->isByCup() => MixRatio::inCup(...$volumes),
            default => MixRatio::byVolume(...$volumes),
        };
    }

    /**
     * @template T
     *
     * @param Closure(): T $make
     *
     * @return T
     */
    private static function read(ShelfItem $row, Closure $make): mixed
    {
        try {
            return $make();
        } catch (OakGlossFault|\ErrorException|\TypeError|\ValueError $e) {
            throw UnreadableSheet::of((string) $row->getAttribute('name'), $e);
        }
    }

    /**
     * Coats for which another hardener or a blend was decided.
     *
     * @param Closure(Resin): Core\Resin $resin
     *
     * @return array<string, Core\Resin> by step
     */
    public static function mixed(FactLog $log, int $shopId, Closure $resin): array
    {
        $mixed = [];
        foreach ($log->all(Decided::class) as $fact) {
            $decided = $fact->content;
            $row = (int) $decided->resinId === 0 ? null : Resin::query()->where('shop_id', $shopId)->find($decided->resinId);
            if ($row === null) {
                continue;
            }
            $fast = (int) $decided->fastId === 0 ? null : Resin::query()->where('shop_id', $shopId)->find($decided->fastId);
            $mixed[$fact->step] = $fast === null ? $resin($row) : Blend::of($resin($row), $resin($fast), (float) $decided->fastShare);
        }

        return $mixed;
    }

    /** @throws \OakGloss\Quantity\OakGlossFault If the sheet makes no sense. */
    public static function aid(ShelfItem $row): Core\Aid
    {
        return self::read($row, fn (): Core\Aid => self::aidOf($row));
    }

    private static function aidOf(ShelfItem $row): Core\Aid
    {
        $holds = (float) $row->getAttribute('holds_min');

        return new Core\Aid(
            (string) $row->getAttribute('name'),
            Core\AidKind::from((string) $row->getAttribute('what')),
            (int) $row->getAttribute('coats'),
            (float) $row->getAttribute('between_min'),
            (float) $row->getAttribute('ready_min'),
            $holds > 0.0 ? $holds : null,
        );
    }

    public static function clothIn(Part $part, Slot $slot): ?Core\ClothRoll
    {
        $row = $part->inSlot($slot)?->cloth;

        return $row === null ? null : self::cloth($row);
    }

    public static function cloth(Cloth $row): Core\ClothRoll
    {
        return self::read($row, fn (): Core\ClothRoll => self::clothOf($row));
    }

    private static function clothOf(Cloth $row): Core\ClothRoll
    {
        return new Core\ClothRoll($row->name, new Weave(
            $row->areal_g_m2,
            $row->fibre_fraction,
            $row->texture_ratio,
            Fibre::from($row->fibre),
        ), $row->width_mm);
    }

    public static function clear(Clear $row): Core\ClearCoat
    {
        return self::read($row, fn (): Core\ClearCoat => self::clearOf($row));
    }

    private static function clearOf(Clear $row): Core\ClearCoat
    {
        return new Core\ClearCoat(
            $row->name,
            new SprayedClear($row->wet_um, $row->volume_solids, $row->transfer, $row->viscosity_pa_s, $row->density_g_cm3, $row->set_min),
            Finish::from($row->sheen),
            $row->isocyanate,
            $row->flash_min,
            $row->ready_after_min,
            $row->final_um,
            $row->min_c,
            ClearKind::from($row->kind),
            $row->hardener_parts,
            $row->reducer_parts,
            $row->pot_life_min,
            $row->recoat_until_min,
            $row->reference_c,
            $row->can_ml,
            $row->sheet_gu,
            $row->sheet_gu_doubt,
            $row->needs_release_film,
            $row->polish_after_min,
        );
    }
}
