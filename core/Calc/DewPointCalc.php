<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Climate\DewPoint;
use OakGloss\Quantity\Temperature;

/** Model `dew-point`. */
final class DewPointCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $air = Temperature::fromCelsius($in->number('air_c', -40.0, 60.0));
        $humidity = $in->number('rh_percent', 0.1, 100.0);
        $in->close();

        return ['dew_point_c' => DewPoint::of($air, $humidity)->inCelsius()];
    }
}
