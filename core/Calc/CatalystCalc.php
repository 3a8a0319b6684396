<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Mixing\Catalyst;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;

/** Model `catalyst`: of a polyester, by temperature, in whole drops. */
final class CatalystCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $rows = [];
        foreach ($in->objects('sheet', 1, 100) as $row) {
            $rows[] = [$row->number('c', -20.0, 80.0), $row->number('percent', 0.1, 10.0)];
            $row->close();
        }
        $air = $in->number('air_c', -40.0, 80.0);
        $resin = $in->number('resin_g', 0.1, 100000.0);
        $density = $in->number('density_g_cm3', 0.5, 2.0);
        $perMl = $in->number('drops_per_ml', 5.0, 100.0);
        $in->close();
        try {
            $catalyst = new Catalyst($rows, $density, $perMl);
        } catch (OutOfRange $e) {
            throw $in->bad('sheet', $e->getMessage());
        }
        $percent = $catalyst->percentAt(Temperature::fromCelsius($air));
        if ($percent === null) {
            return ['possible' => false, 'because' => $air < $catalyst->coldestC() ? 'too_cold' : 'too_hot'];
        }
        $drops = $catalyst->dropsFor($resin, $percent);

        return [
            'possible' => true,
            'percent' => $percent,
            'catalyst_g' => $resin * $percent / 100.0,
            'drops' => $drops,
            'real_percent' => 100.0 * $drops * $catalyst->dropG() / $resin,
            'within_sheet' => $catalyst->isWithin($drops, $resin),
            'by' => $drops <= Catalyst::MOST_DROPS ? 'drops' : 'weight',
        ];
    }
}
