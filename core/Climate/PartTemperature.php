<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\Bounds;

/**
 * A part's temperature behind the air's: dTp/dt = (Ta − Tp)/lag, in equilibrium at the first air point.
 * On a segment with Ta = a + b·s the exact solution is Tp = a + b(s − lag) + (Tp0 − a + b·lag)·e^(−s/lag).
 */
final readonly class PartTemperature
{
    /** @var non-empty-list<float> part temperature at each air point, °C */
    private array $atPoint;

    /**
     * @param float $lagMin 0 (follows at once) to 1 440 minutes
     *
     * @throws \OakGloss\Quantity\OutOfRange If the lag is out of range.
     */
    public function __construct(public AirCurve $air, public float $lagMin)
    {
        Bounds::within($lagMin, 0.0, 1440.0, 'lag of the part', 'min');
        $at = [$air->celsius[0]];
        for ($i = 1, $n = count($air->minutes); $i < $n; $i++) {
            $at[] = $this->onSegment($i - 1, $at[$i - 1], $air->minutes[$i] - $air->minutes[$i - 1]);
        }
        $this->atPoint = $at;
    }

    /** Part temperature in °C. */
    public function at(float $minute): float
    {
        $i = $this->pointBefore($minute);

        return $i < 0 ? $this->air->celsius[0] : $this->onSegment($i, $this->atPoint[$i], $minute - $this->air->minutes[$i]);
    }

    /**
     * The part temperature as a function of time, valid from one minute mark up to the next air point.
     *
     * @return array{a: float, b: float, c: float, origin: float} Tp = a + b·s + c·e^(−s/lag), s minutes since origin
     */
    public function pieceFrom(float $minute): array
    {
        $i = $this->pointBefore($minute);
        if ($i < 0) {
            return ['a' => $this->air->celsius[0], 'b' => 0.0, 'c' => 0.0, 'origin' => $minute];
        }
        $b = $this->slope($i);
        $a = $this->air->celsius[$i] - $b * $this->lagMin;

        return ['a' => $a, 'b' => $b, 'c' => $this->lagMin > 0.0 ? $this->atPoint[$i] - $a : 0.0, 'origin' => $this->air->minutes[$i]];
    }

    /** The next air point after a minute, INF past the last. */
    public function nextPointAfter(float $minute): float
    {
        return $this->air->minutes[$this->pointBefore($minute) + 1] ?? INF;
    }

    private function onSegment(int $i, float $start, float $s): float
    {
        $b = $this->slope($i);
        $a = $this->air->celsius[$i] - $b * $this->lagMin;

        return $this->lagMin > 0.0 ? $a + $b * $s + ($start - $a) * exp(-$s / $this->lagMin) : $a + $b * $s;
    }

    private function slope(int $i): float
    {
        $minutes = $this->air->minutes;

        return isset($minutes[$i + 1])
            ? ($this->air->celsius[$i + 1] - $this->air->celsius[$i]) / ($minutes[$i + 1] - $minutes[$i])
            : 0.0;
    }

    /** Index of the last air point at or before a minute; −1 before the first. */
    private function pointBefore(float $minute): int
    {
        $minutes = $this->air->minutes;
        $low = -1;
        $high = count($minutes);
        while ($high - $low > 1) {
            $mid = intdiv($low + $high, 2);
            if ($minutes[$mid] <= $minute) {
                $low = $mid;
            } else {
                $high = $mid;
            }
        }

        return $low;
    }
}
