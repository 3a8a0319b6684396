<?php

declare(strict_types=1);

namespace App\Files;

/** On which line of a JSON text the items of its lists of objects begin: a decoder does not say. */
final class JsonLines
{
    /**
     * @return array<string, int> line by place, such as `items.resins.0`; of text that is JSON
     */
    public static function of(string $text): array
    {
        [$lines, $line, $path, $key, $index] = [[], 1, [], null, [-1]];
        $length = strlen($text);
        for ($i = 0; $i < $length; $i++) {
            $sign = $text[$i];
            if ($sign === "\n") {
                $line++;
            } elseif ($sign === '"') {
                $from = ++$i;
                while ($i < $length && $text[$i] !== '"') {
                    $i += $text[$i] === '\\' ? 2 : 1;
                }
                $word = substr($text, $from, $i - $from);
                $key = preg_match('/\G\s*:/', $text, $m, 0, $i + 1) === 1 ? $word : $key;
            } elseif ($sign === '{' || $sign === '[') {
                $depth = count($index) - 1;
                // In a list a place is known by its number, in an object by its key.
                $path[] = $index[$depth] >= 0 ? (string) $index[$depth] : (string) $key;
                if ($sign === '{') {
                    $lines[implode('.', array_slice($path, 1))] = $line;
                }
                $index[] = $sign === '[' ? 0 : -1;
            } elseif ($sign === '}' || $sign === ']') {
                array_pop($index);
                array_pop($path);
            } elseif ($sign === ',' && $index[count($index) - 1] >= 0) {
                $index[count($index) - 1]++;
            }
        }

        return $lines;
    }
}
