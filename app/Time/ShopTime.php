<?php

declare(strict_types=1);

namespace App\Time;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DayCurve;
use OakGloss\Climate\Forecast;
use OakGloss\Schedule\WorkingTime;

/** The calendar of a shop's zone over the core's minutes, which count from the Unix epoch in UTC. */
final readonly class ShopTime
{
    public function __construct(public string $zone)
    {
    }

    /** Of a UTC column as the database keeps it: reading thousands of them as objects takes longer than the planning. */
    public static function minutesOfColumn(string $utc): float
    {
        return (float) strtotime("{$utc} UTC") / 60.0;
    }

    public static function minutes(DateTimeInterface $moment): float
    {
        return $moment->getTimestamp() / 60.0;
    }

    public function local(float $minutes): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestamp((int) round($minutes * 60.0), $this->zone);
    }

    /** The local date as days from the first of 1970: a page says hundreds of times, and calendar objects are slow. */
    public function dayNumber(float $minutes): int
    {
        $moment = new DateTimeImmutable('@'.(int) round($minutes * 60.0));

        return (int) floor(($moment->getTimestamp() + (new DateTimeZone($this->zone))->getOffset($moment)) / 86400);
    }

    /** A local date and time, such as `2027-03-10 16:34`, in minutes. */
    public function at(string $local): float
    {
        return self::minutes(CarbonImmutable::parse($local, $this->zone));
    }

    /** What the clock on the wall shows on a day, minutes of that day; beyond 1440 on the next. */
    public function minuteOfDay(float $minutes, CarbonImmutable $day): int
    {
        $local = $this->local($minutes);

        return DaySpans::DAY_MIN * (int) round($day->startOfDay()->diffInDays($local->startOfDay())) + 60 * $local->hour + $local->minute;
    }

    /**
     * Spans that can't be read are left out; DaySpans names them.
     *
     * @param array<int, mixed>    $hours      by ISO weekday
     * @param array<string, mixed> $exceptions by local date
     */
    public function workingTime(array $hours, float $from, float $until, array $exceptions = []): WorkingTime
    {
        $windows = [];
        // A span of the day before may reach into the first.
        foreach ($this->days($from - DaySpans::DAY_MIN, $until) as $day) {
            foreach (DaySpans::read($exceptions[$day->toDateString()] ?? $hours[$day->dayOfWeekIso] ?? [])[0] as [$open, $close]) {
                [$opens, $closes] = [self::onTheWall($day, $open), self::onTheWall($day, $close)];
                // The hour that summer time leaves out has no length.
                if ($closes > $opens && $closes > $from) {
                    $windows[] = [$opens, $closes];
                }
            }
        }

        return WorkingTime::of($windows);
    }

    /**
     * @param array<int, mixed>       $curves by ISO weekday; one that can't be read is as the others or 20 °C
     * @param array<array-key, mixed> $typed  local times; what can't be read is left out
     */
    public function forecast(array $curves, array $typed, float $from, float $until): AirCurve
    {
        $known = array_filter(array_map(self::curve(...), $curves));
        $usual = array_values($known)[0] ?? ['coldest_c' => 20.0, 'coldest_at' => 300, 'warmest_c' => 20.0, 'warmest_at' => 840];
        $days = [];
        foreach ($this->days($from, $until) as $day) {
            $curve = $known[$day->dayOfWeekIso] ?? $usual;
            $start = self::minutes($day);
            // Where summer time changes, the clock on the wall and the minutes since midnight part.
            $days[] = [
                'start' => $start,
                'curve' => new DayCurve(
                    $curve['coldest_c'],
                    (int) (self::onTheWall($day, $curve['coldest_at']) - $start),
                    $curve['warmest_c'],
                    (int) (self::onTheWall($day, $curve['warmest_at']) - $start),
                ),
            ];
        }

        return Forecast::fromDays(
            $days,
            array_values(array_filter(
                array_map($this->point(...), $typed),
                fn (?array $p): bool => $p !== null && $p[0] >= $from && $p[0] <= $until,
            )),
        );
    }

    /** @return array{float, float}|null [minute, °C] of a typed point; null for one that can't be read */
    public function point(mixed $typed): ?array
    {
        if (! is_array($typed)
            || ! is_string($typed['at'] ?? null)
            || ! is_numeric($typed['c'] ?? null)
            || preg_match('/^\d{4}-\d\d-\d\d[ T]\d\d:\d\d$/D', $typed['at']) !== 1
            || abs((float) $typed['c']) > 80.0) {
            return null;
        }
        try {
            return [$this->at($typed['at']), (float) $typed['c']];
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    /**
     * @return array{
     *     coldest_c: float, coldest_at: int, warmest_c: float, warmest_at: int,
     * }|null times in minutes of the day; null if it can't be read
     */
    public static function curve(mixed $row): ?array
    {
        $read = [];
        foreach (['coldest', 'warmest'] as $end) {
            $c = is_array($row) ? $row["{$end}_c"] ?? null : null;
            $at = is_array($row) ? $row["{$end}_at"] ?? null : null;
            if (! is_numeric($c)
                || abs((float) $c) > 80.0
                || ! is_string($at)
                || preg_match('/^([01]\d|2[0-3]):([0-5]\d)$/D', $at, $m) !== 1) {
                return null;
            }
            $read["{$end}_c"] = (float) $c;
            $read["{$end}_at"] = 60 * (int) $m[1] + (int) $m[2];
        }

        return $read['coldest_c'] > $read['warmest_c'] ? null : $read;
    }

    private static function onTheWall(CarbonImmutable $day, int $minute): float
    {
        return self::minutes($day->setTime(intdiv($minute, 60), $minute % 60));
    }

    /** @return list<CarbonImmutable> local midnights */
    private function days(float $from, float $until): array
    {
        $days = [];
        for ($day = $this->local($from)->startOfDay(); self::minutes($day) < $until; $day = $day->addDay()) {
            $days[] = $day;
        }

        return $days;
    }
}
