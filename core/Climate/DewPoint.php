<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * Dew point by Magnus: γ = ln(RH/100) + 17.62 T/(243.12 + T), Td = 243.12 γ/(17.62 − γ).
 * Good to 0.1 °C from −40 to 60 °C.
 */
final class DewPoint
{
    /** A part is coated only this much above the dew point, °C. */
    public const MARGIN_C = 3.0;

    /**
     * @param float $relativeHumidity in %, above 0 to 100
     *
     * @throws \OakGloss\Quantity\OutOfRange If the humidity is no share of 100.
     */
    public static function of(Temperature $air, float $relativeHumidity): Temperature
    {
        Bounds::within($relativeHumidity, 0.1, 100.0, 'relative humidity', '%');
        $t = $air->inCelsius();
        $gamma = log($relativeHumidity / 100.0) + 17.62 * $t / (243.12 + $t);

        return Temperature::fromCelsius(max(-40.0, 243.12 * $gamma / (17.62 - $gamma)));
    }
}
