<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/**
 * What shrinks on after a surface was sanded flat: resin that fills a valley is thicker than over a crown, and what
 * of its shrinkage is still to come pulls the weave's pattern back through. Conversion is taken as 1 − e^(−3A/full),
 * 95 % at full cure (ours).
 */
final class PrintThrough
{
    /** A pattern deeper than this shows in a reflected lamp, µm (ours). */
    public const SHOWS_FROM_UM = 0.3;

    private const AT_FULL = 3.0;

    /**
     * @param list<array{float, float}> $coats     what each filled of the texture, µm, and its thermal age now, min
     * @param float                     $shrinkage share of thickness, 0 to 0.2
     * @param float                     $fullAge   age at full cure, min, above 0
     *
     * @throws \OakGloss\Quantity\OutOfRange If shrinkage or age is out of range.
     */
    public static function depthUm(array $coats, float $shrinkage, float $fullAge): float
    {
        Bounds::within($shrinkage, 0.0, 0.2, 'shrinkage', '');
        Bounds::within($fullAge, 0.1, 1e7, 'age at full cure', 'min');

        return $shrinkage * array_sum(array_map(
            fn (array $c): float => max(0.0, $c[0]) * exp(-self::AT_FULL * max(0.0, $c[1]) / $fullAge),
            $coats,
        ));
    }

    /**
     * How much older all coats must get until the pattern stays out of sight, min at the reference temperature.
     *
     * @param list<array{float, float}> $coats
     */
    public static function waitAge(array $coats, float $shrinkage, float $fullAge, float $atMostUm = self::SHOWS_FROM_UM): float
    {
        $depth = self::depthUm($coats, $shrinkage, $fullAge);

        return $depth <= $atMostUm ? 0.0 : $fullAge / self::AT_FULL * log($depth / $atMostUm);
    }
}
