<?php

declare(strict_types=1);

namespace App\Words;

use App\Time\DaySpans;

/** Hours of a day as they are typed: `08:00-12:30, 13:15-18:00`, or `22:00-02:00` through the night. */
final class Spans
{
    /** Through the night nobody stays longer; a span that says more is a slip, minutes. */
    private const LONGEST_NIGHT_MIN = 720;

    /**
     * @return list<array{int, int}> minutes of the day, rising; past midnight beyond 1440
     *
     * @throws \DomainException If they can't be read or overlap.
     */
    public static function read(string $words): array
    {
        $spans = [];
        $last = 0;
        foreach (preg_split('/\s*(?:,|;|\band\b)\s*/', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            $clocks = array_map(self::clock(...), preg_split('/\s*(?:-|–|to)\s*/', $piece) ?: []);
            if (preg_match(
                '/^([01]\d|2[0-3]):([0-5]\d)-([01]\d|2[0-3]):([0-5]\d)$/D',
                preg_replace('/24:00$/', '00:00', implode('-', $clocks)) ?? '',
                $m,
            ) !== 1) {
                throw new \DomainException(
                    (string) __('shop.span_unreadable', ['piece' => $piece]),
                );
            }
            [$from, $until] = self::span(60 * (int) $m[1] + (int) $m[2], 60 * (int) $m[3] + (int) $m[4], $piece);
            if ($from < $last) {
                throw new \DomainException((string) __('shop.span_overlaps', ['piece' => $piece]));
            }
            $spans[] = [$from, $until];
            $last = $until;
        }

        return $spans;
    }

    /** `8`, `8:30`, `8.30`, `8h30`, `0830` as `08:30`; null of what is no time of a day. */
    public static function clock(string $typed): ?string
    {
        $typed = preg_replace('/^([01]\d|2[0-4])([0-5]\d)$/D', '$1:$2', trim($typed)) ?? '';
        if (preg_match('/^([01]?\d|2[0-4])(?:[:.h]([0-5]\d))?(?:\s*h)?$/D', $typed, $m) !== 1) {
            return null;
        }

        return sprintf('%02d:%02d', $m[1], $m[2] ?? 0);
    }

    /**
     * @return array{int, int} one that ends before it begins goes on to the next day
     *
     * @throws \DomainException If it has no length, or is longer than a night.
     */
    public static function span(int $from, int $until, string $piece): array
    {
        if ($until > $from) {
            return [$from, $until];
        }
        $until += DaySpans::DAY_MIN;
        if ($until - $from > self::LONGEST_NIGHT_MIN && $until > DaySpans::DAY_MIN) {
            throw new \DomainException((string) __('shop.span_backward', ['piece' => $piece]));
        }

        return [$from, $until];
    }

    public static function words(mixed $spans): string
    {
        return implode(
            ', ',
            array_map(fn (array $s): string => DaySpans::clock($s[0]).'-'.DaySpans::clock($s[1]), DaySpans::read($spans)[0]),
        );
    }
}
