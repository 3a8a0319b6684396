<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Quantity\Temperature;

/** Model `film`. */
final class FilmCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $resin = CommonFields::rheology($in->object('resin'));
        $weave = self::weave($in->object('cloth'));
        $air = Temperature::fromCelsius($in->number('air_c', -40.0, 80.0));
        $wetOut = new Coat($in->number('wetout_g_m2', 0.0, 3000.0), $air);
        $allowance = $in->number('cut_allowance_um', 0.0, 2000.0);
        $faces = [];
        foreach ($in->objects('zones', 1, 200) as $zone) {
            $faces[] = new Face(
                $zone->number('slope_deg', 0.0, 90.0),
                $zone->number('length_m', 0.001, 20.0),
                $zone->numberOr('edge_radius_mm', null, 0.0, 1000.0),
                $zone->text('name'),
                self::neighbours($zone, 'above'),
                self::neighbours($zone, 'below'),
                $zone->numberOr('eased_um', null, 0.0, 200.0),
            );
            $zone->close();
        }
        $layers = [];
        foreach ($in->has('layers') ? $in->objects('layers', 0, 100) : [] as $layer) {
            $layers[] = self::layer($layer, $air);
        }
        $coat = $in->has('coat') ? self::coat($in->object('coat'), $air) : null;
        $target = $in->numberOr('target_burn_through', 0.001, 0.0, 1.0);
        $in->close();

        $zones = [];
        foreach ($faces as $face) {
            $skin = SkinSection::wetOut($weave, $face, $resin, $wetOut);
            $zones[] = self::zone($face->name, $skin, $layers, $allowance)
                + ($coat === null ? [] : ['coats_needed' => $skin->coatsNeeded($coat, $allowance, $target)]);
        }

        return [
            'cloth_thickness_um' => $weave->thicknessUm(),
            'texture_start_um' => $weave->textureUm(),
            'saturation_g_m2' => $weave->saturationGM2($resin->densityGCm3),
            'viscosity_pa_s' => $resin->viscosityAt($air),
            'gel_min' => $resin->gelAt($air),
            'effective_min' => $resin->effectiveFlowAt($air),
            'zones' => $zones,
        ];
    }

    /**
     * @param list<Coat|Flatting> $layers
     *
     * @return array<string, mixed>
     */
    private static function zone(string $name, SkinSection $skin, array $layers, float $allowance): array
    {
        $states = [];
        foreach ($layers as $layer) {
            $skin = $layer instanceof Coat ? $skin->afterCoat($layer) : $skin->afterFlatting($layer);
            $after = $skin->afterFlattingBy($allowance);
            $cover = $layer instanceof Flatting ? ['layer' => 'flat'] : [
                'layer' => 'coat',
                'retained_um' => $skin->lastRetainedUm,
                'drained_g_m2' => $skin->lastDrainedGM2,
                'crown_cover_um' => $skin->crownCover()->inMicrometres(),
                'texture_um' => $skin->textureUm,
                'flush_cover_um' => $skin->flushCover()->inMicrometres(),
            ];
            $states[] = $cover + [
                'after_flatting_um' => $after->inMicrometres(),
                'doubt_um' => $skin->doubtUm(),
                'burn_through' => $skin->burnThrough($after),
            ];
        }

        return ['name' => $name, 'dry_wetout' => $skin->dryWetOut, 'layers' => $states];
    }

    /** @return list<Face> */
    private static function neighbours(Fields $zone, string $side): array
    {
        $faces = [];
        foreach ($zone->objectsOr($side, 20) as $face) {
            $faces[] = CommonFields::face($face);
        }

        return $faces;
    }

    private static function weave(Fields $cloth): Weave
    {
        $weave = new Weave(
            $cloth->number('areal_g_m2', 20.0, 2000.0),
            $cloth->numberOr('fibre_fraction', 0.5, 0.2, 0.75),
            $cloth->numberOr('texture_ratio', 0.5, 0.0, 1.0),
        );
        $cloth->close();

        return $weave;
    }

    private static function layer(Fields $layer, Temperature $air): Coat|Flatting
    {
        if (! $layer->has('flat')) {
            return self::coat($layer, $air);
        }
        $flat = $layer->object('flat');
        $flatting = new Flatting($flat->number('later_cuts_um', 0.0, 2000.0), $flat->number('left_scratch_um', 0.0, 2000.0));
        $flat->close();
        $layer->close();

        return $flatting;
    }

    private static function coat(Fields $coat, Temperature $air): Coat
    {
        $made = new Coat(
            $coat->number('g_m2', 0.0, 3000.0),
            $air,
            $coat->numberOr('fill_at_90', Coat::BRUSHED, 0.0, 0.99),
            $coat->textsOr('only', 200),
            CommonFields::turns($coat),
        );
        $coat->close();

        return $made;
    }
}
