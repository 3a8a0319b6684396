<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Material\Bond;
use OakGloss\Material\Chemistry;
use OakGloss\Method\Choice\HoldingWay;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Finding;
use OakGloss\Method\Holding;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Severity;

/** Each layer against the one under it, by the table of what holds on what. */
final class LayerNotices
{
    /**
     * @param bool $cameMoulded nobody here saw its resin cure
     *
     * @return list<Finding>
     */
    public static function of(PartBrief $brief, Materials $materials, bool $cameMoulded = false): array
    {
        $findings = [];
        $layers = self::layers($brief, $materials);
        foreach ($layers as $i => [$name, $chemistry]) {
            if ($i === 0) {
                continue;
            }
            $bond = $chemistry->over($layers[$i - 1][1]);
            // Through the cloth nobody washes and keys: the way of working refuses that itself.
            $isThroughCloth = $bond === Bond::FullCureWashKey && $name === $materials->skinResin->name
                && $brief->choices->of(HoldingWay::class) !== Holding::Adhesive;
            if ($bond === Bond::Attacks || ($bond === Bond::FullCureWashKey && ! $isThroughCloth)) {
                $findings[] = new Finding(
                    $bond === Bond::Attacks ? Severity::Refuse : Severity::Note,
                    $cameMoulded && $bond === Bond::FullCureWashKey ? 'layer.moulded_young' : "layer.{$bond->value}",
                    ['layer' => $name, 'under' => $layers[$i - 1][0]],
                    $bond === Bond::Attacks ? $layers[$i][2] : null,
                );
            }
        }
        $lowest = $materials->baseResin ?? $materials->skinResin;
        if ($lowest->chemistry === Chemistry::Polyester && ! $brief->substrate->bearsStyrene()) {
            $findings[] = new Finding(
                Severity::Refuse,
                'layer.styrene',
                ['layer' => $lowest->name, 'substrate' => $brief->substrate->value],
                $materials->baseResin === null ? 'skin_resin_id' : 'base_resin_id',
            );
        }

        return $findings;
    }

    /** On adhesive a base goes on only where it tints or closes wood. */
    private static function isBaseLaid(PartBrief $brief): bool
    {
        return $brief->choices->of(HoldingWay::class) !== Holding::Adhesive || $brief->backing->pigmentShare() > 0.0
            || ($brief->substrate->isPorous() && ! $brief->primed);
    }

    /**
     * From the part up: name, chemistry, field of the brief.
     *
     * @return list<array{string, Chemistry, string}>
     */
    private static function layers(PartBrief $brief, Materials $materials): array
    {
        $layers = [
            ...($materials->baseResin === null || ! self::isBaseLaid($brief) ? [] : [
                [$materials->baseResin->name, $materials->baseResin->chemistry, 'base_resin_id'],
            ]),
            [$materials->skinResin->name, $materials->skinResin->chemistry, 'skin_resin_id'],
        ];
        foreach ($brief->choices->of(TopKind::class)->isSprayed() ? [
            [$materials->filler, 'filler_id'],
            [$materials->clear, 'clear_id'],
        ] : [] as [$clear, $field]) {
            $layers = $clear === null ? $layers : [...$layers, [$clear->name, $clear->chemistry(), $field]];
        }

        return $layers;
    }
}
