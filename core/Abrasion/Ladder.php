<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Quantity\Bounds;

/**
 * The way from one grit to another in the least time. The first paper cuts what it finds (texture and waviness);
 * each later one cuts 1.25 times the scratch of the paper before it.
 */
final readonly class Ladder
{
    /** Waviness that the first paper takes besides the texture, µm. */
    public const WAVINESS_UM = 10.0;

    /** And on a clear, which lies on a flat surface, µm. */
    public const CLEAR_WAVINESS_UM = 2.0;
    /** A later paper goes this much deeper than the scratch it removes. */
    public const OVERCUT = 1.25;

    /** Steps may not jump further than this in mean grain. */
    public const MAX_RATIO = 2.2;

    /** Minutes for changing paper and water. */
    public const CHANGE_MIN = 2.0;

    /** @param non-empty-list<LadderStep> $steps */
    private function __construct(public SandingMethod $method, public array $steps, public float $minutes)
    {
    }

    /**
     * The cheapest chain over the shelf; both ends are fixed and need not lie on it. Null if a gap can't be bridged.
     *
     * @param list<int> $shelf P numbers at hand
     *
     * @throws UnknownGrit                   If a number is no paper.
     * @throws \OakGloss\Quantity\OutOfRange If area, cut, ratio or change is out of range.
     */
    public static function cheapest(
        SandingMethod $method,
        float $areaM2,
        array $shelf,
        int $from,
        int $to,
        float $firstCutUm,
        float $maxRatio = self::MAX_RATIO,
        float $changeMin = self::CHANGE_MIN,
    ): ?self {
        Bounds::within($areaM2, 0.0, 100.0, 'area', 'm²');
        Bounds::within($firstCutUm, 0.0, 5000.0, 'first cut', 'µm');
        Bounds::within($maxRatio, 1.0, 100.0, 'greatest jump', '');
        Bounds::within($changeMin, 0.0, 120.0, 'change of paper', 'min');
        $first = Grit::p($from);
        $last = Grit::p($to);
        if ($first->isFinerThan($last)) {
            return null;
        }
        $numbers = array_unique([$from, $to, ...array_filter($shelf, fn (int $p): bool => $p > $from && $p < $to)]);
        sort($numbers);
        $grits = array_map(Grit::p(...), $numbers);

        $least = [0 => $areaM2 * $firstCutUm / $method->speed($first)];
        $before = [];
        for ($i = 1, $n = count($grits); $i < $n; $i++) {
            for ($j = 0; $j < $i; $j++) {
                if (! isset($least[$j]) || $grits[$j]->meanGrainUm / $grits[$i]->meanGrainUm > $maxRatio + 1e-9) {
                    continue;
                }
                $time = $least[$j] + $changeMin + $areaM2 * self::OVERCUT * $method->scratchUm($grits[$j]) / $method->speed($grits[$i]);
                if ($time < ($least[$i] ?? INF)) {
                    $least[$i] = $time;
                    $before[$i] = $j;
                }
            }
        }
        $end = count($grits) - 1;
        if (! isset($least[$end])) {
            return null;
        }
        $chain = [$end];
        while ($chain[0] > 0) {
            array_unshift($chain, $before[$chain[0]]);
        }
        $steps = [];
        foreach ($chain as $k => $i) {
            $cut = $k === 0 ? $firstCutUm : self::OVERCUT * $method->scratchUm($grits[$chain[$k - 1]]);
            $steps[] = new LadderStep($grits[$i], $cut, $areaM2 * $cut / $method->speed($grits[$i]));
        }

        return new self($method, $steps, $least[$end]);
    }

    /**
     * The same papers over another area in another way as well, its minutes added to each.
     *
     * @param \Closure(Grit): SandingMethod $by
     */
    public function beside(\Closure $by, float $areaM2): self
    {
        [$steps, $more] = [[], 0.0];
        foreach ($this->steps as $i => $step) {
            $before = $i === 0 ? null : $this->steps[$i - 1]->grit;
            $cut = $before === null ? $step->cutUm : self::OVERCUT * $by($before)->scratchUm($before);
            $minutes = $areaM2 * $cut / $by($step->grit)->speed($step->grit);
            $steps[] = new LadderStep($step->grit, $step->cutUm, $step->minutes + $minutes);
            $more += $minutes;
        }

        return new self($this->method, $steps, $this->minutes + $more);
    }

    public function first(): Grit
    {
        return $this->steps[0]->grit;
    }

    /** @return non-empty-list<Grit> in their order; by hand the last alone */
    public function papers(bool $byHand): array
    {
        return $byHand ? [$this->last()] : array_map(fn (LadderStep $s): Grit => $s->grit, $this->steps);
    }

    public function last(): Grit
    {
        return $this->steps[count($this->steps) - 1]->grit;
    }

    public function totalCutUm(): float
    {
        return array_sum(array_map(fn (LadderStep $s): float => $s->cutUm, $this->steps));
    }

    public function laterCutsUm(): float
    {
        return $this->totalCutUm() - $this->steps[0]->cutUm;
    }

    public function leftScratchUm(): float
    {
        return $this->method->scratchUm($this->last());
    }
}
