<?php

declare(strict_types=1);

namespace App\Files;

use App\Clock\ShopTime;
use Carbon\CarbonImmutable;

/**
 * Air from a CSV file: a header in any order names a time, a temperature in °C and, if wanted, a relative humidity in %.
 * Comma or semicolon between; with semicolons a decimal comma may stand. All or nothing.
 */
final class AirCsv
{
    private const MOST_LINES = 20000;

    private const COLUMNS = [
        'time' => ['time', 'at', 'when', 'timestamp', 'date time', 'datetime', 'measured_at'],
        'c' => ['c', '°c', 'air_c', 'air', 'temperature', 'temp', 'temp_c', 'temperature_c'],
        'rh' => ['rh', '%rh', 'rh_percent', 'humidity', 'rh %', '%'],
    ];

    private const FORMATS = ['Y-m-d H:i:s', 'Y-m-d H:i', 'Y-m-d\TH:i:s', 'Y-m-d\TH:i', 'd.m.Y H:i:s', 'd.m.Y H:i', 'd/m/Y H:i:s', 'd/m/Y H:i'];

    /**
     * @param string $zone of times that name none
     *
     * @return non-empty-list<array{min: float, c: float, rh: float|null}> rising
     *
     * @throws BadLine If a line or column can't be read.
     */
    public static function read(string $path, string $zone): array
    {
        $lines = preg_split('/\R/u', preg_replace('/^\xEF\xBB\xBF/', '', (string) file_get_contents($path)) ?? '') ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw BadLine::at(self::MOST_LINES + 1, null, 'the file is longer than '.self::MOST_LINES.' lines');
        }
        $separator = substr_count($lines[0], ';') > 0 ? ';' : ',';
        $columns = self::columns(str_getcsv($lines[0], $separator, '"', ''));
        $points = $seen = [];
        foreach ($lines as $i => $line) {
            if ($i === 0 || trim($line) === '') {
                continue;
            }
            $cells = array_map(fn (?string $c): string => trim((string) $c), str_getcsv($line, $separator, '"', ''));
            $minute = self::minute($cells[$columns['time']] ?? '', $zone, $i + 1);
            if (isset($seen[(string) $minute])) {
                throw BadLine::at($i + 1, 'time', "is the same as in line {$seen[(string) $minute]}");
            }
            $seen[(string) $minute] = $i + 1;
            $points[] = [
                'min' => $minute,
                'c' => self::number($cells[$columns['c']] ?? '', $separator, $i + 1, '°C', -30.0, 60.0) ?? throw BadLine::at($i + 1, '°C', 'is empty'),
                'rh' => isset($columns['rh']) ? self::number($cells[$columns['rh']] ?? '', $separator, $i + 1, '%RH', 1.0, 100.0) : null,
            ];
        }
        if ($points === []) {
            throw BadLine::at(2, null, 'the file has a header and nothing else');
        }
        usort($points, fn (array $a, array $b): int => $a['min'] <=> $b['min']);

        return $points;
    }

    /**
     * @param list<string|null> $header
     *
     * @return array{time: int, c: int, rh?: int}
     */
    private static function columns(array $header): array
    {
        $found = [];
        foreach ($header as $i => $name) {
            foreach (self::COLUMNS as $column => $names) {
                if (in_array(mb_strtolower(trim((string) $name)), $names, true)) {
                    if (isset($found[$column])) {
                        throw BadLine::at(1, (string) $name, 'stands twice in the header');
                    }
                    $found[$column] = $i;
                }
            }
        }
        if (! isset($found['time'])) {
            throw BadLine::at(1, null, 'no column is called time');
        }

        return isset($found['c']) ? $found : throw BadLine::at(1, null, 'no column is called °C, air_c or temperature');
    }

    private static function minute(string $said, string $zone, int $line): float
    {
        foreach (self::FORMATS as $format) {
            $local = \DateTimeImmutable::createFromFormat("!{$format}", $said, new \DateTimeZone($zone));
            if ($local !== false && $local->format($format) === $said) {
                return ShopTime::minutes($local);
            }
        }
        if (preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d+)?)?\s?(Z|[+-]\d\d:?\d\d)$/', $said) === 1) {
            try {
                return ShopTime::minutes(CarbonImmutable::parse($said));
            } catch (\Exception) {
                throw BadLine::at($line, 'time', "“{$said}” is no time");
            }
        }

        throw BadLine::at($line, 'time', $said === '' ? 'is empty' : '“'.mb_substr($said, 0, 30).'” is no time there is; it reads like 2027-03-10 16:30 or 2027-03-10T15:30:00Z');
    }

    private static function number(string $said, string $separator, int $line, string $column, float $least, float $most): ?float
    {
        if ($said === '') {
            return null;
        }
        $plain = $separator === ';' ? str_replace(',', '.', $said) : $said;
        if (preg_match('/^[+-]?\d+(\.\d+)?$/', $plain) !== 1) {
            throw BadLine::at($line, $column, '“'.mb_substr($said, 0, 30).'” is no number');
        }
        if ((float) $plain < $least || (float) $plain > $most) {
            throw BadLine::at($line, $column, "{$said} lies outside {$least} to {$most}");
        }

        return (float) $plain;
    }
}
