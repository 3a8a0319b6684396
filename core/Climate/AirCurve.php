<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\Bounds;

/** Air temperature over time: straight between its points, constant beyond both ends. */
final readonly class AirCurve
{
    /**
     * @param non-empty-list<float> $minutes rising
     * @param non-empty-list<float> $celsius −40 to 120 °C, one a minute mark
     */
    private function __construct(public array $minutes, public array $celsius)
    {
    }

    /**
     * @param list<array{float, float}> $points [minute, °C], minutes strictly rising
     *
     * @throws \OakGloss\Quantity\OutOfRange If a point is not finite or out of range.
     * @throws AirOutOfOrder                 If there is no point or the minutes do not rise.
     */
    public static function through(array $points): self
    {
        $minutes = [];
        $celsius = [];
        foreach ($points as $i => [$minute, $c]) {
            Bounds::within($minute, -1e9, 1e9, 'time of an air point', 'min');
            if ($i > 0 && $minute <= $minutes[$i - 1]) {
                throw AirOutOfOrder::at($i, $minute);
            }
            $minutes[] = $minute;
            $celsius[] = Bounds::within($c, -40.0, 120.0, 'air temperature', '°C');
        }
        if ($minutes === []) {
            throw AirOutOfOrder::empty();
        }

        return new self($minutes, $celsius);
    }

    public static function constant(float $celsius): self
    {
        return self::through([[0.0, $celsius]]);
    }

    /** Air temperature in °C at a minute. */
    public function at(float $minute): float
    {
        $last = count($this->minutes) - 1;
        if ($minute <= $this->minutes[0]) {
            return $this->celsius[0];
        }
        if ($minute >= $this->minutes[$last]) {
            return $this->celsius[$last];
        }
        $i = $this->segmentAt($minute);
        $share = ($minute - $this->minutes[$i]) / ($this->minutes[$i + 1] - $this->minutes[$i]);

        return $this->celsius[$i] + $share * ($this->celsius[$i + 1] - $this->celsius[$i]);
    }

    /** How fast the air warms at a minute, in °C per hour; 0 beyond the ends. */
    public function risePerHour(float $minute): float
    {
        return $this->at($minute + 30.0) - $this->at($minute - 30.0);
    }

    /**
     * The coldest moment of an interval.
     *
     * @return array{minute: float, celsius: float}
     */
    public function coldestBetween(float $from, float $until): array
    {
        $best = ['minute' => $from, 'celsius' => $this->at($from)];
        foreach ([...array_filter($this->minutes, fn (float $m): bool => $m > $from && $m < $until), $until] as $minute) {
            if ($this->at($minute) < $best['celsius']) {
                $best = ['minute' => $minute, 'celsius' => $this->at($minute)];
            }
        }

        return $best;
    }

    /** Index of the point at or before a minute that lies between the first and the last point. */
    private function segmentAt(float $minute): int
    {
        $low = 0;
        $high = count($this->minutes) - 1;
        while ($high - $low > 1) {
            $mid = intdiv($low + $high, 2);
            if ($this->minutes[$mid] <= $minute) {
                $low = $mid;
            } else {
                $high = $mid;
            }
        }

        return $low;
    }
}
