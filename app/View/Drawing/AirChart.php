<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\AirReading;
use App\Planning\ShopFloor;
use App\Time\ShopTime;
use Illuminate\Support\Collection;

/** Measured air up to now, expected air from now on. Coordinates in px of its viewBox. */
final readonly class AirChart
{
    public const WIDTH = 1200.0;
    public const HEIGHT = 330.0;
    /** A break is no night, minutes. */
    private const BREAK_MIN = 120.0;
    private const ROOM_FOR_WORDS = 90.0;
    private const LEFT = 44.0;
    private const BOTTOM = 300.0;
    private const TOP = 26.0;

    /** Silence longer than this is a gap, minutes. */
    public const GAP_MIN = 25.0;

    /**
     * @param list<array{x: float, label: string}>                              $hours
     * @param list<array{y: float, label: string}>                              $degrees
     * @param list<array{x: float, width: float}>                               $closed
     * @param list<string>                                                      $measured one polyline for each unbroken run
     * @param list<array{x: float, width: float, hasRoom: bool, words: string}> $gaps
     * @param list<array{x: float, y: float, source: string}>                   $dots     single readings
     * @param list<array{x: float, words: string}>                              $lies
     */
    private function __construct(
        public array $hours,
        public array $degrees,
        public array $closed,
        public array $measured,
        public array $gaps,
        public array $dots,
        public array $lies,
        public string $expected,
        public string $dayCurve,
        public float $nowX,
        public ?float $dewY,
        public ?float $leastY,
    ) {
    }

    /**
     * @param Collection<int, AirReading> $readings of the last day, in the order of time
     * @param float|null                  $leastC   colder than this a resin of the shop is not laid
     */
    public static function of(ShopFloor $floor, Collection $readings, ?float $leastC): self
    {
        $now = $floor->nowMin;
        $from = floor(($now - 1440.0) / 60.0) * 60.0;
        $until = $from + 4320.0;
        $x = fn (float $m): float => round(
            self::LEFT + (max($from, min($until, $m)) - $from) / ($until - $from) * (self::WIDTH - self::LEFT),
            1,
        );
        $trusted = $readings->filter(fn (AirReading $r): bool => $r->isTrusted());
        $samples = [];
        for ($m = $from; $m <= $until; $m += 30.0) {
            $samples[] = $floor->air->at($m);
            $samples[] = $floor->dayCurve->at($m);
        }
        $all = [
            ...$samples,
            ...$trusted->pluck('air_c')->all(),
            ...($leastC === null ? [] : [$leastC]),
            ...($floor->dewPointC() === null ? [] : [$floor->dewPointC()]),
        ];
        $low = floor(min($floor->airNowC(), ...$all) / 2.0) * 2.0;
        $high = ceil(max($floor->airNowC(), ...$all) / 2.0) * 2.0;
        $y = fn (float $c): float => round(self::BOTTOM - ($c - $low) / max(2.0, $high - $low) * (self::BOTTOM - self::TOP), 1);

        $runs = $gaps = $dots = [];
        $run = [];
        $last = null;
        foreach ($trusted->where('source', '!=', 'hand') as $reading) {
            $minute = ShopTime::minutes($reading->measured_at);
            if ($last !== null && $minute - $last > self::GAP_MIN) {
                $gaps[] = [
                    'x' => $x($last),
                    'width' => round($x($minute) - $x($last), 1),
                    'hasRoom' => $x($minute) - $x($last) > self::ROOM_FOR_WORDS,
                    'words' => 'silent '.$floor->time->local($last)->format('H:i').' to '.$floor->time->local($minute)->format('H:i'),
                ];
                $runs[] = $run;
                $run = [];
            }
            $run[] = $x($minute).','.$y((float) $reading->air_c);
            $last = $minute;
        }
        $runs[] = $run;
        if ($last !== null && $now - $last > self::GAP_MIN) {
            $gaps[] = [
                'x' => $x($last),
                'width' => round($x($now) - $x($last), 1),
                'hasRoom' => $x($now) - $x($last) > self::ROOM_FOR_WORDS,
                'words' => 'silent since '.$floor->time->local($last)->format('H:i'),
            ];
        }
        foreach ($trusted->where('source', 'hand') as $reading) {
            $dots[] = ['x' => $x(ShopTime::minutes($reading->measured_at)), 'y' => $y((float) $reading->air_c), 'source' => 'hand'];
        }
        $line = fn (callable $c, float $a): string => implode(
            ' ',
            array_map(fn (float $m): string => $x($m).','.$y($c($m)), range($a, $until, 30.0)),
        );
        $hours = $degrees = [];
        for ($m = $from; $m < $until; $m += 360.0) {
            $local = $floor->time->local($m);
            $hours[] = ['x' => $x($m), 'label' => $m === $from || $local->hour < 6 ? $local->format('D H:i') : $local->format('H:i')];
        }
        for ($c = $low; $c <= $high; $c += $high - $low > 12.0 ? 4.0 : 2.0) {
            $degrees[] = ['y' => $y($c), 'label' => (string) $c];
        }
        $closed = array_map(
            fn (array $span): array => ['x' => $x($span[0]), 'width' => round($x($span[1]) - $x($span[0]), 1)],
            $floor->work->closedBetween($from, $until, self::BREAK_MIN),
        );

        return new self(
            $hours,
            $degrees,
            $closed,
            array_values(array_map(fn (array $r): string => implode(' ', $r), array_filter($runs, fn (array $r): bool => count($r) > 1))),
            $gaps,
            $dots,
            array_values(
                $readings->filter(fn (AirReading $r): bool => $r->left_out_because !== null)->map(fn (AirReading $r): array => [
                    'x' => $x(ShopTime::minutes($r->measured_at)),
                    'words' => $floor->time->local(ShopTime::minutes($r->measured_at))->format('H:i')
                        .", {$r->said}: {$r->left_out_because}",
                ])->all(),
            ),
            $line($floor->air->at(...), $now),
            $line($floor->dayCurve->at(...), $from),
            $x($now),
            $floor->dewPointC() === null ? null : $y($floor->dewPointC()),
            $leastC === null ? null : $y($leastC),
        );
    }
}
