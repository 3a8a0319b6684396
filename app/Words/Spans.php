<?php

declare(strict_types=1);

namespace App\Words;

/** Hours of a day as they are typed: `08:00-12:30, 13:15-18:00`. */
final class Spans
{
    /**
     * @return list<array{string, string}> local times, rising
     *
     * @throws \DomainException If they can't be read, run backward or overlap.
     */
    public static function read(string $words): array
    {
        $spans = [];
        $last = '';
        foreach (preg_split('/\s*(?:,|;|\band\b)\s*/', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            if (preg_match('/^([01]?\d|2[0-3])[:.]([0-5]\d)\s*(?:-|–|to)\s*([01]?\d|2[0-4])[:.]([0-5]\d)$/', $piece, $m) !== 1) {
                throw new \DomainException("“{$piece}” can't be read. Hours read like 08:00-12:30, 13:15-18:00.");
            }
            [$from, $until] = [sprintf('%02d:%s', $m[1], $m[2]), sprintf('%02d:%s', $m[3], $m[4])];
            if ($until <= $from || $from < $last || $until > '24:00') {
                throw new \DomainException("“{$piece}” must end later than it begins, and none may overlap.");
            }
            $spans[] = [$from, $until];
            $last = $until;
        }

        return $spans;
    }

    /** @param list<array{string, string}> $spans */
    public static function words(array $spans): string
    {
        return implode(', ', array_map(fn (array $s): string => "{$s[0]}-{$s[1]}", $spans));
    }
}
