<?php

declare(strict_types=1);

namespace OakGloss\Climate;

/**
 * The shop's expected air: day curves set on the calendar, typed points where there are any, and readings
 * that correct it. A reading's difference from the curve fades as e^(−t/τ) after it and is interpolated
 * between readings; τ **240 min** is ours, a workshop's usual memory of a heater or an open door.
 */
final class Forecast
{
    public const MEMORY_MIN = 240.0;

    /** A correction is followed this long, by then under 1 % of it is left. */
    private const FOLLOWED_MIN = 5.0 * self::MEMORY_MIN;

    /** Between typed points farther apart than this the day curve says more than a straight line, minutes (ours). */
    public const TYPED_GAP_MIN = 960.0;

    /**
     * @param list<array{start: float, curve: DayCurve}> $days  local midnights in minutes, rising
     * @param list<array{float, float}>                  $typed [minute, °C] that replace the curve between neighbours up to 16 h apart
     */
    public static function fromDays(array $days, array $typed = []): AirCurve
    {
        usort($typed, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $points = [];
        foreach ($days as ['start' => $start, 'curve' => $curve]) {
            foreach ($curve->points() as [$minute, $c]) {
                if (! self::isTyped($typed, $start + $minute)) {
                    $points[] = [$start + $minute, $c];
                }
            }
        }
        foreach ($typed as [$minute, $c]) {
            $points[] = [$minute, $c];
        }
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return AirCurve::through(self::withoutRepeats($points));
    }

    /** @param list<array{float, float}> $typed in the order of time */
    private static function isTyped(array $typed, float $minute): bool
    {
        foreach ($typed as $i => [$at]) {
            if ($at > $minute) {
                return $i > 0 && $at - $typed[$i - 1][0] <= self::TYPED_GAP_MIN;
            }
        }

        return false;
    }

    /**
     * @param list<array{float, float}> $readings [minute, °C] measured, any order
     */
    public static function corrected(AirCurve $forecast, array $readings): AirCurve
    {
        if ($readings === []) {
            return $forecast;
        }
        usort($readings, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $readings = self::withoutRepeats($readings);
        $offsets = array_map(fn (array $r): array => [$r[0], $r[1] - $forecast->at($r[0])], $readings);
        $marks = $forecast->minutes;
        foreach ($offsets as $i => [$minute]) {
            $marks[] = $minute;
            $next = $offsets[$i + 1][0] ?? INF;
            for ($after = 30.0; $after <= self::FOLLOWED_MIN; $after += 30.0) {
                if ($minute + $after < $next) {
                    $marks[] = $minute + $after;
                }
            }
            $marks[] = $minute - 60.0;
        }
        sort($marks);
        $points = [];
        $next = 0;
        foreach ($marks as $minute) {
            while ($next < count($offsets) && $offsets[$next][0] <= $minute) {
                $next++;
            }
            $offset = self::offsetBetween($offsets[$next - 1] ?? null, $offsets[$next] ?? null, $minute);
            $points[] = [$minute, max(-40.0, min(120.0, $forecast->at($minute) + $offset))];
        }

        return AirCurve::through(self::withoutRepeats($points));
    }

    /**
     * @param array{float, float}|null $before
     * @param array{float, float}|null $after
     */
    private static function offsetBetween(?array $before, ?array $after, float $minute): float
    {
        $fading = $before === null ? 0.0 : $before[1] * exp(-($minute - $before[0]) / self::MEMORY_MIN);
        if ($after === null) {
            return $fading;
        }
        // Nothing is known of the air before a reading but the last hour's approach to it.
        $approach = $before === null ? 60.0 : min(60.0, $after[0] - $before[0]);
        $share = max(0.0, 1.0 - ($after[0] - $minute) / $approach);

        return $fading + $share * ($after[1] - $fading);
    }

    /**
     * @param list<array{float, float}> $points in the order of time
     *
     * @return list<array{float, float}>
     */
    private static function withoutRepeats(array $points): array
    {
        $kept = [];
        foreach ($points as $point) {
            $last = count($kept) - 1;
            if ($last >= 0 && $point[0] - $kept[$last][0] < 1e-6) {
                $kept[$last] = $point;
            } else {
                $kept[] = $point;
            }
        }

        return $kept;
    }
}
