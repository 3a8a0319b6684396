<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Quantity\Bounds;

/**
 * One part's steps on the clock, exact on the grid: finish plus penalties is least; ties take the earliest last
 * start, then the earliest first step (what can be done now is not put off for nothing), then the earliest before it.
 *
 * The steps form a chain in which a step's possible starts depend on nothing but the start and end of the one
 * before, so the least penalty of every possible (step, start, keyed or not) is found from the starts of the step
 * before that fit it. Those form a window that only moves forward: a sliding minimum serves all starts in one pass.
 */
final class RunSheet
{
    private const SLACK = 1e-9;

    /** @var array<int, MinuteAges> by the clock's object id */
    private array $ages = [];

    /** @var array<string, list<float>> by hands and coldest air */
    private array $starts = [];

    /** @var array<string, list<float>> by hands, coldest air, shift and ages */
    private array $scaled = [];

    /** @param float $keyPenaltyMin what a keyed step costs besides its hands */
    public function __construct(
        private readonly AirCurve $air,
        private readonly WorkingTime $work,
        private readonly float $fromMin,
        private readonly float $untilMin,
        private readonly float $gridMin = 15.0,
        private readonly float $keyPenaltyMin = 0.0,
    ) {
        Bounds::within($gridMin, 0.25, 1440.0, 'grid', 'min');
        Bounds::within(($untilMin - $fromMin) / $gridMin, 0.0, 20000.0, 'steps of the grid', '');
        Bounds::within($untilMin - $fromMin, 0.0, 130000.0, 'length of the sheet', 'min');
        Bounds::within($keyPenaltyMin, 0.0, 1e6, 'penalty for keying', 'min');
    }

    /**
     * @param list<RunStep>                        $steps
     * @param array{start: float, end: float}|null $done  the step already done that the first gap counts from
     *
     * @return list<PlacedStep>|null null if no way is feasible
     */
    public function place(array $steps, ?array $done = null): ?array
    {
        $before = [];
        if ($done !== null) {
            $before[0] = new Reached($done['end'] - $done['start'], Way::First);
            $before[0]->add($done['start'], 0.0, $done['start'], null);
        }
        $all = [];
        foreach ($steps as $i => $step) {
            $before = $i === 0 && ($done === null || $step->after === null)
                ? [$this->unbound($step)]
                : $this->following($step, $before, $done['start'] ?? $this->fromMin, $i === 0);
            if (array_filter($before, fn (Reached $r): bool => $r->starts !== []) === []) {
                return null;
            }
            $all[] = $before;
        }

        return $this->traceBack($steps, $all);
    }

    /**
     * Starts on the grid from which the hands fit into one working window.
     *
     * @return list<float>
     */
    private function starts(float $handsMin, ?float $minC): array
    {
        $key = "{$handsMin}/{$minC}";
        if (isset($this->starts[$key])) {
            return $this->starts[$key];
        }
        $starts = [];
        foreach ($this->work->windows as [$open, $close]) {
            $first = max(0.0, ceil(($open - $this->fromMin) / $this->gridMin - self::SLACK));
            $latest = min($close, $this->untilMin) - $handsMin + self::SLACK;
            for ($k = $first; ($start = $this->fromMin + $k * $this->gridMin) <= $latest; $k++) {
                if ($minC === null || $this->air->at($start) >= $minC) {
                    $starts[] = $start;
                }
            }
        }

        return $this->starts[$key] = $starts;
    }

    /**
     * The starts, or what comes a while after them, as thermal ages; the same for all steps of one length and clock.
     *
     * @param list<float> $starts
     *
     * @return list<float>
     */
    private function scaled(array $starts, float $hands, ?float $minC, float $later, ?MinuteAges $ages): array
    {
        if ($ages === null) {
            return $starts;
        }

        return $this->scaled["{$hands}/{$minC}/{$later}/".spl_object_id($ages)] ??= $ages->atEach($starts, $later);
    }

    private function unbound(RunStep $step): Reached
    {
        $reached = new Reached($step->handsMin, Way::First);
        foreach ($this->starts($step->handsMin, $step->minC) as $start) {
            $reached->add($start, 0.0, $start, null);
        }

        return $reached;
    }

