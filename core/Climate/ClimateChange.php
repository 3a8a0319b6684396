<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\Bounds;

/**
 * Another air for a part over a while: up (or down) to a temperature at the ramp of what makes it, held, and back at
 * the same ramp once it ends. The part itself lags behind this air as behind any other.
 */
final readonly class ClimateChange
{
    /**
     * @param float $fromMin  begins
     * @param float $untilMin ends, later
     *
     * @throws \OakGloss\Quantity\OutOfRange If it ends before it begins, lasts over 30 days or is out of −10 to 80 °C.
     */
    public function __construct(public ClimateKind $kind, public float $fromMin, public float $untilMin, public float $celsius)
    {
        Bounds::within($untilMin - $fromMin, 1.0, 43200.0, 'length of the change', 'min');
        Bounds::within($celsius, -10.0, 80.0, 'temperature of the change', '°C');
    }

    public function appliedTo(AirCurve $air): AirCurve
    {
        $ramp = $this->kind->rampPerHour() / 60.0;
        $before = $air->at($this->fromMin);
        $reached = min($this->untilMin, $this->fromMin + max(1.0, abs($this->celsius - $before) / $ramp));
        $top = $before + ($this->celsius - $before) * min(
            1.0,
            ($reached - $this->fromMin) * $ramp / max(1e-9, abs($this->celsius - $before)),
        );
        $back = $this->untilMin + max(1.0, abs($top - $air->at($this->untilMin)) / $ramp);
        $points = [];
        foreach ($air->minutes as $i => $minute) {
            if ($minute < $this->fromMin || $minute > $back) {
                $points[] = [$minute, $air->celsius[$i]];
            }
        }
        $points[] = [$this->fromMin, $before];
        $points[] = [$reached, $top];
        if ($this->untilMin > $reached) {
            $points[] = [$this->untilMin, $top];
        }
        $points[] = [$back, $air->at($back)];
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return AirCurve::through($points);
    }
}
