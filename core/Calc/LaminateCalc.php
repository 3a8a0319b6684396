<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\SlabHeat;
use OakGloss\Quantity\Temperature;

/** Model `laminate`: how hot plies get that are laid at once, and in how many lifts they go. */
final class LaminateCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $cup = CommonFields::cup($in->object('resin'));
        $plies = $in->whole('plies', 1, 200);
        $slab = new SlabHeat(
            $cup,
            $in->number('ply_g_m2', 10.0, 3000.0),
            $in->number('resin_per_fibre', 0.1, 5.0),
            $in->numberOr('fibre_cp_j_gk', SlabHeat::FIBRE_CAPACITY_J_GK, 0.1, 5.0),
            $in->numberOr('loss_air_w_m2k', SlabHeat::AIR_LOSS_W_M2K, 0.0, 500.0),
            $in->numberOr('loss_mould_w_m2k', SlabHeat::MOULD_LOSS_W_M2K, 0.0, 500.0),
        );
        $air = Temperature::fromCelsius($in->number('air_c', -40.0, 120.0));
        $limit = $in->number('limit_c', -40.0, 400.0);
        $in->close();
        $peak = $slab->of($plies, $air);

        return [
            'peak_c' => $peak['peakC'],
            'peak_at_min' => $peak['peakAtMin'],
            'lift_plies' => $slab->liftPlies($air, $limit),
            'lifts' => $slab->lifts($plies, $air, $limit),
        ];
    }
}
