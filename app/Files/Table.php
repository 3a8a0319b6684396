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

    /** @return iterable<int, list<string>> cells by line, from 1; a cell over several lines counts by its first */
    public static function read(string $text): iterable
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw BadLine::at(1, null, 'the file is not UTF-8');
        }
        $text = (string) preg_replace('/\R/u', "\n", str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text);
        $first = strtok($text, "\n") ?: '';
        $separator = array_values(array_filter([';', "\t"], fn (string $s): bool => str_contains($first, $s)))[0] ?? ',';
        $file = new \SplTempFileObject();
        $file->fwrite($text);
        $file->rewind();
        $file->setFlags(\SplFileObject::READ_CSV);
        $file->setCsvControl($separator, '"', '');
        foreach ($file as $i => $cells) {
            yield $i + 1 => array_map(self::bare(...), is_array($cells) ? array_values($cells) : []);
        }
    }

    private static function plain(string|int|float|null $cell): string
    {
        $text = (string) $cell;

        return is_string($cell) && ! is_numeric($cell) && in_array($text[0] ?? '', self::FORMULA, true) ? "'{$text}" : $text;
    }

    private static function bare(?string $cell): string
    {
        $text = trim((string) $cell);

        return str_starts_with($text, "'") && in_array($text[1] ?? '', self::FORMULA, true) ? substr($text, 1) : $text;
    }
}
