<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Practice\Kit;
use OakGloss\Practice\LaminateHands;

/** Warmth of a practice laminate against the clock, both to scale, with what its pattern bears. */
final readonly class PracticeHeat
{
    public const WIDTH = 560.0;
    public const HEIGHT = 260.0;
    private const LEFT = 46.0;
    private const TOP = 12.0;
    private const BOTTOM = 30.0;
    private const RIGHT = 12.0;

    /**
     * @param list<array{y: float, label: string}>                                  $ticks
     * @param list<array{x: float, label: string}>                                  $hours
     * @param list<array{n: int, x: float, atMin: float, plies: int, cured: float}> $lifts
     */
    private function __construct(
        public string $path,
        public float $limitY,
        public array $ticks,
        public array $hours,
        public array $lifts,
        public float $nowC,
        public float $peakC,
    ) {
    }

    public static function of(LaminateHands $laminate, float $nowMin): self
    {
        $from = $laminate->lifts[0]['atMin'] ?? $nowMin;
        $span = max(120.0, $nowMin - $from);
        $most = max(80.0, $laminate->peakC + 10.0);
        $x = fn (float $minute): float => round(self::LEFT + ($minute - $from) / $span * (self::WIDTH - self::LEFT - self::RIGHT), 1);
        $high = self::HEIGHT - self::TOP - self::BOTTOM;
        $y = fn (float $c): float => round(self::HEIGHT - self::BOTTOM - ($c - 10.0) / ($most - 10.0) * $high, 1);
        $points = array_map(fn (array $p): string => $x($p[0]).' '.$y($p[1]), $laminate->curve);
        $every = $most > 120.0 ? 40.0 : 20.0;
        $hour = $span > 1440.0 ? 12.0 : ($span > 480.0 ? 4.0 : 1.0);

        return new self(
            $points === [] ? '' : 'M'.implode('L', $points),
            $y(Kit::PATTERN_BEARS_C),
            array_map(fn (float $c): array => ['y' => $y($c), 'label' => (string) round($c)], range(20.0, $most, $every)),
            array_map(
                fn (float $h): array => ['x' => $x($from + 60.0 * $h), 'label' => (string) round($h)],
                range(0.0, $span / 60.0, $hour),
            ),
            array_map(
                fn (array $l, int $i): array => ['n' => $i + 1, 'x' => $x($l['atMin'])] + $l,
                $laminate->lifts,
                array_keys($laminate->lifts),
            ),
            $laminate->nowC(),
            max($laminate->nowC(), $laminate->peakC),
        );
    }
}
