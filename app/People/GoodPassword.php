<?php

declare(strict_types=1);

namespace App\People;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** 12 to 200 characters, none of the common ones, and not the person's own name or address. */
final class GoodPassword implements ValidationRule
{
    private const LEAST = 12;
    private const MOST = 200;

    /** Fewer different characters are no password. */
    private const LEAST_DIFFERENT = 5;

    /** @param list<string> $own what everybody knows of the person */
    public function __construct(private readonly array $own = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $length = is_string($value) ? mb_strlen($value) : 0;
        if ($length < self::LEAST || $length > self::MOST) {
            $fail('A password has '.self::LEAST.' to '.self::MOST.' characters. Four words in a row are a good one.');
        } elseif ($this->isCommon((string) $value)) {
            $fail((string) __('people.tried_first'));
        }
    }

    private function isCommon(string $password): bool
    {
        $plain = mb_strtolower($password);
        // What is common stays so with a year, a few numbers or signs after it, or said twice.
        $stem = preg_replace('/[\d\W_]+$/u', '', $plain) ?? $plain;
        $half = mb_substr($plain, 0, intdiv(mb_strlen($plain), 2));
        $common = self::common();
        foreach ([$plain, $stem, ...($half.$half === $plain ? [$half] : [])] as $said) {
            if (isset($common[$said]) || in_array($said, array_map(mb_strtolower(...), $this->own), true)) {
                return true;
            }
        }

        return count(array_unique(mb_str_split($plain))) < self::LEAST_DIFFERENT || self::isRow($plain);
    }

    /** Signs that follow each other, such as 123456789012 or abcdefghijkl. */
    private static function isRow(string $plain): bool
    {
        $signs = array_map(mb_ord(...), mb_str_split($plain));
        $steps = array_count_values(array_map(fn (int $a, int $b): int => $b - $a, array_slice($signs, 0, -1), array_slice($signs, 1)));

        return max(($steps[1] ?? 0), ($steps[-1] ?? 0)) >= count($signs) - 3;
    }

    /** @return array<string, true> */
    private static function common(): array
    {
        static $common = null;

        return $common ??= array_fill_keys(
            file(resource_path('passwords/common.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [],
            true,
        );
    }
}
