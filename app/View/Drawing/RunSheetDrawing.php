<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Planning\PlannedPart;
use App\Planning\ShopFloor;
use App\Time\ShopTime;
use OakGloss\Cure\TackWindow;
use OakGloss\Plan\Decision;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\WorkingTime;

/** All parts against days, and the hands below. Coordinates in px of its viewBox. */
final readonly class RunSheetDrawing
{
    public const WIDTH = 1240.0;
    public const GUTTER = 46.0;
    public const LANE = 38.0;
    private const TOP = 44.0;
    private const HANDS_LANE = 26.0;
    private const LEAF = 0.7;

    /** Zooms: hours across, and hours between the marks. */
    public const SPANS = ['12h' => [12, 1], '1d' => [24, 2], '3d' => [72, 6], '1w' => [168, 24], '2w' => [336, 24]];

    /**
     * @param list<array{x: float, label: string, isDay: bool}> $marks
     * @param list<array{x: float, width: float}>               $closed
     * @param list<array{
     *     plan: PlannedPart, y: float,
     *     windows: list<array{kind: string, x: float, until: float}>,
     *     blocks: list<array{step: PlannedStep, time: StepTime, x: float, width: float, label: bool, pinned: bool}>,
     *     dueX: float|null, readyX: float|null,
     * }> $lanes
     * @param list<array{
     *     name: string, y: float,
     *     off: list<array{x: float, width: float}>,
     *     blocks: list<array{x: float, width: float, colour: int, letter: string}>,
     * }> $hands
     */
    private function __construct(
        public string $span,
        public float $fromMin,
        public float $untilMin,
        public float $height,
        public float $nowX,
        public array $marks,
        public array $closed,
        public array $lanes,
        public array $hands,
        public float $handsY,
    ) {
    }

    /** @param array<int, PlannedPart> $plans */
    public static function of(array $plans, ShopFloor $floor, string $span, ?float $fromMin = null): self
    {
        [$hours, $every] = self::SPANS[$span];
        $begin = $floor->time->local($fromMin ?? $floor->nowMin - 60.0 * max(1.0, $hours / 16.0));
        $from = ShopTime::minutes($hours >= 168 ? $begin->startOfDay() : $begin->startOfHour());
        $until = $from + 60.0 * $hours;
        $scale = (self::WIDTH - self::GUTTER) / ($until - $from);
        $x = fn (float $m): float => round(self::GUTTER + (max($from, min($until, $m)) - $from) * $scale, 1);

        $lanes = [];
        foreach ($plans as $plan) {
            $lanes[] = self::lane($plan, $floor, self::TOP + self::LANE * count($lanes), $from, $until, $x);
        }
        $handsY = self::TOP + self::LANE * max(1, count($lanes)) + 12.0;
        $hands = self::hands($plans, $floor, $handsY, $from, $until, $x);
        $marks = [];
        for ($minute = $from; $minute < $until; $minute += 60.0 * $every) {
            $local = $floor->time->local($minute);
            $isDay = $local->hour === 0 || $minute === $from;
            $marks[] = [
                'x' => $x($minute),
                'label' => $every >= 24 ? $local->format('D j') : ($isDay ? $local->format('D j M') : $local->format('H:i')),
                'isDay' => $isDay,
            ];
        }

        return new self(
            $span,
            $from,
            $until,
            $handsY + self::HANDS_LANE * count($hands) + 8.0,
            $floor->nowMin < $from || $floor->nowMin > $until ? -1.0 : $x($floor->nowMin),
            $marks,
            self::closed($floor->work, $from, $until, $x),
            $lanes,
            $hands,
            $handsY,
        );
    }

    /**
     * Where a step may start, as spans of the drawing.
     *
     * @param list<array{from: float, until: float, way: string}> $ranges minutes
     *
     * @return list<array{x: float, width: float, way: string, from: float, until: float}>
     */
    public function ranges(array $ranges): array
    {
        $scale = (self::WIDTH - self::GUTTER) / ($this->untilMin - $this->fromMin);
        $found = [];
        foreach ($ranges as $range) {
            if ($range['until'] >= $this->fromMin && $range['from'] <= $this->untilMin) {
                $x = self::GUTTER + (max($this->fromMin, $range['from']) - $this->fromMin) * $scale;
                $found[] = [
                    'x' => round($x, 1),
                    'width' => round(max(3.0, self::GUTTER + (min($this->untilMin, $range['until']) - $this->fromMin) * $scale - $x), 1),
                ] + $range;
            }
        }

        return $found;
    }

    /** Where the sheet begins when it is leafed on by most of a page. */
    public function pagedMin(int $way): float
    {
        return $this->fromMin + $way * self::LEAF * ($this->untilMin - $this->fromMin);
    }

    /** @param array{width: float} $block of a lane of hands */
    public static function hasRoom(array $block): bool
    {
        return $block['width'] > 13.0;
    }

    public function minutesPerPx(): float
    {
        return ($this->untilMin - $this->fromMin) / (self::WIDTH - self::GUTTER);
    }

    /**
     * @param \Closure(float): float $x
     *
     * @return array{
     *     plan: PlannedPart, y: float,
     *     windows: list<array{kind: string, x: float, until: float}>,
     *     blocks: list<array{step: PlannedStep, time: StepTime, x: float, width: float, label: bool, pinned: bool}>,
     *     dueX: float|null, readyX: float|null,
     * }
     */
    private static function lane(PlannedPart $plan, ShopFloor $floor, float $y, float $from, float $until, \Closure $x): array
    {
        $blocks = $windows = [];
        $coatOn = $plan->next?->coatOnMin;
        foreach ($plan->plan->ahead() as $step) {
            $time = $plan->schedule->slot($step->step->key);
            if ($time === null) {
                continue;
            }
            if ($time->window !== null && $coatOn !== null) {
                $windows = [...$windows, ...self::window($time->window, $coatOn, $time->startMin)];
            } elseif ($time->ready !== null && $coatOn !== null) {
                $windows[] = ['kind' => 'cure', 'from' => $coatOn, 'until' => $time->ready->expectedMin ?? $time->startMin];
            }
            $coatOn = $step->step->layer !== null ? $time->endMin : $coatOn;
            if ($time->endMin >= $from && $time->startMin <= $until) {
                $width = max(3.0, round($x($time->endMin) - $x($time->startMin), 1));
                $blocks[] = ['step' => $step, 'time' => $time, 'x' => $x($time->startMin), 'width' => $width, 'label' => $width > 74.0,
                    'pinned' => Decision::of($plan->plan->log, $step->step->key, $floor->nowMin)->pinnedAt !== null];
            }
        }
        $shapes = [];
        foreach ($windows as $w) {
            if ($w['until'] > $from && $w['from'] < $until && $x($w['until']) - $x($w['from']) >= 1.0) {
                $shapes[] = ['kind' => $w['kind'], 'x' => $x($w['from']), 'until' => $x($w['until'])];
            }
        }
        $inside = fn (?float $m): ?float => $m !== null && $m >= $from && $m <= $until ? $x($m) : null;

        return [
            'plan' => $plan,
            'y' => $y,
            'windows' => $shapes,
            'blocks' => $blocks,
            'dueX' => $inside($plan->plan->brief->neededByMin),
            'readyX' => $inside($plan->schedule->readyMin()),
        ];
    }

    /** @return list<array{kind: string, from: float, until: float}> minutes; what is missed only as far as somebody waits for it */
    private static function window(TackWindow $window, float $coatOn, float $nextStart): array
    {
        $opens = $window->opens->expectedMin ?? $nextStart;
        $closes = $window->closes->expectedMin ?? $nextStart;

        return [
            ['kind' => 'wet', 'from' => $coatOn, 'until' => $opens],
            ['kind' => 'bond', 'from' => $opens, 'until' => $closes],
            ...($nextStart > $closes ? [['kind' => 'cure', 'from' => $closes, 'until' => $nextStart]] : []),
        ];
    }

    /**
     * @param \Closure(float): float $x
     *
     * @return list<array{x: float, width: float}>
     */
    private static function closed(WorkingTime $work, float $from, float $until, \Closure $x): array
    {
        $closed = array_map(fn (array $span): array => [
            'x' => $x($span[0]),
            'width' => round($x($span[1]) - $x($span[0]), 1),
        ], $work->closedBetween($from, $until));

        return array_values(array_filter($closed, fn (array $c): bool => $c['width'] > 0.0));
    }

    /**
     * @param array<int, PlannedPart> $plans
     * @param \Closure(float): float  $x
     *
     * @return list<array{
     *     name: string, y: float,
     *     off: list<array{x: float, width: float}>,
     *     blocks: list<array{x: float, width: float, colour: int, letter: string}>,
     * }>
     */
    private static function hands(array $plans, ShopFloor $floor, float $y, float $from, float $until, \Closure $x): array
    {
        $hands = [];
        foreach ($floor->crew->people as $i => $work) {
            $blocks = [];
            foreach ($plans as $plan) {
                foreach ($plan->plan->ahead() as $step) {
                    $time = $plan->schedule->slot($step->step->key);
                    if ($time !== null && in_array($i, $time->people, true) && $time->endMin > $from && $time->startMin < $until) {
                        $blocks[] = [
                            'x' => $x($time->startMin),
                            'width' => max(2.0, round($x($time->endMin) - $x($time->startMin), 1)),
                            'colour' => $plan->part->colour,
                            'letter' => $plan->part->letter,
                        ];
                    }
                }
            }
            $hands[] = [
                'name' => $floor->people[$i]->name ?? 'hands',
                'y' => $y + self::HANDS_LANE * $i,
                'off' => self::closed($work, $from, $until, $x),
                'blocks' => $blocks,
            ];
        }

        return $hands;
    }
}
