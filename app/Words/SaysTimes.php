<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Shop;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use OakGloss\Fact\Words;
use OakGloss\Geometry\Zone;

/** Moments and spans in words, in the shop's zone; minutes since the epoch. */
trait SaysTimes
{
    /** Weekdays come again: from so many days on the date is said. */
    private const DATE_FROM_DAYS = 7;

    private ?ShopTime $time = null;

    /** @var array{float, string, int}|null the moment and zone that it was reckoned for, and the number of its day */
    private ?array $today = null;

    public function time(): ShopTime
    {
        /** @var \App\Models\User|null $user */
        $user = $this->guard->user();

        return $this->time ??= new ShopTime($user->shop->zone ?? 'UTC');
    }

    /** Speaks in a shop's zone where nobody is signed in. */
    public function in(Shop $shop): void
    {
        $this->time = new ShopTime($shop->zone);
    }

    /** `16:50` today, `tomorrow 08:05`, `Mon 08:05` within six days, else `Mon 22 Mar 08:05`. */
    public function when(?float $minutes): string
    {
        if ($minutes === null || ! is_finite($minutes)) {
            return '–';
        }

        return match ($this->daysFromToday($minutes)) {
            0 => $this->time()->local($minutes)->format('H:i'),
            1 => 'tomorrow '.$this->time()->local($minutes)->format('H:i'),
            default => $this->day($minutes),
        };
    }

    private function daysFromToday(float $minutes): int
    {
        $now = $this->clock->nowMin();
        if ($this->today === null || $this->today[0] !== $now || $this->today[1] !== $this->time()->zone) {
            $this->today = [$now, $this->time()->zone, $this->time()->dayNumber($now)];
        }

        return $this->time()->dayNumber($minutes) - $this->today[2];
    }

    /** `tomorrow 16:49 to 19:26`: the day is said once where it is the same. */
    public function between(?float $from, ?float $until): string
    {
        if ($from === null || $until === null || ! $this->time()->local($from)->isSameDay($this->time()->local($until))) {
            return $this->when($from).' to '.$this->when($until);
        }

        return $this->when($from).' to '.$this->time()->local($until)->format('H:i');
    }

    public function clock(float $minutes): string
    {
        return $this->time()->local($minutes)->format('H:i');
    }

    /** As a field of date and time takes it. */
    public function typedTime(float $minutes): string
    {
        return $this->time()->local($minutes)->format('Y-m-d\TH:i');
    }

    /** Whether two moments would read alike, or lie nearer than so many minutes. */
    public function isSame(?float $a, ?float $b, float $withinMin = 1.0): bool
    {
        return abs(($a ?? -INF) - ($b ?? -INF)) < $withinMin || ($a === null && $b === null);
    }

    /** Always with the weekday: `Fri 15:20`, and with the date beyond six days: `Fri 26 Mar 15:20`. */
    public function day(?float $minutes): string
    {
        if ($minutes === null || ! is_finite($minutes)) {
            return '–';
        }

        return $this->time()->local($minutes)->format(abs($this->daysFromToday($minutes)) < self::DATE_FROM_DAYS ? 'D H:i' : 'D j M H:i');
    }

    public function date(?float $minutes): string
    {
        return $minutes === null || ! is_finite($minutes) ? '–' : $this->time()->local($minutes)->format('D j M H:i');
    }

    /** A day as a heading: `today, Wed 10 Mar`, `tomorrow, Thu 11 Mar`, `Fri 12 Mar`. */
    public function dayName(float $minutes): string
    {
        $said = ['today, ', 'tomorrow, '][$this->daysFromToday($minutes)] ?? '';

        return $said.$this->time()->local($minutes)->format('D j M');
    }

    /** Of a local date as it is kept; one that is none stays as it is. */
    public function dayOf(string $date): string
    {
        return CarbonImmutable::hasFormat($date, 'Y-m-d') ? CarbonImmutable::parse($date)->format('D j M') : $date;
    }

    /** @return list<string> `today`, `yesterday`, `Mon 8 Mar` and so many days back */
    public function daysAgo(int $days): array
    {
        $today = $this->time()->local($this->clock->nowMin());

        return array_map(fn (int $ago): string => match ($ago) {
            0 => 'today',
            1 => 'yesterday',
            default => $today->subDays($ago)->format('D j M'),
        }, range(0, $days));
    }

    /** `42 min`, `1 h 12`, `2 d 3 h`. */
    public function span(float $minutes): string
    {
        $whole = (int) round(max(0.0, $minutes));

        return match (true) {
            $whole < 60 => "{$whole} min",
            $whole < 2880 => sprintf('%d h %02d', intdiv($whole, 60), $whole % 60),
            default => sprintf('%d d %d h', intdiv($whole, 1440), intdiv($whole % 1440, 60)),
        };
    }
}
