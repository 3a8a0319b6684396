<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * Behaves like a cheap probe in a made-up shop: the day's curve, a heater that cycles, a door that opens, noise, spells
 * of silence and now and then a lie. The same moment always reads the same.
 */
final class StandInProbe
{
    private const EVERY_S = 300;
    private const MEAN_C = 17.6;
    private const SWING_C = 3.6;

    /**
     * @return list<array{measured_at: string, air_c: float|string, rh_percent: float}> every five minutes, gaps left out
     */
    public static function between(int $since, int $until): array
    {
        $readings = [];
        for ($at = (int) (ceil(($since + 1) / self::EVERY_S) * self::EVERY_S); $at <= $until; $at += self::EVERY_S) {
            if (! self::isSilent($at)) {
                $readings[] = self::at($at);
            }
        }

        return $readings;
    }

    /** @return array{measured_at: string, air_c: float|string, rh_percent: float} */
    public static function at(int $at): array
    {
        $c = self::celsius($at);
        $lie = self::chance($at, 'lie') < 0.006 ? (self::chance($at, 'which') < 0.5 ? 85.0 : 'NaN') : null;

        return [
            'measured_at' => gmdate('Y-m-d\TH:i:s\Z', $at),
            'air_c' => $lie ?? round($c, 1),
            'rh_percent' => round(
                max(25.0, min(90.0, 52.0 - 2.1 * ($c - self::MEAN_C) + 4.0 * (self::chance(intdiv($at, 1800), 'rh') - 0.5))),
                0,
            ),
        ];
    }

    /** A spell of silence of an hour and a half, about once a day. */
    public static function isSilent(int $at): bool
    {
        $spell = intdiv($at, 5400);

        return self::chance($spell, 'silence') < 0.06 || self::chance($at, 'drop') < 0.03;
    }

    private static function celsius(int $at): float
    {
        $hour = fmod($at / 3600.0 + 1.0, 24.0);
        $day = intdiv($at + 3600, 86400);
        $c = self::MEAN_C + 1.2 * (self::chance($day, 'day') - 0.5) + self::SWING_C * cos(2.0 * M_PI * ($hour - 14.0) / 24.0);
        // The heater runs while hands are there: up while it is on, down while it is off.
        if ($hour > 7.5 && $hour < 17.5) {
            $cycle = fmod($at / 60.0, 26.0) / 26.0;
            $c += 0.35 * ($cycle < 0.4 ? $cycle / 0.4 : (1.0 - $cycle) / 0.6) - 0.15;
        }
        // Somebody opens the door.
        for ($ago = 0; $ago < 12; $ago++) {
            $slot = intdiv($at, 300) - $ago;
            if (self::chance($slot, 'door') < 0.015 && $hour > 8.0 && $hour < 18.0) {
                $c -= 2.2 * exp(-($ago * 5.0) / 11.0);
            }
        }

        return $c + 0.3 * (self::chance($at, 'noise') - 0.5);
    }

    /** 0 to 1, the same for the same moment and matter. */
    private static function chance(int $at, string $matter): float
    {
        return hexdec(substr(hash('crc32b', "{$matter}-{$at}-oak"), 0, 7)) / 0xFFFFFFF;
    }
}
