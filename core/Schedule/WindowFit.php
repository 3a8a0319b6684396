<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateChange;
use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\Spread;
use OakGloss\Cure\TackWindow;

/**
 * The window turned round: not when the window is for a coat at a time, but which start, hardener and warmth make the
 * window land where hands are free. Every combination is tried and reckoned by the same model as any coat.
 */
final readonly class WindowFit
{
    private const STEP_MIN = 15.0;

    /** Temperatures of the warm box that are tried, °C. */
    private const BOX_C = [25.0, 29.0, 33.0, 37.0];

    /**
     * @param list<array{float, float}> $free      when hands are free
     * @param list<float>               $handsMin  hands on the coat, by part: pooled parts follow each other
     * @param float                     $nextHands hands on the next coats, all parts together
     * @param float                     $earliest  the coats below allow no earlier start
     * @param float                     $latest    and no later one
     * @param float|null                $warmestC  the part bears no warmer box; null where there is none
     */
    public function __construct(
        private AirCurve $air,
        private float $lagMin,
        private array $free,
        private array $handsMin,
        private float $nextHands,
        private float $earliest,
        private float $latest,
        private ?float $warmestC,
    ) {
    }

    /**
     * The best ways, each with another hardener or another warmth.
     *
     * @param list<HardenerChoice> $hardeners
     *
     * @return list<FittedWindow>
     */
    public function best(array $hardeners, int $most = 3): array
    {
        $best = [];
        foreach ($hardeners as $n => $hardener) {
            foreach ([
                null,
                ...array_filter(self::BOX_C, fn (float $c): bool => $this->warmestC !== null && $c <= $this->warmestC),
            ] as $boxC) {
                $way = $this->bestStart($hardener, $boxC);
                $key = "{$n}/".($boxC === null ? 'air' : 'box');
                if ($way !== null && (! isset($best[$key]) || self::worth($way) > self::worth($best[$key]))) {
                    $best[$key] = $way;
                }
            }
        }
        $best = array_values($best);
        usort($best, fn (FittedWindow $a, FittedWindow $b): int => self::worth($b) <=> self::worth($a));

        return array_slice($best, 0, $most);
    }

    private function bestStart(HardenerChoice $hardener, ?float $boxC): ?FittedWindow
    {
        $best = null;
        $all = array_sum($this->handsMin);
        foreach ($this->free as [$from, $until]) {
            for ($start = self::STEP_MIN * ceil(max(
                $from,
                $this->earliest,
            ) / self::STEP_MIN); $start + $all <= $until && $start <= $this->latest; $start += self::STEP_MIN) {
                if ($this->air->at($start) < $hardener->resin->minC) {
                    continue;
                }
                $way = $this->landing($hardener, $start, $boxC);
                if ($way !== null && ($best === null || self::worth($way) > self::worth($best))) {
                    $best = $way;
                }
            }
        }

        return $best;
    }

    /** The best moment for the next coat after a start, in free hands and inside the window; null if there is none. */
    private function landing(HardenerChoice $hardener, float $start, ?float $boxC): ?FittedWindow
    {
        $starts = [];
        $end = $start;
        foreach ($this->handsMin as $hands) {
            // The next one begins on the run sheet's grid.
            $starts[] = $end = PartSchedule::GRID_MIN * ceil($end / PartSchedule::GRID_MIN);
            $end += $hands;
        }
        $best = null;
        foreach ($this->free as [$from, $until]) {
            if ($until <= $end + 30.0) {
                continue;
            }
            $climate = $boxC === null ? null : new ClimateChange(ClimateKind::WarmBox, $end, max($end + 30.0, $from), $boxC);
            $forecast = new CureForecast(
                new PartTemperature($climate?->appliedTo($this->air) ?? $this->air, $this->lagMin),
                $hardener->resin->kinetics,
                new Spread($hardener->resin->rateSigma),
                $start,
            );
            // Opens for the last-laid resin, closes for the first.
            $window = new TackWindow($forecast->event(Milestone::TackFrom, $end), $forecast->event(Milestone::TackUntil, $start));
            $opens = $window->opens->expectedMin;
            $closes = $window->closes->expectedMin;
            if ($opens === null || $closes === null) {
                continue;
            }
            $first = max($from, $opens, $end);
            $last = min($until, $closes) - $this->nextHands;
            if ($first > $last) {
                continue;
            }
            $sure = $window->sure();
            $sureMin = $sure === null ? 0.0 : max(0.0, min($until, $sure['until']) - max($from, $sure['from']));
            $next = max($first, min($last, $sure === null ? 0.5 * ($opens + $closes) : max($sure['from'], $first)));
            $way = new FittedWindow(
                $hardener,
                $starts,
                5.0 * ceil($next / 5.0),
                $window,
                $climate,
                $sureMin,
                min($next - $opens, $closes - $next - $this->nextHands),
            );
            $best = $best === null || self::worth($way) > self::worth($best) ? $way : $best;
        }

        return $best;
    }

    /** Sure hands first, up to an hour of them; then soon; warmth and blends cost a little. */
    private static function worth(FittedWindow $way): float
    {
        return min(60.0, $way->sureMin) + 0.5 * min(60.0, $way->margin) - 0.1 * ($way->nextMin - $way->starts[0])
            - ($way->climate === null ? 0.0 : 15.0) - ($way->hardener->isBlend() ? 5.0 : 0.0);
    }
}
