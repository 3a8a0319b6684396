<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\CupHeat;
use OakGloss\Mixing\Cups;
use OakGloss\Quantity\Temperature;

/** Model `batches`: how many cups. */
final class BatchesCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $heat = CommonFields::cup($in->object('resin'));
        $cups = Cups::fewest(
            $heat,
            $in->number('total_g', 0.1, 20000.0),
            $in->number('g_m2', 1.0, 3000.0),
            $in->number('spread_m2_min', 1e-4, 10.0),
            (int) $in->numberOr('hands', 1.0, 1.0, 10.0),
            $in->numberOr('mix_min', Cups::MIX_MIN, 0.0, 120.0),
            Temperature::fromCelsius($in->number('air_c', -40.0, 120.0)),
            $in->number('cup_limit_g', 1.0, 20000.0),
            $in->numberOr('cup_diameter_mm', CupHeat::SHEET_CUP_MM, 10.0, 2000.0),
        );
        $in->close();

        return $cups === null ? ['possible' => false] : [
            'possible' => true,
            'cups' => $cups->cups,
            'cup_g' => $cups->cupG,
            'spread_min' => $cups->spreadMin,
            'pot_life_min' => $cups->heat->potLifeMin,
            'peak_c' => $cups->heat->peakC,
            'peak_insulated_c' => $cups->heat->peakInsulatedC,
        ];
    }
}
