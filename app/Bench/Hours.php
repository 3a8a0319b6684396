<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\HourException;
use App\Models\User;
use App\Planning\ShopFloor;
use Carbon\CarbonImmutable;
use OakGloss\Schedule\WorkingTime;

/** Days on which somebody is there at other times than the week says. */
final class Hours
{
    /** A person's day with one more span; spans that touch become one. Who is not at the bench speaks for everybody. */
    public static function alsoOpen(ShopFloor $floor, User $user, float $from, float $until, string $because): void
    {
        $day = $floor->time->local($from);
        $mine = array_search($user->id, array_column($floor->people, 'id'), true);
        $windows = array_values(array_filter(
            ($mine === false ? $floor->work : $floor->crew->people[$mine])->windows,
            fn (array $w): bool => $floor->time->local($w[0])->isSameDay($day),
        ));
        self::set(
            $floor,
            $user,
            $user->at_bench ? $user->id : null,
            $day,
            WorkingTime::of([...$windows, [$from, $until]])->windows,
            $because,
        );
    }

    /** The person leaves now and comes back on the next working day. */
    public static function goesHome(ShopFloor $floor, User $user, User $who): void
    {
        $mine = array_search($who->id, array_column($floor->people, 'id'), true);
        $own = $mine === false ? [] : $floor->crew->people[$mine]->windows;
        // Past midnight the day that is left is the one on which the work began.
        $now = array_values(array_filter($own, fn (array $w): bool => $w[0] <= $floor->nowMin && $w[1] > $floor->nowMin))[0] ?? null;
        $day = $floor->time->local($now[0] ?? $floor->nowMin);
        $windows = [];
        foreach ($own as [$from, $until]) {
            if ($floor->time->local($from)->isSameDay($day) && $from < $floor->nowMin - 1.0) {
                $windows[] = [$from, min($until, $floor->nowMin)];
            }
        }
        self::set($floor, $user, $who->id, $day, $windows, 'went home');
    }

    /** @param list<array{float, float}> $windows */
    private static function set(ShopFloor $floor, User $user, ?int $whose, CarbonImmutable $day, array $windows, string $because): void
    {
        HourException::query()->create([
            'shop_id' => $floor->shop->id,
            'user_id' => $whose,
            'day' => $day->toDateString(),
            'spans' => array_map(
                fn (array $w): array => [$floor->time->minuteOfDay($w[0], $day), $floor->time->minuteOfDay($w[1], $day)],
                $windows,
            ),
            'because' => $because,
            'made_by_id' => $user->id,
        ]);
    }
}
