<?php

declare(strict_types=1);

namespace App\Words;

use App\Time\ShopTime;

/** “tomorrow 13:00 to 14:30 and after 16:00” as spans of minutes. */
final class FreeHands
{
    private const DAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    /** “after” lasts until this hour, “before” begins at that one. */
    private const LAST = '22:00';
    private const FIRST = '06:00';

    /**
     * @return non-empty-list<array{float, float}> rising, none in the past
     *
     * @throws \DomainException If a piece can't be read, ends before it begins or has passed.
     */
    public static function read(string $words, ShopTime $time, float $nowMin): array
    {
        $today = $time->local($nowMin)->startOfDay();
        $day = $today;
        $spans = [];
        foreach (preg_split('/\s*(?:,|;|\band\b|&)\s*/i', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if (preg_match(
                '/^(?:on\s+)?(today|tomorrow|(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*)?\s*(?:from\s+)?'
                .'(?:(after|before)\s+(\d{1,2}[:.]\d\d)|(\d{1,2}[:.]\d\d)\s*(?:to|until|till|-|–)\s*(\d{1,2}[:.]\d\d))$/i',
                $piece,
                $m,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1) {
                throw new \DomainException((string) __('turn.unreadable', ['piece' => $piece]));
            }
            if (isset($m[1])) {
                $named = strtolower($m[1]);
                $ahead = $named === 'today'
                    ? 0
                    : ($named === 'tomorrow' ? 1 : (self::DAYS[substr($named, 0, 3)] - $today->dayOfWeekIso + 7) % 7);
                $day = $today->addDays($ahead);
            }
            $at = fn (string $clock): float => self::minute($day->toDateString(), $clock, $time);
            [$from, $until] = match (strtolower($m[2] ?? '')) {
                'after' => [$at($m[3] ?? ''), $at(self::LAST)],
                'before' => [$at(self::FIRST), $at($m[3] ?? '')],
                default => [$at($m[4] ?? ''), $at($m[5] ?? '')],
            };
            if ($until <= $from) {
                throw new \DomainException((string) __('turn.backward', ['piece' => $piece]));
            }
            if ($until > $nowMin) {
                $spans[] = [max($from, $nowMin), $until];
            }
        }
        usort($spans, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $spans === []
            ? throw new \DomainException((string) __('turn.no_time_left'))
            : $spans;
    }

    private static function minute(string $day, string $clock, ShopTime $time): float
    {
        [$hour, $minute] = explode(':', str_replace('.', ':', $clock));
        if ((int) $hour > 23 || (int) $minute > 59) {
            throw new \DomainException((string) __('turn.no_time', ['clock' => $clock]));
        }

        return $time->at("{$day} {$hour}:{$minute}");
    }
}