    /**
     * @param array<int, Reached> $before
     *
     * @return list<Reached>
     */
    private function following(RunStep $step, array $before, float $agesFrom, bool $isFirst): array
    {
        $gap = $step->after ?? Gap::minutes(0.0);
        $ages = $gap->clock === null ? null
            : $this->ages[spl_object_id($gap->clock)] ??= MinuteAges::over($this->air, $gap->clock, min($agesFrom, $this->fromMin), $this->untilMin);
        $way = $ages === null ? Way::Timed : ($gap->isBond() ? Way::Bonded : Way::Cured);
        $reached = [$this->reach($step->handsMin, $step->minC, $before, $ages, $gap->least, $gap->most, $way, 0.0, $isFirst)];
        if (is_finite($gap->keyFrom)) {
            $reached[] = $this->reach($step->handsMin + $step->keyMin, $step->minC, $before, $ages, $gap->keyFrom, INF, Way::Keyed, $this->keyPenaltyMin, $isFirst);
        }

        return $reached;
    }

    /**
     * For every start the cheapest fitting state before it: at least $least after its end and, of a coat, at most
     * $most after its start and end to end; in minutes, or in thermal age where there are ages.
     *
     * @param array<int, Reached> $before
     */
    private function reach(float $hands, ?float $minC, array $before, ?MinuteAges $ages, float $least, float $most, Way $way, float $penalty, bool $isFirst): Reached
    {
        $starts = $this->starts($hands, $minC);
        $limited = is_finite($most);
        $now = $this->scaled($starts, $hands, $minC, 0.0, $ages);
        $then = $limited && $ages !== null ? $this->scaled($starts, $hands, $minC, $hands, $ages) : $now;
        $best = [];
        foreach ($before as $variant => $states) {
            $fromEnd = $ages === null ? array_map(fn (float $s): float => $s + $states->handsMin, $states->starts) : $ages->atEach($states->starts, $states->handsMin);
            $fromStart = $limited && $ages !== null ? $ages->atEach($states->starts, 0.0) : $fromEnd;
            $penalties = $states->penalties;
            $firsts = $states->firsts;
            $count = count($fromEnd);
            $queue = [];
            $head = $next = 0;
            $tail = -1;
            foreach ($now as $k => $age) {
                for ($latest = $age - $least + self::SLACK; $next < $count && $fromEnd[$next] <= $latest; $next++) {
                    while ($tail >= $head && ($penalties[$queue[$tail]] > $penalties[$next] || ($penalties[$queue[$tail]] === $penalties[$next] && $firsts[$queue[$tail]] > $firsts[$next]))) {
                        $tail--;
                    }
                    $queue[++$tail] = $next;
                }
                if ($limited) {
                    $oldestEnd = $then[$k] - $most - self::SLACK;
                    $oldestStart = $age - $most - self::SLACK;
                    while ($head <= $tail && ($fromEnd[$queue[$head]] < $oldestEnd || $fromStart[$queue[$head]] < $oldestStart)) {
                        $head++;
                    }
                }
                if ($head > $tail) {
                    continue;
                }
                $index = $queue[$head];
                $sum = $penalties[$index] + $penalty;
                $rank = [$sum, $firsts[$index], $states->starts[$index]];
                if (! isset($best[$k]) || $rank < $best[$k][0]) {
                    $best[$k] = [$rank, [$variant, $index]];
                }
            }
        }
        $reached = new Reached($hands, $way);
        foreach ($starts as $k => $start) {
            if (isset($best[$k])) {
                $reached->add($start, $best[$k][0][0], $isFirst ? $start : $best[$k][0][1], $best[$k][1]);
            }
        }

        return $reached;
    }

    /**
     * @param list<RunStep>             $steps
     * @param list<array<int, Reached>> $all
     *
     * @return list<PlacedStep>
     */
    private function traceBack(array $steps, array $all): array
    {
        $at = null;
        $leastCost = $earliest = $earliestFirst = INF;
        foreach ($all === [] ? [] : $all[count($all) - 1] as $variant => $reached) {
            foreach ($reached->starts as $index => $start) {
                $cost = $start + $reached->handsMin + $reached->penalties[$index];
                $first = $reached->firsts[$index];
                if ($cost < $leastCost - self::SLACK || ($cost < $leastCost + self::SLACK && [$start, $first] < [$earliest, $earliestFirst])) {
                    [$leastCost, $earliest, $earliestFirst, $at] = [$cost, $start, $first, [$variant, $index]];
                }
            }
        }
        $placed = [];
        for ($i = count($all) - 1; $i >= 0 && $at !== null; $i--) {
            $reached = $all[$i][$at[0]];
            $start = $reached->starts[$at[1]];
            $placed[] = new PlacedStep($steps[$i], $start, $start + $reached->handsMin, $reached->way);
            $at = $reached->from[$at[1]];
        }

        return array_reverse($placed);
    }
}
