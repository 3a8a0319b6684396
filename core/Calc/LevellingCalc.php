<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Film\Levelling;

/** Model `levelling`. */
final class LevellingCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $film = $in->number('film_um', 0.0, 10000.0);
        $viscosity = $in->number('viscosity_pa_s', 0.001, 1000.0);
        $effective = $in->number('effective_min', 0.0, 1e5);
        $ripple = $in->number('ripple_um', 0.0, 10000.0);
        $wavelength = $in->number('wavelength_mm', 0.01, 1000.0);
        $density = $in->number('density_g_cm3', 0.5, 3.0);
        $slope = $in->number('slope_deg', 0.0, 90.0);
        $in->close();

        return [
            'ripple_left_um' => Levelling::rippleLeftUm($ripple, $wavelength, $film, $viscosity, $effective),
            'sag_mm' => Levelling::sagMm($film, $slope, $density, $viscosity, $effective),
        ];
    }
}
