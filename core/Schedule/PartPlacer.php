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
final class PartPlacer
{
    private const SLACK = 1e-9;

    /** What another wipe costs besides its hands: little, and more than putting the first one off (ours). */
    public const WIPE_PENALTY_MIN = 5.0;

    /** @var array<int, float> by step: the latest start that is worth trying */
    private array $latest = [];

    /** The step that is being placed. */
    private int $at = 0;

    private readonly FreeStarts $free;

    /**
     * @param float           $keyPenaltyMin what a keyed step costs besides its hands
     * @param AgeTables|null  $tables        ages in that air, where other sheets use them too
     * @param HandPrices|null $prices        null where hands are free
     */
    public function __construct(
        private readonly AirCurve $air,
        Diary $diary,
        private readonly float $fromMin,
        float $untilMin,
        float $gridMin = 15.0,
        private readonly float $keyPenaltyMin = 0.0,
        private ?AgeTables $tables = null,
        private readonly ?HandPrices $prices = null,
    ) {
        Bounds::within($gridMin, 0.25, 1440.0, 'grid', 'min');
        Bounds::within(($untilMin - $fromMin) / $gridMin, 0.0, 20000.0, 'steps of the grid', '');
        Bounds::within($untilMin - $fromMin, 0.0, 130000.0, 'length of the sheet', 'min');
        Bounds::within($keyPenaltyMin, 0.0, 1e6, 'penalty for keying', 'min');
        $this->free = new FreeStarts($air, $diary, $fromMin, $untilMin, $gridMin);
    }

    /**
     * @param list<RunStep>                        $steps
     * @param array{start: float, end: float}|null $done  the step already done that the first gap counts from
     * @param LateCost|null                        $late  what a late finish costs; null where nothing is promised
     *
     * @return list<PlacedStep>|null null if no way is feasible
     */
    public function place(array $steps, ?array $done = null, ?LateCost $late = null): ?array
    {
        $all = $this->reachAll($steps, $done);

        return $all === null ? null : $this->traceBack($steps, $all, $late ?? LateCost::none());
    }

    /**
     * Every start that a step can have when those before it give way, in order.
     *
     * @param list<RunStep>                        $steps up to and with that step
     * @param array{start: float, end: float}|null $done
     *
     * @return list<array{float, Way}>
     */
    public function possibleStarts(array $steps, ?array $done = null): array
    {
        $all = $this->reachAll($steps, $done);
        $found = [];
        foreach ($all === null || $all === [] ? [] : $all[count($all) - 1] as $reached) {
            foreach ($reached->starts as $start) {
                $found[] = [$start, $reached->way];
            }
        }
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $found;
    }

    /**
     * @param list<RunStep>                        $steps
     * @param array{start: float, end: float}|null $done
     *
     * @return list<array<int, Reached>>|null null if a step can't be reached
     */
    private function reachAll(array $steps, ?array $done): ?array
    {
        $this->tables ??= new AgeTables($this->air, min($this->fromMin, $done['start'] ?? INF));
        $before = [];
        if ($done !== null) {
            $before[0] = new Reached($done['end'] - $done['start'], Way::First);
            $before[0]->add($done['start'], 0.0, $done['start'], null);
        }
        $all = [];
        $this->latest = RunStep::latestStarts($steps);
        foreach ($steps as $i => $step) {
            $this->at = $i;
            $before = $i === 0 && ($done === null || $step->after === null)
                ? [$this->unbound($step)]
                : $this->following($step, $before, $i === 0);
            if (array_filter($before, fn (Reached $r): bool => $r->starts !== []) === []) {
                return null;
            }
            $all[] = $before;
        }

        return $all;
    }

    private function priceOf(RunStep $step, float $start, float $hands): float
    {
        return $this->prices === null ? 0.0 : $step->people * $this->prices->of($start, $hands);
    }

    private function unbound(RunStep $step): Reached
    {
        $reached = new Reached($step->handsMin, Way::First);
        foreach (FreeStarts::within($this->free->of($step, $step->handsMin), -INF, $this->latest[$this->at]) as $start) {
            $reached->add($start, $this->priceOf($step, $start, $step->handsMin), $start, null);
        }

        return $reached;
    }

