<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\Activation;
use OakGloss\Cure\CupHeat;
use OakGloss\Quantity\Temperature;

/** Model `cup`. */
final class CupCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $resin = $in->object('resin');
        $density = $resin->number('density_g_cm3', 0.5, 3.0);
        $activation = $resin->numberOr('activation_j_mol', null, 1000.0, 300000.0);
        $pot = $resin->object('pot');
        $sheet = [$pot->number('mass_g', 1.0, 10000.0), Temperature::fromCelsius($pot->number('c', -40.0, 120.0)), $pot->number('minutes', 0.5, 10000.0)];
        $pot->close();
        $resin->close();
        $mass = $in->number('mass_g', 0.1, 20000.0);
        $air = Temperature::fromCelsius($in->number('air_c', -40.0, 120.0));
        $diameter = $in->numberOr('cup_diameter_mm', CupHeat::SHEET_CUP_MM, 10.0, 2000.0);
        $in->close();

        $cup = CupHeat::fitted($activation === null ? Activation::assumed() : Activation::given($activation), $density, ...$sheet)->batch($mass, $air, (float) $diameter);

        return ['pot_life_min' => $cup['gelMin'], 'peak_c' => $cup['peakC'], 'peak_at_min' => $cup['peakAtMin']];
    }
}
