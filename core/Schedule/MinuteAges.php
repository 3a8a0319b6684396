<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Quantity\Temperature;

/** Thermal age on one-minute panels, the part as warm as the air; for placing steps on a grid. Laid as far as asked for. */
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

    public function __construct(private readonly AirCurve $air, Kinetics $kinetics, private readonly float $from)
    {
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
        $age = $this->ages[$count - 1];
        for ($k = $count; $k < $needed; $k++) {
            $middle = $this->from + $k - 0.5;
            while ($i < $last && $minutes[$i + 1] <= $middle) {
                $i++;
                $slope = $i < $last ? ($celsius[$i + 1] - $celsius[$i]) / ($minutes[$i + 1] - $minutes[$i]) : 0.0;
            }
            $c = $i < 0 ? $celsius[0] : $celsius[$i] + $slope * ($middle - $minutes[$i]);
            $age += exp(-$this->energyOverR * (1.0 / ($c + Temperature::ZERO_CELSIUS_IN_KELVIN) - $this->inverseReference));
            $this->ages[] = $age;
        }
        [$this->point, $this->slope] = [$i, $slope];
    }
}
