<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Measures;
use OakGloss\Material\Resin;
use OakGloss\Quantity\Temperature;
use OakGloss\Quantity\Unit;

/** A resin's events against temperature: hours on a log scale, straight from its thermal ages. */
final readonly class SheetCurve
{
    public const WIDTH = 560.0;
    public const HEIGHT = 300.0;
    private const LEFT = 52.0;
    private const RIGHT = 96.0;
    private const TOP = 14.0;
    private const BOTTOM = 34.0;
    private const FROM_C = 8.0;
    private const TO_C = 36.0;
    private const FROM_H = 0.5;
    private const TO_H = 720.0;

    /**
     * @param list<array{event: string, path: string, endY: float}>    $curves
     * @param list<array{x: float, y: float}>                          $sheet   the sheet's own rows
     * @param list<array{x: float, label: string}>                     $columns
     * @param list<array{y: float, label: string}>                     $rows
     * @param list<array{celsius: float, hours: array<string, float>}> $table
     */
    private function __construct(
        public array $curves,
        public array $sheet,
        public array $columns,
        public array $rows,
        public array $table,
        public float $nowX,
    ) {
    }

    /** @param list<array{c: float, minutes: float}> $sheetRows */
    public static function of(Resin $resin, array $sheetRows, float $airNowC): self
    {
        $x = fn (float $c): float => round(
            self::LEFT + (max(
                self::FROM_C,
                min(self::TO_C, $c),
            ) - self::FROM_C) / (self::TO_C - self::FROM_C) * (self::WIDTH - self::LEFT - self::RIGHT),
            1,
        );
        $y = fn (float $h): float => round(
            self::TOP + (log(self::TO_H) - log(max(
                self::FROM_H,
                min(self::TO_H, $h),
            ))) / (log(self::TO_H) - log(self::FROM_H)) * (self::HEIGHT - self::TOP - self::BOTTOM),
            1,
        );
        $hours = fn (float $age, float $c): float => $age / $resin->kinetics->activation->rate(
            Temperature::fromCelsius($c),
            $resin->kinetics->reference,
        ) / 60.0;

        $curves = [];
        foreach ($resin->kinetics->agesMin as $event => $age) {
            $points = [];
            for ($c = self::FROM_C; $c <= self::TO_C; $c += 1.0) {
                $points[] = $x($c).','.$y($hours($age, $c));
            }
            $curves[] = ['event' => $event, 'path' => implode(' ', $points), 'endY' => $y($hours($age, self::TO_C))];
        }
        $table = [];
        foreach ([12.0, 16.0, 20.0, 24.0, 28.0] as $c) {
            $table[] = ['celsius' => $c, 'hours' => array_map(fn (float $age): float => $hours($age, $c), $resin->kinetics->agesMin)];
        }

        return new self(
            $curves,
            array_map(fn (array $r): array => ['x' => $x((float) $r['c']), 'y' => $y((float) $r['minutes'] / 60.0)], $sheetRows),
            array_map(
                fn (float $c): array => ['x' => $x($c), 'label' => app(Measures::class)->say($c, Unit::Celsius, 0)],
                [10.0, 15.0, 20.0, 25.0, 30.0, 35.0],
            ),
            array_map(
                fn (array $h): array => ['y' => $y($h[0]), 'label' => $h[1]],
                [[1.0, '1 h'], [2.0, '2 h'], [4.0, '4 h'], [12.0, '12 h'], [24.0, '1 d'], [72.0, '3 d'], [168.0, '7 d']],
            ),
            $table,
            $x($airNowC),
        );
    }
}
