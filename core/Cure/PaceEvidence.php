<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;

/** What checks say of ln factor so far: the log of its posterior on the grid −0.8, −0.798 … 0.8, check by check. */
final readonly class PaceEvidence
{
    private const GRID_HALF = 400;
    private const GRID_STEP = 0.002;

    /** @param non-empty-array<int, float> $logs by point of the grid */
    private function __construct(private array $logs, private float $checkSigma)
    {
    }

    /** @throws \OakGloss\Quantity\OutOfRange If a spread is not from 0.001 to 1. */
    public static function none(float $priorSigma = ShopPace::PRIOR_SIGMA, float $checkSigma = ShopPace::CHECK_SIGMA): self
    {
        Bounds::within($priorSigma, 0.001, 1.0, 'spread before any check', '');
        Bounds::within($checkSigma, 0.001, 1.0, 'scatter of one coat', '');
        $logs = [];
        for ($i = -self::GRID_HALF; $i <= self::GRID_HALF; $i++) {
            $logs[$i] = -0.5 * (self::GRID_STEP * $i / $priorSigma) ** 2;
        }

        return new self($logs, $checkSigma);
    }

    /**
     * As it was kept.
     *
     * @param list<float> $logs by point of the grid, from the least
     *
     * @throws \InvalidArgumentException If these are not the points of the grid.
     */
    public static function kept(array $logs, float $checkSigma = ShopPace::CHECK_SIGMA): self
    {
        if (count($logs) !== 2 * self::GRID_HALF + 1) {
            throw new \InvalidArgumentException('this evidence is of another grid');
        }

        return new self(array_combine(range(-self::GRID_HALF, self::GRID_HALF), $logs), $checkSigma);
    }

    /** @return list<float> as it may be kept: by point of the grid, from the least, the highest being 0 */
    public function toKeep(): array
    {
        $highest = max($this->logs);

        return array_values(array_map(fn (float $log): float => $log - $highest, $this->logs));
    }

    public function with(PaceCheck $check): self
    {
        $logs = [];
        foreach ($this->logs as $i => $log) {
            $logs[$i] = $log + log($check->likelihood(self::GRID_STEP * $i, $this->checkSigma));
        }

        return new self($logs, $this->checkSigma);
    }

    public function pace(): ShopPace
    {
        // Against the highest, so that many checks do not underflow.
        $highest = max($this->logs);
        $weight = $first = $second = 0.0;
        foreach ($this->logs as $i => $log) {
            $w = exp($log - $highest);
            $weight += $w;
            $first += $w * self::GRID_STEP * $i;
            $second += $w * (self::GRID_STEP * $i) ** 2;
        }
        $mean = $first / $weight;

        return ShopPace::of($mean, sqrt(max(0.0, $second / $weight - $mean ** 2)), $this->checkSigma);
    }
}
