<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;

/** Moments at which a step may start: its hands fit into what a diary leaves free, in air that it bears. Minutes. */
final class FreeStarts
{
    private const SLACK = 1e-9;

    /** As much as minutes since the epoch tell apart, and far less than a step. */
    private const EDGE = 1e-6;

    /** @var array<string, list<float>> by what limits a start */
    private array $starts = [];

    public function __construct(
        private readonly AirCurve $air,
        private readonly Diary $diary,
        private readonly float $fromMin,
        private readonly float $untilMin,
        private readonly float $gridMin,
    ) {
    }

    /**
     * Starts from which the hands fit into one free window: on the grid, or where the step is pinned.
     *
     * @return list<float>
     */
    public function of(RunStep $step, float $handsMin): array
    {
        $key = "{$handsMin}/{$step->minC}/{$step->maxC}/{$step->people}/{$step->pinnedAt}/{$step->notBefore}/"
            .implode(',', array_keys($step->uses)).implode(',', $step->uses);
        if (isset($this->starts[$key])) {
            return $this->starts[$key];
        }
        $starts = [];
        $end = -INF;
        foreach ($this->diary->windows($step->people) as [$open, $close]) {
            $latest = min($close, $this->untilMin) - $handsMin + self::SLACK;
            if ($step->pinnedAt !== null) {
                if ($step->pinnedAt >= max($open, $this->fromMin) - self::SLACK && $step->pinnedAt <= $latest) {
                    $starts = [$step->pinnedAt];
                }
                continue;
            }
            // Where windows of two people overlap, what the earlier one offered is not offered again.
            $first = max(
                0.0,
                ceil((max($open, $step->notBefore, $end + self::SLACK * 2.0) - $this->fromMin) / $this->gridMin - self::SLACK),
            );
            for ($k = $first; ($start = $this->fromMin + $k * $this->gridMin) <= $latest; $k++) {
                $c = $step->minC === null && $step->maxC === null ? 0.0 : $this->air->at($start);
                if ($c >= ($step->minC ?? -INF) && $c <= ($step->maxC ?? INF)) {
                    $starts[] = $start;
                }
                $end = $start;
            }
        }
        foreach ($step->uses as $thing => $hold) {
            $starts = array_values(array_filter($starts, fn (float $s): bool => $this->diary->holds($thing, $s, $s + $handsMin + $hold)));
        }

        return $this->starts[$key] = $starts;
    }

    /**
     * Those of the starts that lie within two minutes.
     *
     * @param list<float> $starts rising
     *
     * @return list<float>
     */
    public static function within(array $starts, float $from, float $until): array
    {
        $first = self::countBefore($starts, $from - self::EDGE);

        return array_slice($starts, $first, max(0, self::countBefore($starts, $until + self::EDGE) - $first));
    }

    /** @param list<float> $rising */
    private static function countBefore(array $rising, float $minute): int
    {
        [$low, $high] = [0, count($rising)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $rising[$middle] < $minute ? [$middle + 1, $high] : [$low, $middle];
        }

        return $low;
    }
}
