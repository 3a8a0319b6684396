<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Quantity\Temperature;

/** Fields that several models share. */
final class CommonFields
{
    /** Air points `[{min, c}]`, minutes rising. */
    public static function air(Fields $in, string $name = 'air'): AirCurve
    {
        $points = [];
        foreach ($in->objects($name, 1, 20000) as $i => $point) {
            $minute = $point->number('min', -1e7, 1e8);
            if ($i > 0 && $minute <= $points[$i - 1][0]) {
                throw $point->bad('min', 'must be later than the point before it');
            }
            $points[] = [$minute, $point->number('c', -40.0, 80.0)];
            $point->close();
        }

        return AirCurve::through($points);
    }

    public static function reference(Fields $resin): Temperature
    {
        return Temperature::fromCelsius($resin->number('reference_c', -20.0, 150.0));
    }

    /** `activation_j_mol`, else fitted through `sheet[{c, minutes}]`, else the planning value. */
    public static function activation(Fields $resin): Activation
    {
        $given = $resin->numberOr('activation_j_mol', null, 1000.0, 300000.0);
        $rows = [];
        if ($resin->has('sheet')) {
            foreach ($resin->objects('sheet', 0, 100) as $row) {
                $rows[] = [$row->number('c', -20.0, 150.0), $row->number('minutes', 0.01, 1e6)];
                $row->close();
            }
        }
        if ($given !== null) {
            return Activation::given($given);
        }
        try {
            return Activation::throughSheet($rows);
        } catch (\OakGloss\Quantity\OutOfRange $e) {
            throw $resin->bad('sheet', $e->getMessage());
        }
    }
}
