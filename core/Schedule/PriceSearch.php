<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * Lets the parts bargain for hours. Every part is placed as if alone, but pays for hours that are worth much to all
 * (the prices of ShopBound) and for those that others want too. Who is in another's way goes anew, and what is fought
 * over grows dearer, until nobody is in anybody's way: that is a plan. The bargain is held again with other shares of
 * the prices, later over a few parts of the best plan alone, as long as the budget lasts.
 */
final class PriceSearch
{
    /** Shares of the proven prices that a bargain begins with, one after the other. */
    private const SHARES = [1.0, 0.5, 0.75, 0.35];

    /** Rounds of prices at most, and the share of what is left of the budget that they may take. */
    private const PRICE_ROUNDS = 60;
    private const PRICE_SHARE = 0.35;

    /** An hour wanted twice costs so many points of the grid at first, grows by this in each round, and keeps this share of it. */
    private const FOUGHT_POINTS = 0.7;
    private const GROWS = 1.1;
    private const REMEMBERED = 0.2;

    private const MOST_ROUNDS = 60;

    /** So many bargains begin from nothing, the later ones from the best plan less these few parts. */
    private const WHOLE = 3;
    private const FEW = 3;

    private const FEW_PARTS = 3;

    /** An hour that a part to come wants costs so many points of the grid at most. */
    private const IN_TURN_POINTS = 4.0;

    /** So far prices are shaken, as a share: bargains that got stuck come loose. */
    private const SHAKEN = 0.2;

    private int $draw = 1;

    /** @var list<int> people at each point of the grid */
    private readonly array $hands;

    public function __construct(private readonly Placing $placing)
    {
        $this->hands = $placing->hands->handsAt();
    }

    /**
     * @param array<int, list<PlacedStep>|null> $best
     *
     * @return array<int, list<PlacedStep>|null>
     */
    public function improved(array $best): array
    {
        $rounds = min(self::PRICE_ROUNDS, (int) (self::PRICE_SHARE * $this->placing->roundsLeft()));
        $prices = (new ShopBound($this->placing, $this->placing->costs->ofAll($best)))->prices($rounds);
        for ($held = 0; ! $this->placing->isSpent() && ! $this->placing->isProven($best); $held++) {
            if (count($best) <= self::FEW_PARTS && $held % 4 !== 0) {
                $best = $this->placing->better($best, $this->settled($this->inTurn()));
                continue;
            }
            $share = self::SHARES[$held % count(self::SHARES)];
            $dear = array_map(fn (float $p): float => $share * $p, $prices);
            $stays = $held < self::WHOLE
                ? []
                : array_diff_key($best, array_flip($this->some($best, min(count($best) - 1, self::FEW + $held % self::FEW))));
            $best = $this->placing->better($best, $this->settled($this->plan($this->wishes($dear, $stays))));
        }

        return $best;
    }

    /**
     * @param list<float>                       $prices of each point of the grid, minutes
     * @param array<int, list<PlacedStep>|null> $wishes parts that begin where a plan has them
     *
     * @return array<int, list<PlacedStep>|null> where every part would go, in nobody's way if the bargain came to an end
     */
    private function wishes(array $prices, array $wishes): array
    {
        $empty = $this->placing->diaries->clear();
        $wanted = $this->placing->hands->wanted($wishes);
        $fought = self::FOUGHT_POINTS * $this->placing->gridMin;
        for ($round = 0; $round < self::MOST_ROUNDS && ! $this->placing->isSpent(); $round++) {
            $isOver = true;
            foreach ($this->shuffled(array_keys($this->placing->chains)) as $i) {
                $mine = $this->placing->hands->cells($wishes[$i] ?? null);
                if (isset($wishes[$i]) && ! $this->isFoughtOver($mine, $wanted)) {
                    continue;
                }
                $isOver = false;
                foreach ($mine as $k => $people) {
                    $wanted[$k] -= $people;
                }
                $wishes[$i] = $this->placing->place($i, $empty, $this->asked($i, $prices, $wanted, $fought));
                foreach ($this->placing->hands->cells($wishes[$i]) as $k => $people) {
                    $wanted[$k] += $people;
                }
            }
            if ($isOver) {
                break;
            }
            foreach ($wanted as $k => $people) {
                $prices[$k] += self::REMEMBERED * $fought * max(0, $people - $this->hands[$k]);
            }
            $fought *= self::GROWS;
        }

        return $wishes;
    }

