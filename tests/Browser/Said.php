<?php

declare(strict_types=1);

namespace Tests\Browser;

/** What the pages say by its key, as `__()` does within the app. */
final class Said
{
    /** @param array<string, string> $with by placeholder */
    public static function of(string $key, array $with = []): string
    {
        [$file, $path] = explode('.', $key, 2);
        /** @var array<string, mixed> $words */
        $words = require dirname(__DIR__, 2)."/lang/en/{$file}.php";
        $said = data_get($words, $path);

        return is_string($said)
            ? strtr($said, array_combine(array_map(fn (string $name): string => ":{$name}", array_keys($with)), $with))
            : throw new \LogicException("lang/en has no {$key}");
    }
}
