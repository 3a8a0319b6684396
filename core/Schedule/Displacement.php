<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** Lets whoever loses most go before one that lies in its way, as long as that helps both together. */
final readonly class Displacement
{
    public function __construct(private Placing $placing)
    {
    }

    /**
     * @param array<int, list<PlacedStep>|null> $plan
     * @param list<int>|null                    $askers parts that may ask others to give way; null for all
     *
     * @return array<int, list<PlacedStep>|null>
     */
    public function improved(array $plan, ?array $askers = null): array
    {
        $tried = [];
        while (! $this->placing->isSpent() && ($askers !== null || ! $this->placing->isProven($plan))) {
            $next = $this->next($plan, $tried, $askers ?? array_keys($plan));
            if ($next === null) {
                break;
            }
            [$i, $j] = $next;
            $tried["{$i}/{$j}"] = true;
            $diary = $this->placing->diaries->without($plan, $i, $j);
            $trial = [$i => $this->placing->place($i, $diary)] + $plan;
            if ($i !== $j) {
                $trial[$j] = $this->placing->place($j, $this->placing->diaries->entered($diary, $i, $trial[$i]));
            }
            ksort($trial);
            if ($this->placing->costs->ofAll($trial) < $this->placing->costs->ofAll($plan) - Placing::LEAST_GAIN_MIN) {
                $plan = $trial;
                $tried = ["{$i}/{$j}" => true];
            }
        }

        return $plan;
    }

    /**
     * The part that lost most, and the one not yet tried that lies most in the way of what it would do alone; itself
     * where only the place it found is not its best any more.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     * @param array<string, true>               $tried
     * @param list<int>                         $askers
     *
     * @return array{int, int}|null
     */
    private function next(array $plan, array $tried, array $askers): ?array
    {
        $lost = [];
        foreach ($askers as $i) {
            $lost[$i] = $this->placing->costs->of($i, $plan[$i]) - $this->placing->aloneCost($i);
        }
        arsort($lost);
        foreach ($lost as $i => $loss) {
            if ($loss <= Placing::LEAST_GAIN_MIN) {
                break;
            }
            if (! isset($tried["{$i}/{$i}"])) {
                return [$i, $i];
            }
            $inTheWay = [];
            foreach ($plan as $j => $placed) {
                $overlap = $j === $i || isset($tried["{$i}/{$j}"]) ? 0.0 : self::overlap($this->placing->alone($i) ?? [], $placed ?? []);
                if ($overlap > 0.0) {
                    $inTheWay[$j] = $overlap;
                }
            }
            if ($inTheWay !== []) {
                arsort($inTheWay);

                return [$i, (int) array_key_first($inTheWay)];
            }
        }

        return null;
    }

    /**
     * @param list<PlacedStep> $a
     * @param list<PlacedStep> $b
     */
    private static function overlap(array $a, array $b): float
    {
        $sum = 0.0;
        $from = 0;
        foreach ($a as $mine) {
            for ($k = $from; $k < count($b) && $b[$k]->startMin < $mine->endMin; $k++) {
                if ($b[$k]->endMin <= $mine->startMin) {
                    $from = $k + 1;
                }
                $sum += max(0.0, min($mine->endMin, $b[$k]->endMin) - max($mine->startMin, $b[$k]->startMin));
            }
        }

        return $sum;
    }
}
