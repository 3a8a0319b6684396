<?php

declare(strict_types=1);

namespace Tests\Core;

/** Comparisons that state unit and tolerance. */
trait Near
{
    private static function assertMicrometres(float $expected, float $actual, float $within = 0.05): void
    {
        self::assertNear($expected, $actual, $within, 'µm');
    }

    private static function assertMinutes(float $expected, ?float $actual, float $within = 0.05): void
    {
        self::assertNotNull($actual, 'never happens');
        self::assertNear($expected, $actual, $within, 'min');
    }

    private static function assertGrams(float $expected, float $actual, float $within = 0.01): void
    {
        self::assertNear($expected, $actual, $within, 'g');
    }

    private static function assertNear(float $expected, float $actual, float $within, string $unit): void
    {
        self::assertEqualsWithDelta($expected, $actual, $within, "wanted {$expected} {$unit}, got {$actual} {$unit}");
    }
}
