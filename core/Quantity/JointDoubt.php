<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/**
 * Several unknown numbers that hang together: their means and covariance, normally distributed. Each act gives a new
 * value. Readings are taken in by the linear rule of Kalman 1960, a reading "above or below" by the moments of the
 * cut normal (a probit likelihood, matched to second order).
 */
final readonly class JointDoubt
{
    /**
     * @param array<int, float>             $means
     * @param array<int, array<int, float>> $covariance symmetric
     */
    private function __construct(private array $means, private array $covariance)
    {
    }

    /** All of them known to be zero. */
    public static function certain(int $count): self
    {
        return new self(array_fill(0, $count, 0.0), array_fill(0, $count, array_fill(0, $count, 0.0)));
    }

    public function mean(int $i): float
    {
        return $this->means[$i];
    }

    /** Standard deviation. */
    public function deviation(int $i): float
    {
        return sqrt(max(0.0, $this->covariance[$i][$i]));
    }

    public function covariance(int $i, int $j): float
    {
        return $this->covariance[$i][$j];
    }

    /**
     * Each grows by a share of another: x[target] += share · x[source].
     *
     * @param list<array{int, int, float}> $shares target, source, share; no target is a source
     */
    public function grown(array $shares): self
    {
        [$means, $p] = [$this->means, $this->covariance];
        $n = count($means);
        foreach ($shares as [$target, $source, $share]) {
            $means[$target] += $share * $means[$source];
            for ($k = 0; $k < $n; $k++) {
                $p[$target][$k] += $share * $p[$source][$k];
            }
            for ($k = 0; $k < $n; $k++) {
                $p[$k][$target] += $share * $p[$k][$source];
            }
        }

        return new self($means, $p);
    }

    /**
     * What chance of its own adds, a covariance.
     *
     * @param array<int, array<int, float>> $noise
     * @param int                           $from  the first of them that it is added to
     */
    public function shaken(array $noise, int $from = 0): self
    {
        $p = $this->covariance;
        foreach ($noise as $i => $row) {
            foreach ($row as $j => $value) {
                $p[$from + $i][$from + $j] += $value;
            }
        }

        return new self($this->means, $p);
    }

    /**
     * Some take the place of others, with all that they hang together with.
     *
     * @param array<int, int> $places target => source
     */
    public function copied(array $places): self
    {
        $from = array_keys($this->means);
        foreach ($places as $target => $source) {
            $from[$target] = $source;
        }

        return new self(
            array_map(fn (int $i): float => $this->means[$i], $from),
            array_map(fn (int $i): array => array_map(fn (int $j): float => $this->covariance[$i][$j], $from), $from),
        );
    }

    /**
     * A weighted sum of them was read.
     *
     * @param array<int, float> $weights
     * @param float             $deviation of the reading, above 0
     */
    public function read(array $weights, float $value, float $deviation): self
    {
        [$gains, $variance, $expected] = $this->onto($weights);
        $total = $variance + $deviation ** 2;

        return $this->moved($gains, ($value - $expected) / $total, 1.0 / $total);
    }

    /**
     * A weighted sum of them was seen to lie above a bound, or below it; how sharply it shows is the deviation.
     *
     * @param array<int, float> $weights
     */
    public function seen(array $weights, float $bound, float $deviation, bool $above): self
    {
        [$gains, $variance, $expected] = $this->onto($weights);
        $spread = sqrt($variance + $deviation ** 2);
        $sign = $above ? 1.0 : -1.0;
        $t = $sign * ($expected - $bound) / $spread;
        // Ratio of density to distribution; far out by its series.
        $ratio = $t < -30.0 ? -$t - 1.0 / $t + 2.0 / $t ** 3 : exp(-0.5 * $t * $t) / sqrt(2.0 * M_PI) / Normal::below($t);

        return $this->moved($gains, $sign * $ratio / $spread, $ratio * ($ratio + $t) / $spread ** 2);
    }

    /**
     * @param array<int, float> $weights
     *
     * @return array{array<int, float>, float, float} covariance with the sum, its variance, its mean
     */
    private function onto(array $weights): array
    {
        $gains = [];
        foreach ($this->covariance as $row) {
            $sum = 0.0;
            foreach ($weights as $j => $weight) {
                $sum += $row[$j] * $weight;
            }
            $gains[] = $sum;
        }
        [$variance, $mean] = [0.0, 0.0];
        foreach ($weights as $j => $weight) {
            $variance += $weight * $gains[$j];
            $mean += $weight * $this->means[$j];
        }

        return [$gains, $variance, $mean];
    }

    /** @param array<int, float> $gains */
    private function moved(array $gains, float $byMean, float $byVariance): self
    {
        $means = $this->means;
        $p = $this->covariance;
        foreach ($gains as $i => $gain) {
            $means[$i] += $gain * $byMean;
            foreach ($gains as $j => $other) {
                $p[$i][$j] -= $gain * $other * $byVariance;
            }
        }

        return new self($means, $p);
    }
}
