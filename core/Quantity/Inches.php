<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** The inch of 25.4 mm (international yard and pound agreement, 1959). */
final class Inches
{
    public const MM = 25.4;

    public static function toMm(float $inches): float
    {
        return self::MM * $inches;
    }

    public static function fromMm(float $mm): float
    {
        return $mm / self::MM;
    }

    /** Millimetres of a length in the unit that it is typed in. */
    public static function mmOf(float $length, string $unit): float
    {
        return $unit === 'in' ? self::toMm($length) : $length;
    }
}
