<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Climate\PartTemperature;
use OakGloss\Quantity\Temperature;

/**
 * Thermal age A(t) = ∫ r(T) dt in minutes at the reference temperature, counted from a chosen minute.
 *
 * The part's temperature is exact on every piece of the air curve; the rate is integrated on it by four-point
 * Gauss panels, short while the part catches up with a bend of the air. Error below 0.001 % of the age.
 * Panels are laid as far as they are asked for and kept: one table serves every coat of a resin on a part.
 */
final class ThermalAge
{
    private const NODES = [-0.861136311594053, -0.339981043584856, 0.339981043584856, 0.861136311594053];
    private const WEIGHTS = [0.347854845137454, 0.652145154862546, 0.652145154862546, 0.347854845137454];
    private const LONGEST_PANEL_MIN = 60.0;

    /** Nearer to its steady lag than this the part needs no short panels any more, °C. */
    private const CAUGHT_UP_C = 1e-3;

    /** @var array{a: float, b: float, c: float, origin: float}|null the piece that the next panel lies on */
    private ?array $piece = null;

    private float $pieceUntil = -INF;

    /** @var list<float> panel ends, minutes */
    private array $ends;

    /** @var list<float> age at each panel end */
    private array $ages = [0.0];

    private readonly float $energyOverR;
    private readonly float $inverseReference;

    /**
     * @param float      $shiftC the part this much warmer than its air says
     * @param float|null $stallC time colder than this does not count
     */
    public function __construct(
        private readonly PartTemperature $part,
        Kinetics $kinetics,
        float $fromMin,
        private readonly float $shiftC = 0.0,
        private readonly ?float $stallC = null,
    ) {
        $this->ends = [$fromMin];
        $this->energyOverR = $kinetics->activation->joulePerMol / Activation::GAS_CONSTANT;
        $this->inverseReference = 1.0 / $kinetics->reference->inKelvin();
    }

    /** Age at a minute not before the start. */
    public function at(float $minute): float
    {
        while ($this->ends[count($this->ends) - 1] < $minute) {
            $this->layPanel();
        }
        $i = $this->lastAtOrBelow($this->ends, $minute);

        return $this->ages[$i] + ($minute > $this->ends[$i] ? $this->integral($this->ends[$i], $minute) : 0.0);
    }

    /** The minute at which the age since $fromMin reaches $age; null if not until $limitMin. */
    public function when(float $age, float $fromMin, float $limitMin): ?float
    {
        $target = $this->at($fromMin) + $age;
        while ($this->ages[count($this->ages) - 1] < $target) {
            if ($this->ends[count($this->ends) - 1] >= $limitMin) {
                return null;
            }
            $this->layPanel();
        }
        $i = $this->lastAtOrBelow($this->ages, $target);
        if ($this->ages[$i] >= $target) {
            // A stall lays level panels: the event came at the first of them.
            while ($i > 0 && $this->ages[$i - 1] >= $target) {
                $i--;
            }

            return $this->ends[$i] <= $limitMin ? $this->ends[$i] : null;
        }
        $low = $start = $this->ends[$i];
        $high = $this->ends[$i + 1];
        $minute = $low + ($high - $low) * ($target - $this->ages[$i]) / ($this->ages[$i + 1] - $this->ages[$i]);
        for ($try = 0; $try < 60; $try++) {
            $missing = $target - $this->ages[$i] - $this->integral($start, $minute);
            if (abs($missing) < 1e-9 * max(1.0, $age)) {
                break;
            }
            $missing > 0.0 ? $low = $minute : $high = $minute;
            $rate = $this->rate($this->part->at($minute) + $this->shiftC);
            $step = $rate > 0.0 ? $minute + $missing / $rate : INF;
            $minute = $step > $low && $step < $high ? $step : 0.5 * ($low + $high);
        }

        return $minute <= $limitMin ? $minute : null;
    }

