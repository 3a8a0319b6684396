<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\CupHeat;
use OakGloss\Quantity\Temperature;

/** Model `cup`. */
final class CupCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $cup = CommonFields::cup($in->object('resin'));
        $mass = $in->number('mass_g', 0.1, 20000.0);
        $air = $in->number('air_c', -40.0, 120.0);
        $start = $in->numberOr('start_c', $air, -40.0, 120.0);
        $diameter = $in->numberOr('cup_diameter_mm', CupHeat::SHEET_CUP_MM, 10.0, 2000.0);
        $in->close();
        $batch = $cup->batch($mass, Temperature::fromCelsius($air), $diameter, Temperature::fromCelsius($start));

        return [
            'pot_life_min' => $batch->potLifeMin,
            'peak_c' => $batch->peakC,
            'peak_at_min' => $batch->peakAtMin,
            'peak_insulated_c' => $batch->peakInsulatedC,
        ];
    }
}
