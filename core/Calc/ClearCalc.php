<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Material\SprayedClear;

/** Model `clear`. */
final class ClearCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $sheet = $in->object('clear');
        $clear = new SprayedClear(
            $sheet->number('wet_um', 1.0, 1000.0),
            $sheet->number('volume_solids', 0.01, 1.0),
            $sheet->number('transfer', 0.05, 1.0),
            $sheet->number('viscosity_pa_s', 0.001, 100.0),
            $sheet->number('density_g_cm3', 0.5, 3.0),
            $sheet->number('set_min', 0.01, 1440.0),
        );
        $sheet->close();
        $cut = $in->number('cut_um', 0.0, 1000.0);
        $coats = $clear->coatsFor($in->number('final_um', 0.0, 1000.0), $cut);
        $area = $in->number('area_m2', 0.0, 100.0);
        $slope = $in->number('slope_deg', 0.0, 90.0);
        $limit = $in->number('sag_limit_mm', 0.001, 100.0);
        $in->close();

        return [
            'dry_per_coat_um' => $clear->dryPerCoatUm(),
            'coats' => $coats,
            'dry_total_um' => $coats * $clear->dryPerCoatUm(),
            'left_after_cut_um' => $coats * $clear->dryPerCoatUm() - $cut,
            'litres_ready_to_spray' => $clear->litresFor($area, $coats),
            'max_wet_um' => $clear->greatestWetUm($slope, $limit),
        ];
    }
}
