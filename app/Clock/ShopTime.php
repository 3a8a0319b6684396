<?php

declare(strict_types=1);

namespace App\Clock;

use Carbon\CarbonImmutable;
use DateTimeInterface;
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

    /** A local date and time, such as `2027-03-10 16:34`, in minutes. */
    public function at(string $local): float
    {
        return self::minutes(CarbonImmutable::parse($local, $this->zone));
    }

    /**
     * @param array<int, list<array{string, string}>>    $hours      ISO weekday → [from, until]
     * @param array<string, list<array{string, string}>> $exceptions local date → [from, until]
     */
    public function workingTime(array $hours, float $from, float $until, array $exceptions = []): WorkingTime
    {
        $windows = [];
        foreach ($this->days($from, $until) as $day) {
            foreach ($exceptions[$day->toDateString()] ?? $hours[$day->dayOfWeekIso] ?? [] as [$open, $close]) {
                $windows[] = [self::minutes($day->setTimeFromTimeString($open)), self::minutes($close === '24:00' ? $day->addDay() : $day->setTimeFromTimeString($close))];
            }
        }

        return WorkingTime::of($windows);
    }

    /**
     * @param array<int, array{coldest_c: float, coldest_at: string, warmest_c: float, warmest_at: string}> $curves by ISO weekday
     * @param list<array{at: string, c: float}>                                                             $typed  local times
     */
    public function forecast(array $curves, array $typed, float $from, float $until): AirCurve
    {
        $days = [];
        foreach ($this->days($from, $until) as $day) {
            $curve = $curves[$day->dayOfWeekIso];
            $days[] = ['start' => self::minutes($day), 'curve' => new DayCurve((float) $curve['coldest_c'], self::minuteOfDay($curve['coldest_at']), (float) $curve['warmest_c'], self::minuteOfDay($curve['warmest_at']))];
        }

        return Forecast::fromDays($days, array_map(fn (array $p): array => [$this->at($p['at']), (float) $p['c']], $typed));
    }

    private static function minuteOfDay(string $time): int
    {
        [$hour, $minute] = explode(':', $time);

        return 60 * (int) $hour + (int) $minute;
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
