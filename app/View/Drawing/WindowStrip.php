<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Bench\Cup;
use App\Bench\WorkQueue;
use App\Planning\PlannedPart;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;

/** Time shown: every coat that still changes, against working hours and the air. Coordinates in px of its viewBox. */
final readonly class WindowStrip
{
    /** A break is no night, minutes. */
    private const BREAK_MIN = 120.0;

    private const MOST_LANES = 6;
    private const TOP = 24.0;
    private const LANE = 29.0;

    /** Of a whole day across a desk's screen, and of the hours around now across a phone's: px, minutes. */
    private const WHOLE = ['width' => 1240.0, 'back' => 390.0, 'span' => 1440.0, 'hours' => 120.0];
    private const NARROW = ['width' => 370.0, 'back' => 120.0, 'span' => 480.0, 'hours' => 120.0];

    /**
     * @param list<array{x: float, label: string}> $hours
     * @param list<array{x: float, width: float}>  $closed
     * @param list<array{
     *     part: PlannedPart, y: float, tagX: float,
     *     shapes: list<array{kind: string, x: float, until: float, tip: float, label: string}>, words: string,
     *     cup: array{x: float, until: float, useBy: float}|null,
     * }> $lanes
     */
    private function __construct(
        public float $width,
        public float $height,
        public float $nowX,
        public float $fromMin,
        public float $nowMin,
        public array $hours,
        public array $closed,
        public array $lanes,
        public string $airPath,
        public float $coldestX,
        public float $coldestY,
        public float $coldestC,
        public float $coldestMin,
    ) {
    }

    public static function of(WorkQueue $bench): self
    {
        return self::drawn($bench, $bench->calls, self::WHOLE);
    }

    /** What is due alone, for a narrow screen. */
    public static function lane(WorkQueue $bench, PlannedPart $due): self
    {
        return self::drawn($bench, [$due], self::NARROW);
    }

    /**
     * @param list<PlannedPart>                                           $calls
     * @param array{width: float, back: float, span: float, hours: float} $on
     */
    private static function drawn(WorkQueue $bench, array $calls, array $on): self
    {
        $now = $bench->floor->nowMin;
        $from = floor(($now - $on['back']) / 60.0) * 60.0;
        $until = $from + $on['span'];
        $x = fn (float $minute): float => round(($minute - $from) / $on['span'] * $on['width'], 1);
        $clamp = fn (float $minute): float => max($from, min($until, $minute));

        $lanes = [];
        foreach ($calls as $call) {
            $shapes = self::shapes($call, $until);
            $cup = self::cup($call);
            if (($shapes !== [] || $cup !== null) && count($lanes) < self::MOST_LANES) {
                $lanes[] = [
                    'cup' => $cup === null ? null : ['x' => $x($clamp($cup[0])), 'until' => $x($clamp($cup[1])), 'useBy' => $cup[1]],
                    'part' => $call,
                    'y' => self::TOP + 3.0 + self::LANE * count($lanes),
                    'tagX' => max(2.0, $x($clamp($shapes[0]['x'] ?? $cup[0] ?? $now)) - 25.0),
                    'shapes' => array_map(
                        fn (array $s): array => ['x' => $x($clamp($s['x'])), 'until' => $x($clamp($s['until']))] + $s,
                        $shapes,
                    ),
                    'words' => implode(', ', array_filter(array_column($shapes, 'words'))),
                ];
            }
        }
        $height = self::TOP + self::LANE * max(1, count($lanes)) + 27.0;

        $hours = [];
        for ($minute = $from; $minute <= $until; $minute += $on['hours']) {
            $hours[] = ['x' => $x($minute), 'label' => $bench->floor->time->local($minute)->format('H:i')];
        }
        $closed = array_map(
            fn (array $span): array => ['x' => $x($span[0]), 'width' => $x($span[1]) - $x($span[0])],
            $bench->floor->work->closedBetween($from, $until, self::BREAK_MIN),
        );

        $air = [];
        for ($minute = $from; $minute <= $until; $minute += 30.0) {
            $air[] = [$minute, $bench->floor->air->at($minute)];
        }
        $warm = max($bench->floor->airNowC(), ...array_column($air, 1));
        $cold = min($bench->floor->airNowC(), ...array_column($air, 1));
        $y = fn (float $c): float => round($height - 26.0 - ($c - $cold) / max(1.0, $warm - $cold) * ($height - self::TOP - 27.0), 1);
        $path = implode(' ', array_map(fn (array $p): string => $x($p[0]).','.$y($p[1]), $air));
        $coldest = $bench->floor->air->coldestBetween($now, $until);

        return new self(
            $on['width'],
            $height,
            $x($now),
            $from,
            $now,
            $hours,
            $closed,
            $lanes,
            $path,
            $x($coldest['minute']),
            $y($coldest['celsius']),
            $coldest['celsius'],
            $coldest['minute'],
        );
    }

    /** @return array{float, float}|null since when the next coat's cup is mixed, and until when it is used; null without one */
    private static function cup(PlannedPart $call): ?array
    {
        $cup = $call->next?->step->batch === null ? null : Cup::forStep($call, $call->next->step->step->key);
        $mixed = $cup?->mixedAtMin();

        return $cup === null || $mixed === null ? null : [$mixed, $cup->useByMin()];
    }

    /** @return list<array{kind: string, x: float, until: float, tip: float, label: string, words: string}> minutes */
    private static function shapes(PlannedPart $call, float $until): array
    {
        /** @var NextAct $next */
        $next = $call->next;
        if ($next->coatOnMin === null) {
            return [];
        }
        $key = $next->step->step->key;
        if ($next->window !== null) {
            $opens = $next->window->opens->expectedMin ?? $until;
            $closes = $next->window->closes->expectedMin ?? $until;
            $sandable = $next->keyFromMin ?? $until;
            if ($next->state === ActState::KeyFirst) {
                return [];
            }

            return [
                ['kind' => 'wet', 'x' => $next->coatOnMin, 'until' => $opens, 'tip' => 1.0, 'label' => '', 'words' => 'wet'],
                ['kind' => 'bond', 'x' => $opens, 'until' => $closes, 'tip' => 1.0, 'label' => $key, 'words' => 'bonds'],
                ['kind' => 'miss', 'x' => $closes, 'until' => $sandable, 'tip' => 0.16, 'label' => '', 'words' => 'missed'],
            ];
        }
        if ($next->state === ActState::Waiting && $next->ready?->expectedMin !== null) {
            return [[
                'kind' => 'miss',
                'x' => $next->coatOnMin,
                'until' => $next->ready->expectedMin,
                'tip' => 0.16,
                'label' => 'ready',
                'words' => 'cures',
            ]];
        }

        return [];
    }
}