    /**
     * The parts one after the other into what is free, each paying for hours that those to come would like best, at a
     * drawn price: where parts are few this comes past plans that no bargain ends in.
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function inTurn(): array
    {
        $wishes = array_map($this->placing->alone(...), array_keys($this->placing->chains));
        $none = array_fill(0, count($this->hands), 0.0);
        $diary = $this->placing->diaries->clear();
        $plan = [];
        foreach ($this->shuffled(array_keys($wishes)) as $i) {
            unset($wishes[$i]);
            $price = self::IN_TURN_POINTS * $this->placing->gridMin * $this->draw();
            $plan[$i] = $this->placing->place(
                $i,
                $diary,
                $wishes === [] ? null : $this->asked($i, $none, $this->placing->hands->wanted($wishes), $price, 1.0),
            );
            $diary = $this->placing->diaries->entered($diary, $i, $plan[$i]);
        }
        ksort($plan);

        return $plan;
    }

    /**
     * @param array<int, int> $mine
     * @param array<int, int> $wanted
     */
    private function isFoughtOver(array $mine, array $wanted): bool
    {
        foreach (array_keys($mine) as $k) {
            if ($wanted[$k] > $this->hands[$k]) {
                return true;
            }
        }

        return false;
    }

    /**
     * What each hour costs a part while others want it too.
     *
     * @param array<int, float> $prices
     * @param array<int, int>   $wanted by the others
     * @param float             $shaken how far prices are shaken, as a share
     */
    private function asked(int $i, array $prices, array $wanted, float $fought, float $shaken = self::SHAKEN): HandPrices
    {
        $weight = $this->placing->chains[$i]->weight;
        $asked = [];
        foreach ($prices as $k => $price) {
            $price += $fought * max(0, $wanted[$k] + 1 - $this->hands[$k]);
            $asked[] = $price > 0.0 ? $price * (1.0 + $shaken * (2.0 * $this->draw() - 1.0)) / $weight : 0.0;
        }

        return new HandPrices($asked, $this->placing->fromMin, $this->placing->gridMin, true);
    }

    /**
     * The wishes that can be had; what is in the way of others after all goes into what they leave.
     *
     * @param array<int, list<PlacedStep>|null> $wishes
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function plan(array $wishes): array
    {
        $diary = $this->placing->diaries->clear();
        $plan = [];
        foreach ($wishes as $i => $wish) {
            $plan[$i] = $this->placing->had($i, $diary, $wish);
            $diary = $this->placing->diaries->entered($diary, $i, $plan[$i]);
        }
        foreach (array_keys(array_filter($plan, fn (?array $p): bool => $p === null)) as $i) {
            $plan[$i] = $this->placing->place($i, $diary);
            $diary = $this->placing->diaries->entered($diary, $i, $plan[$i]);
        }
        ksort($plan);

        return $plan;
    }

    /**
     * Each part once more without prices, where the others stay: what prices made it leave free and nobody took is taken back.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function settled(array $plan): array
    {
        foreach (array_keys($plan) as $i) {
            $trial = $plan;
            $trial[$i] = $this->placing->place($i, $this->placing->diaries->without($plan, $i));
            $plan = $this->placing->better($plan, $trial);
        }

        return $plan;
    }

    /**
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return list<int>
     */
    private function some(array $plan, int $many): array
    {
        return array_slice($this->shuffled(array_keys($plan)), 0, $many);
    }

    /**
     * @param list<int> $parts
     *
     * @return list<int>
     */
    private function shuffled(array $parts): array
    {
        $order = array_map(fn (): float => $this->draw(), $parts);
        array_multisort($order, $parts);

        return $parts;
    }

    /** 0 to 1, ever another, always the same row. */
    private function draw(): float
    {
        $this->draw = ($this->draw * 1103515245 + 12345) % 2147483648;

        return $this->draw / 2147483648.0;
    }
}
