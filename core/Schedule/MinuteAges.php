<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Quantity\Temperature;

/** Thermal age on one-minute panels, the part behind the air by its lag; for placing steps on a grid. Laid as far as asked for. */
final class MinuteAges
{
    /** @var non-empty-list<float> at each minute from $from on */
    private array $ages = [0.0];

    /** Index of the air point before the next panel's middle. */
    private int $point = -1;

    /** Slope of the air behind that point, °C/min. */
    private float $slope = 0.0;

    private readonly float $energyOverR;
    private readonly float $inverseReference;

    /** The part at the end of the last panel, °C. */
    private float $partC = 0.0;

    /** Share of its distance from the air that is left after a minute. */
    private readonly float $left;

    /**
     * @param float      $lagMin of the part, 0 where it is as warm as the air
     * @param float|null $stallC time colder than this does not count
     */
    public function __construct(
        private readonly AirCurve $air,
        Kinetics $kinetics,
        private readonly float $from,
        float $lagMin = 0.0,
        private readonly ?float $stallC = null,
    ) {
        $this->left = $lagMin > 0.0 ? exp(-1.0 / $lagMin) : 0.0;
        $this->partC = $lagMin > 0.0 ? (new PartTemperature($air, $lagMin))->at($from) : 0.0;
        $this->energyOverR = $kinetics->activation->joulePerMol / Activation::GAS_CONSTANT;
        $this->inverseReference = 1.0 / $kinetics->reference->inKelvin();
    }

    /**
     * Ages at minutes not before the start, each moved on by the same while; straight between whole minutes.
     *
     * @param list<float> $minutes rising
     *
     * @return list<float>
     */
    public function atEach(array $minutes, float $later): array
    {
        if ($minutes === []) {
            return [];
        }
        $this->layUntil($minutes[count($minutes) - 1] + $later);
        $ages = $this->ages;
        $shift = $later - $this->from;
        $found = [];
        foreach ($minutes as $minute) {
            $offset = $minute + $shift;
            $i = (int) $offset;
            $found[] = $ages[$i] + ($offset - $i) * ($ages[$i + 1] - $ages[$i]);
        }

        return $found;
    }

    /** Age at a minute; 0 before the start. */
    public function at(float $minute): float
    {
        return $this->atEach([max($minute, $this->from)], 0.0)[0];
    }

    /** The minute at which an age is reached; null if not until $limitMin. */
    public function when(float $age, float $limitMin): ?float
    {
        while ($this->ages[count($this->ages) - 1] < $age) {
            $laid = $this->from + count($this->ages) - 1;
            if ($laid >= $limitMin) {
                return null;
            }
            $this->layUntil(min($limitMin, $laid + 1440.0));
        }
        [$low, $high] = [0, count($this->ages) - 1];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->ages[$middle] < $age ? [$middle, $high] : [$low, $middle];
        }
        $rise = $this->ages[$high] - $this->ages[$low];

        return $this->from + $low + ($rise > 0.0 ? max(0.0, ($age - $this->ages[$low]) / $rise) : 0.0);
    }

    private function layUntil(float $minute): void
    {
        $needed = (int) ceil($minute - $this->from) + 2;
        $count = count($this->ages);
        if ($count >= $needed) {
            return;
        }
        ['minutes' => $minutes, 'celsius' => $celsius] = ['minutes' => $this->air->minutes, 'celsius' => $this->air->celsius];
        $last = count($minutes) - 1;
        [$i, $slope] = [$this->point, $this->slope];
        [$age, $part, $left, $stall] = [$this->ages[$count - 1], $this->partC, $this->left, $this->stallC ?? -INF];
        $half = sqrt($left);
        for ($k = $count; $k < $needed; $k++) {
            $middle = $this->from + $k - 0.5;
            while ($i < $last && $minutes[$i + 1] <= $middle) {
                $i++;
                $slope = $i < $last ? ($celsius[$i + 1] - $celsius[$i]) / ($minutes[$i + 1] - $minutes[$i]) : 0.0;
            }
            $c = $i < 0 ? $celsius[0] : $celsius[$i] + $slope * ($middle - $minutes[$i]);
            if ($left > 0.0) {
                // The air of the middle stands for the whole minute: a box's door makes it jump.
                [$c, $part] = [$c + ($part - $c) * $half, $c + ($part - $c) * $left];
            }
            $age += $c < $stall
                ? 0.0
                : exp(-$this->energyOverR * (1.0 / ($c + Temperature::ZERO_CELSIUS_IN_KELVIN) - $this->inverseReference));
            $this->ages[] = $age;
        }
        [$this->point, $this->slope, $this->partC] = [$i, $slope, $part];
    }
}
