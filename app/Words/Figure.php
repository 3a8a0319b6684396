<?php

declare(strict_types=1);

namespace App\Words;

/** Marks a figure of a part with its name and value: wherever the same one stands, it is the same. */
final class Figure
{
    /** @param string $name such as `ready` or `build-5.grams`; within its part it means one thing */
    public static function mark(int $part, string $name, float|int|string|null $value): string
    {
        $is = (string) (is_float($value) ? round($value, 2) : $value);

        return sprintf(' data-figure="%s" data-is="%s"', e("{$part}.{$name}"), e($is));
    }
}
