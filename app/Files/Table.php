<?php

declare(strict_types=1);

namespace App\Files;

/** A table as CSV: comma between, quotes doubled, UTF-8. A semicolon or a tab is read too. */
final class Table
{
    /** A cell that a spreadsheet would run as a formula begins with one of these. */
    private const FORMULA = ['=', '+', '-', '@'];

    /** @param list<list<string|int|float|null>> $rows the header first */
    public static function write(array $rows): string
    {
        $file = new \SplTempFileObject();
        foreach ($rows as $row) {
            $file->fputcsv(array_map(self::plain(...), $row), ',', '"', '');
        }
        $size = (int) $file->ftell();
        $file->rewind();

        return (string) $file->fread(max(1, $size));
    }

    /** @return iterable<int, list<string>> cells by line, as they were before they were written here */
    public static function read(string $bytes): iterable
    {
        $text = self::text($bytes);
        foreach (self::rows($text, self::separator($text)) as $line => $cells) {
            yield $line => array_map(self::bare(...), $cells);
        }
    }

    /** A semicolon or a tab where the first line has one. */
    public static function separator(string $text): string
    {
        $first = strtok($text, "\n") ?: '';

        return array_values(array_filter([';', "\t"], fn (string $s): bool => str_contains($first, $s)))[0] ?? ',';
    }

    /** @return iterable<int, list<string>> trimmed cells by line, from 1; a cell over several lines counts by its first */
    public static function rows(string $text, string $separator): iterable
    {
        $file = new \SplTempFileObject();
        $file->fwrite($text);
        $file->rewind();
        $file->setFlags(\SplFileObject::READ_CSV);
        $file->setCsvControl($separator, '"', '');
        foreach ($file as $i => $cells) {
            yield $i + 1 => array_map(fn (?string $c): string => trim((string) $c), is_array($cells) ? array_values($cells) : []);
        }
    }

    /**
     * As UTF-8, by its mark or by what it can be; a file without one that is no UTF-8 is of the Windows code page, which
     * holds Latin-1.
     */
    public static function text(string $bytes): string
    {
        return (string) preg_replace('/\R/u', "\n", match (true) {
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
        });
    }

    private static function plain(string|int|float|null $cell): string
    {
        $text = (string) $cell;

        return is_string($cell) && ! is_numeric($cell) && self::isFormula($text) ? "'{$text}" : $text;
    }

    private static function bare(string $cell): string
    {
        return str_starts_with($cell, "'") && self::isFormula(substr($cell, 1)) ? substr($cell, 1) : $cell;
    }

    /** Blanks before it are skipped by who runs it; a tab or a return is one of its signs. */
    private static function isFormula(string $text): bool
    {
        return in_array(ltrim($text)[0] ?? '', self::FORMULA, true) || in_array($text[0] ?? '', ["\t", "\r", "\n"], true);
    }
}
