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
        $text = (string) preg_replace('/\R/u', "\n", self::text((string) file_get_contents($path)));
        if (substr_count($text, "\n") >= self::MOST_LINES) {
            throw BadLine::at(self::MOST_LINES + 1, null, 'the file is longer than '.self::MOST_LINES.' lines');
        }
        $separator = array_values(array_filter([';', "\t"], fn (string $s): bool => str_contains(strtok($text, "\n") ?: '', $s)))[0] ?? ',';
        $zones = new \DateTimeZone($zone);
        $format = self::FORMATS[0];
        $columns = null;
        $points = $seen = [];
        foreach (self::rows($text, $separator) as $i => $cells) {
            if ($columns === null) {
                $columns = self::columns($cells);

                continue;
            }
            if (implode('', $cells) === '') {
                continue;
            }
            $minute = self::minute($cells[$columns['time']] ?? '', $zones, $format, $i + 1);
            if (isset($seen[(string) $minute])) {
                throw BadLine::at($i + 1, 'time', "is the same as in line {$seen[(string) $minute]}");
            }
            $seen[(string) $minute] = $i + 1;
            $points[] = [
                'min' => $minute,
                'c' => self::number(
                    $cells[$columns['c']] ?? '',
                    $separator,
                    $i + 1,
                    '°C',
                    -30.0,
                    60.0,
                ) ?? throw BadLine::at($i + 1, '°C', 'is empty'),
                'rh' => isset($columns['rh']) ? self::number($cells[$columns['rh']] ?? '', $separator, $i + 1, '%RH', 1.0, 100.0) : null,
            ];
        }
        if ($points === []) {
            throw BadLine::at(2, null, 'the file has a header and nothing else');
        }
        usort($points, fn (array $a, array $b): int => $a['min'] <=> $b['min']);

        return $points;
    }

    /** @return iterable<int, list<string>> cells by line, from 0 */
    private static function rows(string $text, string $separator): iterable
    {
        $file = new \SplTempFileObject();
        $file->fwrite($text);
        $file->rewind();
        $file->setFlags(\SplFileObject::READ_CSV);
        $file->setCsvControl($separator, '"', '');
        foreach ($file as $i => $cells) {
            yield $i => array_map(fn (?string $c): string => trim((string) $c), is_array($cells) ? array_values($cells) : []);
        }
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

    /**
     * As UTF-8, by its mark or by what it can be; a file without one that is no UTF-8 is of the Windows code page, which
     * holds Latin-1.
     */
    private static function text(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => mb_scrub(substr($bytes, 3)),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            // Each sign of a plain table has a zero byte beside it then.
            substr_count(substr($bytes, 0, 400), "\0") > min(400, strlen($bytes)) / 3 => mb_convert_encoding(
                $bytes,
                'UTF-8',
                $bytes[0] === "\0" ? 'UTF-16BE' : 'UTF-16LE',
            ),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
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
