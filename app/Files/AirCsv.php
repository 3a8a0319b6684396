<?php

declare(strict_types=1);

namespace App\Files;

use App\Time\ShopTime;
use Carbon\CarbonImmutable;

/**
 * Air from a CSV file: a header in any order names a time, a temperature in °C and, if wanted, a relative humidity in %.
 * Comma, semicolon or tab between; with the latter two a decimal comma may stand. UTF-8, UTF-16, or the Windows and Latin-1
 * code page. All or nothing.
 */
final class AirCsv
{
    private const MOST_LINES = 20000;

    private const COLUMNS = [
        'time' => ['time', 'at', 'when', 'timestamp', 'date time', 'datetime', 'measured_at', 'zeit', 'datum', 'uhrzeit'],
        'c' => [
            'c',
            '°c',
            'air_c',
            'air',
            'temperature',
            'temp',
            'temp_c',
            'temperature_c',
            'temperature °c',
            'temperature (°c)',
            'temperatur',
            'temperatur °c',
            'temperatur (°c)',
        ],
        'rh' => ['rh', '%rh', 'rh_percent', 'humidity', 'rh %', '%', 'feuchte', 'luftfeuchte', 'luftfeuchtigkeit'],
    ];

    private const FORMATS = [
        'Y-m-d H:i:s',
        'Y-m-d H:i',
        'Y-m-d\TH:i:s',
        'Y-m-d\TH:i',
        'd.m.Y H:i:s',
        'd.m.Y H:i',
        'd/m/Y H:i:s',
        'd/m/Y H:i',
    ];

    /**
     * @param string $zone of times that name none
     *
     * @return non-empty-list<array{min: float, c: float, rh: float|null}> rising
     *
     * @throws BadLine If a line or column can't be read.
     */
    public static function read(string $path, string $zone): array
    {
        $text = Table::text((string) file_get_contents($path));
        if (substr_count($text, "\n") >= self::MOST_LINES) {
            throw BadLine::at(self::MOST_LINES + 1, null, 'the file is longer than '.self::MOST_LINES.' lines');
        }
        $separator = Table::separator($text);
        $zones = new \DateTimeZone($zone);
        $format = self::FORMATS[0];
        $columns = null;
        $points = $seen = [];
        foreach (Table::rows($text, $separator) as $i => $cells) {
            if ($columns === null) {
                $columns = self::columns($cells);

                continue;
            }
            if (implode('', $cells) === '') {
                continue;
            }
            $minute = self::minute($cells[$columns['time']] ?? '', $zones, $format, $i);
            if (isset($seen[(string) $minute])) {
                throw BadLine::at($i, 'time', "is the same as in line {$seen[(string) $minute]}");
            }
            $seen[(string) $minute] = $i;
            $points[] = [
                'min' => $minute,
                'c' => self::number(
                    $cells[$columns['c']] ?? '',
                    $separator,
                    $i,
                    '°C',
                    -30.0,
                    60.0,
                ) ?? throw BadLine::at($i, '°C', 'is empty'),
                'rh' => isset($columns['rh']) ? self::number($cells[$columns['rh']] ?? '', $separator, $i, '%RH', 1.0, 100.0) : null,
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

    /** @param string $usual the format of the line before, tried first */
    private static function minute(string $said, \DateTimeZone $zone, string &$usual, int $line): float
    {
        foreach ([$usual, ...self::FORMATS] as $format) {
            $local = \DateTimeImmutable::createFromFormat("!{$format}", $said, $zone);
            if ($local !== false && $local->format($format) === $said) {
                $usual = $format;

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

        throw BadLine::at(
            $line,
            'time',
            $said === ''
                ? 'is empty'
                : '“'.mb_substr($said, 0, 30).'” is no time there is; it reads like 2027-03-10 16:30 or 2027-03-10T15:30:00Z',
        );
    }

    private static function number(string $said, string $separator, int $line, string $column, float $least, float $most): ?float
    {
        if ($said === '') {
            return null;
        }
        $plain = $separator !== ',' ? str_replace(',', '.', $said) : $said;
        if (preg_match('/^[+-]?\d+(\.\d+)?$/', $plain) !== 1) {
            throw BadLine::at($line, $column, '“'.mb_substr($said, 0, 30).'” is no number');
        }
        if ((float) $plain < $least || (float) $plain > $most) {
            throw BadLine::at($line, $column, "{$said} lies outside {$least} to {$most}");
        }

        return (float) $plain;
    }
}
