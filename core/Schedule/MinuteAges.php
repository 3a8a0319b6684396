<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Quantity\Temperature;

/** Thermal age on one-minute panels, the part as warm as the air; for placing steps on a grid. */
final readonly class MinuteAges
{
    /** @param non-empty-list<float> $ages at each minute from $from on */
    private function __construct(private float $from, private array $ages)
    {
    }

    public static function over(AirCurve $air, Kinetics $kinetics, float $from, float $until): self
    {
        $energyOverR = $kinetics->activation->joulePerMol / Activation::GAS_CONSTANT;
        $inverseReference = 1.0 / $kinetics->reference->inKelvin();
        $minutes = $air->minutes;
        $celsius = $air->celsius;
        $last = count($minutes) - 1;
        $i = -1;
        $age = 0.0;
        $ages = [$age];
        $slope = 0.0;
        for ($minute = $from; $minute < $until; $minute += 1.0) {
            $middle = $minute + 0.5;
            while ($i < $last && $minutes[$i + 1] <= $middle) {
                $i++;
                $slope = $i < $last ? ($celsius[$i + 1] - $celsius[$i]) / ($minutes[$i + 1] - $minutes[$i]) : 0.0;
            }
            $c = $i < 0 ? $celsius[0] : $celsius[$i] + $slope * ($middle - $minutes[$i]);
            $age += exp(-$energyOverR * (1.0 / ($c + Temperature::ZERO_CELSIUS_IN_KELVIN) - $inverseReference));
            $ages[] = $age;
        }

        return new self($from, $ages);
    }

    /**
     * Ages at minutes of the span, each moved on by the same while; straight between whole minutes.
     *
     * @param list<float> $minutes
     *
     * @return list<float>
     */
    public function atEach(array $minutes, float $later): array
    {
        $found = [];
        $last = count($this->ages) - 1;
        foreach ($minutes as $minute) {
            $offset = $minute + $later - $this->from;
            $i = (int) $offset;
            $i = $i < 0 ? 0 : ($i > $last ? $last : $i);
            $found[] = $this->ages[$i] + ($offset - $i) * (($this->ages[$i + 1] ?? $this->ages[$i]) - $this->ages[$i]);
        }

        return $found;
    }
}
