<?php

declare(strict_types=1);

namespace App\Time;

/**
 * Hours of one day as the database keeps them: pairs of minutes of the day, the second beyond 1440 where they pass
 * midnight. Rows of before hold clock times such as `18:00`; one that ends before it begins passes midnight too.
 */
final class DaySpans
{
    public const DAY_MIN = 1440;

    /** No span is longer, so that a slip of the pen makes no night shift, minutes. */
    private const LONGEST_MIN = 1440;

    /**
     * @return array{list<array{int, int}>, list<string>} what can be read, and in words what can't
     */
    public static function read(mixed $row): array
    {
        $spans = $unreadable = [];
        foreach (is_array($row) ? $row : [$row] as $span) {
            $read = self::span($span);
            if ($read === null) {
                $unreadable[] = mb_substr((string) json_encode($span, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 40);
            } else {
                $spans[] = $read;
            }
        }

        return [$spans, $unreadable];
    }

    /** `08:00`; of a minute past midnight that of the next day. */
    public static function clock(int $minute): string
    {
        return $minute === self::DAY_MIN ? '24:00' : sprintf('%02d:%02d', intdiv($minute, 60) % 24, $minute % 60);
    }

    /** @return array{int, int}|null */
    private static function span(mixed $span): ?array
    {
        if (! is_array($span) || count($span) !== 2 || ! array_is_list($span)) {
            return null;
        }
        [$from, $until] = [self::minute($span[0]), self::minute($span[1])];
        if ($from === null || $until === null || $from >= self::DAY_MIN || $from === $until) {
            return null;
        }
        $until += $until < $from ? self::DAY_MIN : 0;

        return $until - $from > self::LONGEST_MIN ? null : [$from, $until];
    }

    private static function minute(mixed $said): ?int
    {
        if (is_string($said) && preg_match('/^(\d{1,2}):([0-5]\d)$/D', $said, $m) === 1) {
            $said = 60 * (int) $m[1] + (int) $m[2];
        }

        return is_int($said) && $said >= 0 && $said <= 2 * self::DAY_MIN ? $said : null;
    }
}
