<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Support\Htmlable;
use Illuminate\Support\HtmlString;

/** A line of `lang/` with its own markup, such as `<b>`; what is put into it is escaped. Views write it as `@say`. */
final class Line
{
    /** @param array<string, string|int|float|Htmlable|null> $with */
    public static function html(string $key, array $with = []): HtmlString
    {
        return new HtmlString((string) __($key, array_map(fn (mixed $value): string => e($value), $with)));
    }
}
