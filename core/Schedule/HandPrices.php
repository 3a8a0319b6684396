<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * What a pair of hands costs at each point of the grid, in minutes of delay: parts that would fight over the same
 * hour are made to tell how much it is worth to them.
 */
final readonly class HandPrices
{
    /** @var non-empty-list<float> sum of the prices of all points before one */
    private array $sums;

    /**
     * @param list<float> $prices  at each point of the grid, 0 or more
     * @param bool        $isRough whatever is found near is good enough: nothing is proven by it
     */
    public function __construct(public array $prices, private float $fromMin, private float $gridMin, public bool $isRough = false)
    {
        $sum = 0.0;
        $sums = [$sum];
        foreach ($prices as $price) {
            $sums[] = $sum += $price;
        }
        $this->sums = $sums;
    }

    /** Price of one pair of hands over a span. */
    public function of(float $start, float $hands): float
    {
        $last = count($this->sums) - 1;
        $from = min($last, max(0, (int) ceil(($start - $this->fromMin) / $this->gridMin - 1e-9)));
        $until = min($last, max($from, (int) ceil(($start + $hands - $this->fromMin) / $this->gridMin - 1e-9)));

        return $this->sums[$until] - $this->sums[$from];
    }

    public function total(): float
    {
        return $this->sums[count($this->sums) - 1];
    }
}
