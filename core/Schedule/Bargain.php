<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * Lets the parts bargain: each is placed anew, alone but for prices on the hours that the others want now; an hour
 * fought over stays dearer from round to round. Every round ends in a real plan, in which those placed first still pay
 * for what the later ones want.
 */
final class Bargain
{
    private int $mood = 1;

    public function __construct(private readonly Placing $placing)
    {
    }

    /**
     * @param array<int, list<PlacedStep>|null> $best
     *
     * @return array<int, list<PlacedStep>|null>
     */
    public function improved(array $best): array
    {
        $hands = $this->placing->handsAt();
        /** @var array<int, float> $fought */
        $fought = array_fill(0, count($hands), 0.0);
        $empty = Diary::of($this->placing->crew);
        $wishes = array_map($this->placing->alone(...), array_keys($this->placing->chains));
        for ($round = 1; ! $this->placing->isSpent() && ! $this->placing->isProven($best); $round++) {
            $now = 0.25 * (1 + $round % 8);
            foreach (array_keys($wishes) as $i) {
                $wishes[$i] = $this->placing->place($i, $empty, $this->asked($i, array_diff_key($wishes, [$i => true]), $hands, $fought, $now));
            }
            foreach ($this->placing->wanted($wishes) as $k => $wanted) {
                $fought[$k] += 0.25 * max(0, $wanted - $hands[$k]);
            }
            $order = array_keys($wishes);
            usort($order, fn (int $a, int $b): int => [$this->placing->cannotWait($a), self::turn($wishes[$a], $round), $a] <=> [$this->placing->cannotWait($b), self::turn($wishes[$b], $round), $b]);
            $diary = $empty;
            $trial = [];
            foreach ($order as $i) {
                $later = array_diff_key($wishes, $trial, [$i => true]);
                $trial[$i] = $this->placing->place($i, $diary, $later === [] ? null : $this->asked($i, $later, $hands, $fought, $now));
                $diary = $diary->with($trial[$i] ?? []);
            }
            ksort($trial);
            $best = $this->placing->better($best, $this->settled($trial));
        }

        return $best;
    }

    /**
     * By what a round puts the parts in order: their end, or their beginning.
     *
     * @param list<PlacedStep>|null $wish
     */
    private static function turn(?array $wish, int $round): float
    {
        return $wish === null || $wish === [] ? INF : ($round % 2 === 0 ? $wish[0]->startMin : $wish[count($wish) - 1]->endMin);
    }

    /**
     * What the hours that others want cost a part.
     *
     * @param array<int, list<PlacedStep>|null> $others
     * @param list<int>                         $hands
     * @param array<int, float>                 $fought
     */
    private function asked(int $i, array $others, array $hands, array $fought, float $now): HandPrices
    {
        $prices = [];
        foreach ($this->placing->wanted($others) as $k => $wanted) {
            $prices[] = $wanted + 1 > $hands[$k] ? $this->placing->gridMin * ($now + $fought[$k]) * $this->nextMood() / $this->placing->chains[$i]->weight : 0.0;
        }

        return new HandPrices($prices, $this->placing->fromMin, $this->placing->gridMin);
    }

    /** 0 to 2, ever another, always the same row: bargains that got stuck come loose. */
    private function nextMood(): float
    {
        $this->mood = ($this->mood * 1103515245 + 12345) % 2147483648;

        return $this->mood / 1073741824.0;
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
            $trial[$i] = $this->placing->place($i, $this->placing->diaryWithout($plan, $i));
            $plan = $this->placing->better($plan, $trial);
        }

        return $plan;
    }
}