    /**
     * @param array<int, Reached> $before
     *
     * @return list<Reached>
     */
    private function following(RunStep $step, array $before, bool $isFirst): array
    {
        $gap = $step->after ?? Gap::minutes(0.0);
        $ages = $gap->clock === null ? null : $this->tables?->of($gap->clock, $gap->stallC);
        $way = $ages === null ? Way::Timed : ($gap->isBond() ? Way::Bonded : Way::Cured);
        $keyed = is_finite($gap->keyFrom) && ! $step->mustBond;
        $reached = $keyed && $step->mustKey
            ? []
            : [$this->reach($step, $step->handsMin, $before, $ages, $gap->least, $gap->most, $way, 0.0, $isFirst)];
        if ($keyed) {
            $reached[] = $this->reach(
                $step,
                $step->handsMin + $step->keyMin,
                $before,
                $ages,
                $gap->keyFrom,
                INF,
                $ages === null ? Way::Wiped : Way::Keyed,
                $ages === null ? self::WIPE_PENALTY_MIN : $this->keyPenaltyMin,
                $isFirst,
            );
        }

        return $reached;
    }

    /**
     * For every start the cheapest fitting state before it: at least $least after its end and, of a coat, at most
     * $most after its start and end to end; in minutes, or in thermal age where there are ages.
     *
     * @param array<int, Reached> $before
     */
    private function reach(
        RunStep $step,
        float $hands,
        array $before,
        ?MinuteAges $ages,
        float $least,
        float $most,
        Way $way,
        float $penalty,
        bool $isFirst,
    ): Reached {
        $ends = array_map(fn (Reached $r): float => $r->starts === [] ? INF : $r->starts[0] + $r->handsMin, $before);
        $starts = FreeStarts::within(
            $this->free->of($step, $hands),
            min(INF, ...array_values($ends)) + ($ages === null ? $least : 0.0),
            $this->latest[$this->at],
        );
        $limited = is_finite($most);
        $now = $ages?->atEach($starts, 0.0) ?? $starts;
        $then = $limited && $ages !== null ? $ages->atEach($starts, $hands) : $now;
        $bestSum = $bestFirst = $bestStart = $bestVariant = $bestIndex = [];
        foreach ($before as $variant => $states) {
            $fromEnd = $ages?->atEach($states->starts, $states->handsMin) ?? array_map(
                fn (float $s): float => $s + $states->handsMin,
                $states->starts,
            );
            $fromStart = $limited && $ages !== null ? $ages->atEach($states->starts, 0.0) : $fromEnd;
            $stateStarts = $states->starts;
            $penalties = $states->penalties;
            $firsts = $states->firsts;
            $count = count($fromEnd);
            $queue = [];
            $head = $next = 0;
            $tail = -1;
            foreach ($now as $k => $age) {
                for ($latest = $age - $least + self::SLACK; $next < $count && $fromEnd[$next] <= $latest; $next++) {
                    while ($tail >= $head
                        && ($penalties[$queue[$tail]] > $penalties[$next]
                            || ($penalties[$queue[$tail]] === $penalties[$next] && $firsts[$queue[$tail]] > $firsts[$next]))) {
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
                if (! isset($bestSum[$k]) || $sum < $bestSum[$k]
                    || ($sum === $bestSum[$k]
                        && ($firsts[$index] < $bestFirst[$k]
                            || ($firsts[$index] === $bestFirst[$k] && $stateStarts[$index] < $bestStart[$k])))) {
                    $bestSum[$k] = $sum;
                    $bestFirst[$k] = $firsts[$index];
                    $bestStart[$k] = $stateStarts[$index];
                    $bestVariant[$k] = $variant;
                    $bestIndex[$k] = $index;
                }
            }
        }
        $reached = new Reached($hands, $way);
        $isFree = $this->prices === null;
        foreach ($starts as $k => $start) {
            if (isset($bestSum[$k])) {
                // Written into its lists at once: this is where most of a search is spent.
                $reached->starts[] = $start;
                $reached->penalties[] = $bestSum[$k] + ($isFree ? 0.0 : $this->priceOf($step, $start, $hands));
                $reached->firsts[] = $isFirst ? $start : $bestFirst[$k];
                $reached->from[] = [$bestVariant[$k], $bestIndex[$k]];
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
    private function traceBack(array $steps, array $all, LateCost $late): array
    {
        $at = null;
        $leastCost = $earliest = $earliestFirst = INF;
        foreach ($all === [] ? [] : $all[count($all) - 1] as $variant => $reached) {
            foreach ($reached->starts as $index => $start) {
                $end = $start + $reached->handsMin;
                $cost = $end + $reached->penalties[$index] + $late->of($end);
                $first = $reached->firsts[$index];
                if ($cost < $leastCost - self::SLACK
                    || ($cost < $leastCost + self::SLACK && [$start, $first] < [$earliest, $earliestFirst])) {
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
