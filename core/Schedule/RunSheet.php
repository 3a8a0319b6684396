<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Quantity\Bounds;

/**
 * One part's steps on the clock, exact on the grid: finish plus penalties is least; ties take the earliest last
 * start, then the earliest step before it.
 *
 * The steps form a chain in which a step's possible starts depend on nothing but the start and end of the one
 * before, so the least penalty of every possible (step, start, keyed or not) is found from the starts of the step
 * before that fit it. Those form a window that only moves forward: a sliding minimum serves all starts in one pass.
 */
final class RunSheet
{
    private const PLAIN = 0;
    private const KEYED = 1;
    private const SLACK = 1e-9;

    /** @var array<int, MinuteAges> by the clock's object id */
    private array $ages = [];

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
     * @param list<RunStep>              $steps
     * @param array{start: float, end: float}|null $done  the step already done that the first gap counts from
     *
     * @return list<PlacedStep>|null null if no way is feasible
     */
    public function place(array $steps, ?array $done = null): ?array
    {
        $before = [[], []];
        if ($done !== null) {
            $before[self::PLAIN] = [['start' => $done['start'], 'end' => $done['end'], 'penalty' => 0.0, 'way' => Way::First, 'from' => null]];
        }
        $all = [];
        foreach ($steps as $i => $step) {
            $before = $i === 0 && ($done === null || $step->after === null)
                ? [$this->unbound($step), []]
                : $this->following($step, $before, $done['start'] ?? $this->fromMin);
            if ($before[self::PLAIN] === [] && $before[self::KEYED] === []) {
                return null;
            }
            $all[] = $before;
        }

        return $all === [] ? [] : $this->traceBack($steps, $all);
    }

    /**
     * Starts on the grid from which the hands fit into one working window.
     *
     * @return list<float>
     */
    private function starts(RunStep $step, float $handsMin): array
    {
        $starts = [];
        foreach ($this->work->windows as [$open, $close]) {
            $first = max(0.0, ceil(($open - $this->fromMin) / $this->gridMin - self::SLACK));
            $latest = min($close, $this->untilMin) - $handsMin + self::SLACK;
            for ($k = $first; ($start = $this->fromMin + $k * $this->gridMin) <= $latest; $k++) {
                if ($step->minC === null || $this->air->at($start) >= $step->minC) {
                    $starts[] = $start;
                }
            }
        }

        return $starts;
    }

    /** @return list<array{start: float, end: float, penalty: float, way: Way, from: null}> */
    private function unbound(RunStep $step): array
    {
        return array_map(
            fn (float $start): array => ['start' => $start, 'end' => $start + $step->handsMin, 'penalty' => 0.0, 'way' => Way::First, 'from' => null],
            $this->starts($step, $step->handsMin),
        );
    }

    /**
     * @param array{list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>, list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>} $before
     *
     * @return array{list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>, list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>}
     */
    private function following(RunStep $step, array $before, float $agesFrom): array
    {
        $gap = $step->after ?? Gap::minutes(0.0);
        $ages = null;
        if ($gap->clock !== null) {
            $ages = $this->ages[spl_object_id($gap->clock)] ??= MinuteAges::over($this->air, $gap->clock, min($agesFrom, $this->fromMin), $this->untilMin);
        }
        $scale = $ages === null ? fn (float $minute): float => $minute : $ages->at(...);
        $way = $ages === null ? Way::Timed : ($gap->isBond() ? Way::Bonded : Way::Cured);

        $plain = $this->reach(
            $this->starts($step, $step->handsMin),
            $step->handsMin,
            $before,
            $scale,
            $gap->least,
            $gap->most,
            $ages !== null,
            $way,
            0.0,
        );
        $keyed = ! is_finite($gap->keyFrom) ? [] : $this->reach(
            $this->starts($step, $step->handsMin + $step->keyMin),
            $step->handsMin + $step->keyMin,
            $before,
            $scale,
            $gap->keyFrom,
            INF,
            true,
            Way::Keyed,
            $this->keyPenaltyMin,
        );

        return [$plain, $keyed];
    }

    /**
     * For every start the cheapest fitting state before it: at least $least from its end, and at most $most from
     * its start ($bond: also end to end), measured on $scale.
     *
     * @param list<float>                                                                                                                                                                                     $starts
     * @param array{list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>, list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>} $before
     * @param \Closure(float): float                                                                                                                                                                          $scale
     *
     * @return list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>
     */
    private function reach(array $starts, float $hands, array $before, \Closure $scale, float $least, float $most, bool $bond, Way $way, float $penalty): array
    {
        $best = [];
        $limited = is_finite($most);
        foreach ($before as $variant => $states) {
            $fromStart = $bond && $limited ? array_map(fn (array $s): float => $scale($s['start']), $states) : [];
            $fromEnd = array_map(fn (array $s): float => $scale($s['end']), $states);
            $queue = [];
            $head = 0;
            $next = 0;
            $count = count($states);
            foreach ($starts as $k => $start) {
                $now = $scale($start);
                for (; $next < $count && $fromEnd[$next] <= $now - $least + self::SLACK; $next++) {
                    while (count($queue) > $head && $states[$queue[count($queue) - 1]]['penalty'] > $states[$next]['penalty']) {
                        array_pop($queue);
                    }
                    $queue[] = $next;
                }
                if ($limited) {
                    $then = $bond ? $scale($start + $hands) : $now;
                    while ($head < count($queue) && ($fromEnd[$queue[$head]] < $then - $most - self::SLACK || ($bond && $fromStart[$queue[$head]] < $now - $most - self::SLACK))) {
                        $head++;
                    }
                }
                if ($head >= count($queue)) {
                    continue;
                }
                $state = $states[$queue[$head]];
                $sum = $state['penalty'] + $penalty;
                $known = $best[$k] ?? null;
                if ($known === null || $sum < $known['penalty'] || ($sum === $known['penalty'] && $state['start'] < $before[$known['from'][0]][$known['from'][1]]['start'])) {
                    $best[$k] = ['start' => $start, 'end' => $start + $hands, 'penalty' => $sum, 'way' => $way, 'from' => [$variant, $queue[$head]]];
                }
            }
        }
        ksort($best);

        return array_values($best);
    }

    /**
     * @param list<RunStep>                                                                                       $steps
     * @param list<array<int, list<array{start: float, end: float, penalty: float, way: Way, from: array{int, int}|null}>>> $all
     *
     * @return list<PlacedStep>
     */
    private function traceBack(array $steps, array $all): array
    {
        $last = count($steps) - 1;
        $chosen = null;
        foreach ($all[$last] as $states) {
            foreach ($states as $state) {
                $cost = $state['end'] + $state['penalty'];
                if ($chosen === null || $cost < $chosen['end'] + $chosen['penalty'] - self::SLACK
                    || ($cost < $chosen['end'] + $chosen['penalty'] + self::SLACK && $state['start'] < $chosen['start'])) {
                    $chosen = $state;
                }
            }
        }
        $placed = [];
        for ($i = $last; $i >= 0 && $chosen !== null; $i--) {
            array_unshift($placed, new PlacedStep($steps[$i], $chosen['start'], $chosen['end'], $chosen['way']));
            $chosen = $i > 0 && $chosen['from'] !== null ? $all[$i - 1][$chosen['from'][0]][$chosen['from'][1]] : null;
        }

        return $placed;
    }
}
