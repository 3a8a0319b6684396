<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Assert;

/** What a figure was when it was last looked at: a line that changes has to be meant. `./oak approve` writes all of them anew. */
final class Approved
{
    /** @param list<string> $lines */
    public static function is(string $file, array $lines): void
    {
        $path = dirname(__DIR__)."/approved-{$file}.txt";
        if (getenv('OAK_APPROVE') === '1') {
            file_put_contents($path, implode("\n", $lines)."\n");
        }
        Assert::assertSame(
            explode("\n", rtrim((string) file_get_contents($path), "\n")),
            $lines,
            'If every line of this is meant: ./oak approve, read the difference, commit it with why.',
        );
    }

    /** A value with six figures, so that no change of a model hides in a tolerance, and no rounding of a machine shows. */
    public static function value(mixed $value): string
    {
        return match (true) {
            is_float($value) => sprintf('%.6g', $value),
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => '-',
            is_array($value) => '['.implode(', ', array_map(
                fn (string|int $key, mixed $v): string => (is_int($key) ? '' : "{$key} ").self::value($v),
                array_keys($value),
                $value,
            )).']',
            default => (string) $value,
        };
    }
}