    private function layPanel(): void
    {
        $last = count($this->ends) - 1;
        $from = $this->ends[$last];
        if ($this->piece === null || $from >= $this->pieceUntil) {
            $this->piece = $this->part->pieceFrom($from);
            $this->pieceUntil = $this->part->nextPointAfter($from);
        }
        $length = self::LONGEST_PANEL_MIN;
        $lag = $this->part->lagMin;
        if ($lag > 0.0 && abs($this->piece['c']) * exp(-($from - $this->piece['origin']) / $lag) > self::CAUGHT_UP_C) {
            $length = min($length, max($lag, 0.01));
        }
        $until = min($from + $length, $this->pieceUntil);
        $this->ends[] = $until;
        $this->ages[] = $this->ages[$last] + $this->integralOn($this->piece, $from, $until);
    }

    /** ∫ r dt within one piece of the air curve. */
    private function integral(float $from, float $until): float
    {
        return $this->integralOn($this->part->pieceFrom($from), $from, $until);
    }

    /** @param array{a: float, b: float, c: float, origin: float} $piece */
    private function integralOn(array $piece, float $from, float $until): float
    {
        if ($this->stallC === null) {
            return $this->gauss($piece, $from, $until);
        }
        $coldAtStart = $this->temperature($piece, $from) < $this->stallC;
        $coldAtEnd = $this->temperature($piece, $until) < $this->stallC;
        if ($coldAtStart && $coldAtEnd) {
            return 0.0;
        }
        if ($coldAtStart === $coldAtEnd) {
            return $this->gauss($piece, $from, $until);
        }
        $low = $from;
        $high = $until;
        for ($i = 0; $i < 50; $i++) {
            $mid = 0.5 * ($low + $high);
            ($this->temperature($piece, $mid) < $this->stallC) === $coldAtStart ? $low = $mid : $high = $mid;
        }

        return $coldAtStart ? $this->gauss($piece, $low, $until) : $this->gauss($piece, $from, $low);
    }

    /** @param array{a: float, b: float, c: float, origin: float} $piece */
    private function gauss(array $piece, float $from, float $until): float
    {
        ['a' => $a, 'b' => $b, 'c' => $c, 'origin' => $origin] = $piece;
        $half = 0.5 * ($until - $from);
        $middle = 0.5 * ($until + $from) - $origin;
        $kelvin = $a + $this->shiftC + Temperature::ZERO_CELSIUS_IN_KELVIN;
        $sum = 0.0;
        // The innermost loop of every forecast: no calls but exp.
        foreach (self::NODES as $i => $node) {
            $s = $middle + $half * $node;
            $t = $kelvin + $b * $s + ($c !== 0.0 ? $c * exp(-$s / $this->part->lagMin) : 0.0);
            $sum += self::WEIGHTS[$i] * exp(-$this->energyOverR * (1.0 / $t - $this->inverseReference));
        }

        return $half * $sum;
    }

    /** @param array{a: float, b: float, c: float, origin: float} $piece */
    private function temperature(array $piece, float $minute): float
    {
        $s = $minute - $piece['origin'];

        return $this->shiftC + $piece['a'] + $piece['b'] * $s + ($piece['c'] !== 0.0 ? $piece['c'] * exp(-$s / $this->part->lagMin) : 0.0);
    }

    private function rate(float $celsius): float
    {
        return exp(-$this->energyOverR * (1.0 / ($celsius + Temperature::ZERO_CELSIUS_IN_KELVIN) - $this->inverseReference));
    }

    /** @param list<float> $rising whose first value is at most $value */
    private function lastAtOrBelow(array $rising, float $value): int
    {
        $low = 0;
        $high = count($rising);
        while ($high - $low > 1) {
            $mid = intdiv($low + $high, 2);
            if ($rising[$mid] <= $value) {
                $low = $mid;
            } else {
                $high = $mid;
            }
        }

        return $low;
    }
}
