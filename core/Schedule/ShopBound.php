<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * How little a plan of the shop can cost at least (Lagrange): what each part costs least in a plan of its own under
 * prices, less what the hands there are would fetch. Prices rise where hands are short, in shrinking steps.
 */
final class ShopBound
{
    /** Each step is this share of the one before; shorter where rounds are few. */
    private const SHRINKS = 0.97;
    private const LAST_STEP = 0.16;

    private float $bound;

    /** @param float $costMin of a plan that is known */
    public function __construct(private readonly Placing $placing, private readonly float $costMin)
    {
        $this->bound = $placing->bound();
    }

    /** The bound after so many rounds. */
    public function after(int $rounds): float
    {
        $this->prices($rounds);

        return $this->bound;
    }

    /**
     * The prices of the hours that prove it.
     *
     * @return list<float> minutes, at each point of the grid
     */
    public function prices(int $rounds): array
    {
        $hands = $this->placing->hands->handsAt();
        $best = $prices = array_fill(0, count($hands), 0.0);
        $step = 1.0;
        $shrink = min(self::SHRINKS, self::LAST_STEP ** (1.0 / max(1, $rounds)));
        for ($round = 0; $round < $rounds; $round++) {
            $was = $this->bound;
            $next = $this->repriced($prices, $hands, $step);
            [$best, $prices] = [$this->bound > $was ? $prices : $best, $next];
            $step *= $shrink;
        }

        return $best;
    }

    /**
     * One round: every part alone under the prices, the bound that this proves, and the next prices.
     *
     * @param array<int, float> $prices
     * @param list<int>         $hands
     *
     * @return list<float>
     */
    private function repriced(array $prices, array $hands, float $step): array
    {
        $empty = $this->placing->diaries->clear();
        $bound = 0.0;
        $relaxed = [];
        foreach ($this->placing->chains as $i => $chain) {
            $weighed = new HandPrices(
                array_map(fn (float $p): float => $p / $chain->weight, array_values($prices)),
                $this->placing->fromMin,
                $this->placing->gridMin,
            );
            $relaxed[$i] = $placed = $this->placing->place($i, $empty, $weighed);
            $bound += $this->placing->costs->of($i, $placed);
            foreach ($placed ?? [] as $p) {
                $bound += $chain->weight * $p->step->people * $weighed->of($p->startMin, $p->endMin - $p->startMin);
            }
        }
        $wanted = $this->placing->hands->wanted($relaxed);
        $square = 0.0;
        foreach ($prices as $k => $price) {
            $bound -= $price * $hands[$k];
            $square += ($wanted[$k] - $hands[$k] > 0 || $price > 0.0) ? ($wanted[$k] - $hands[$k]) ** 2 : 0.0;
        }
        $this->bound = max($this->bound, $bound);
        $scale = $square > 0.0 ? $step * max(1.0, $this->costMin - $bound) / $square : 0.0;
        $next = [];
        foreach ($prices as $k => $price) {
            $next[] = max(0.0, $price + $scale * ($wanted[$k] - $hands[$k]));
        }

        return $next;
    }
}
