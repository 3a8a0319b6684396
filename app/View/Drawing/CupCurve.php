<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Bench\Cup;
use App\Words\Measures;
use OakGloss\Cure\BatchHeat;
use OakGloss\Cure\CupHeat;
use OakGloss\Quantity\Unit;

/** Warmth of one of this coat's cups against minutes from the hardener, here and now, beside the same in a shallow tray. */
final readonly class CupCurve
{
    public const WIDTH = 460.0;

    public const HEIGHT = 190.0;

    private const LEFT = 40.0;

    private const RIGHT = 12.0;

    private const TOP = 10.0;

    private const BOTTOM = 28.0;

    /** Shown so much past the later of gel and peak. */
    private const PAST = 1.25;

    /**
     * @param list<array{x: float, label: string}> $minutes
     * @param list<array{y: float, label: string}> $degrees
     */
    private function __construct(
        public string $cup,
        public string $tray,
        public ?float $gelX,
        public ?float $nowX,
        public ?float $warmY,
        public array $minutes,
        public array $degrees,
    ) {
    }

    public static function of(Cup $cup): self
    {
        [$heat, $tray] = [$cup->heat(), $cup->trayHeat()];
        $gel = $heat->potLifeMin ?? CupHeat::HORIZON_MIN / 4.0;
        $until = self::PAST * max(20.0, $gel, min($heat->peakAtMin, 2.0 * $gel));
        $least = floor(min([$heat->peakC, ...array_column($heat->curve, 1)]) / 10.0) * 10.0;
        $most = ceil((max($heat->peakC, $least + 20.0) + 5.0) / 10.0) * 10.0;
        $x = fn (float $min): float => round(self::LEFT + min(1.0, $min / $until) * (self::WIDTH - self::LEFT - self::RIGHT), 1);
        $high = self::HEIGHT - self::TOP - self::BOTTOM;
        $y = fn (float $c): float => round(self::HEIGHT - self::BOTTOM - ($c - $least) / ($most - $least) * $high, 1);
        $path = function (BatchHeat $of) use ($x, $y, $until): string {
            $points = [];
            foreach ($of->curve as [$min, $c]) {
                if ($min <= $until) {
                    $points[] = $x($min).' '.$y($c);
                }
            }

            return $points === [] ? '' : 'M'.implode('L', $points);
        };
        $mixed = $cup->mixedAtMin();
        $stepMin = $until > 240.0 ? 60.0 : ($until > 90.0 ? 30.0 : 10.0);
        $stepC = $most - $least > 80.0 ? 40.0 : ($most - $least > 40.0 ? 20.0 : 10.0);

        return new self(
            $path($heat),
            $path($tray),
            $heat->potLifeMin === null ? null : $x($heat->potLifeMin),
            $mixed === null ? null : $x(max(0.0, $cup->planned->floor->nowMin - $mixed)),
            $most > CupHeat::WARM_C ? $y(CupHeat::WARM_C) : null,
            array_map(fn (float $m): array => ['x' => $x($m), 'label' => (string) round($m)], range(0.0, $until, $stepMin)),
            array_map(
                fn (float $c): array => ['y' => $y($c), 'label' => app(Measures::class)->say($c, Unit::Celsius, 0)],
                range($least, $most, $stepC),
            ),
        );
    }
}
