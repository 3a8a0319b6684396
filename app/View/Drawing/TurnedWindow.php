<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Schedule\FittedWindow;

/** A coat that is begun so that its window lands where hands are free, against time. Coordinates in px of its viewBox. */
final readonly class TurnedWindow
{
    public const WIDTH = 1160.0;

    /** Shown so long beyond the last moment that matters, minutes. */
    private const BEYOND_MIN = 30.0;

    /**
     * @param list<array{x: float, width: float, fromMin: float}> $free
     * @param array{x: float, until: float}|null                  $sure
     */
    private function __construct(
        public FittedWindow $way,
        public array $free,
        public float $coatX,
        public float $opensX,
        public float $closesX,
        public float $nextX,
        public ?array $sure,
    ) {
    }

    /** @param non-empty-list<array{float, float}> $free minutes, rising */
    public static function of(FittedWindow $way, array $free, float $nowMin): self
    {
        $until = max($way->window->closes->expectedMin ?? $nowMin, $free[count($free) - 1][1]) + self::BEYOND_MIN;
        $x = fn (?float $min): float => round(max(0.0, min(1.0, ((float) $min - $nowMin) / ($until - $nowMin))) * self::WIDTH, 1);
        $sure = $way->window->sure();

        return new self(
            $way,
            array_map(fn (array $span): array => [
                'x' => $x($span[0]),
                'width' => $x($span[1]) - $x($span[0]),
                'fromMin' => $span[0],
            ], $free),
            $x($way->starts[0]),
            $x($way->window->opens->expectedMin),
            $x($way->window->closes->expectedMin),
            $x($way->nextMin),
            $sure === null ? null : ['x' => $x($sure['from']), 'until' => $x($sure['until'])],
        );
    }
}
