<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** The standard normal distribution. */
final class Normal
{
    /**
     * Φ(x): the share of a standard normal population below x. Absolute error below 1e-15 in the body,
     * relative error below 1e-12 in the tails: series for |x| < 3, continued fraction beyond.
     */
    public static function below(float $x): float
    {
        if ($x > 38.0) {
            return 1.0;
        }
        if ($x < -38.0) {
            return 0.0;
        }
        $density = exp(-0.5 * $x * $x) / sqrt(2.0 * M_PI);
        if (abs($x) < 3.0) {
            $term = $x;
            $sum = $x;
            for ($k = 3; abs($term) > 1e-17 * max(1e-3, abs($sum)); $k += 2) {
                $term *= $x * $x / $k;
                $sum += $term;
            }

            return 0.5 + $density * $sum;
        }
        $z = abs($x);
        $fraction = 0.0;
        for ($k = 120; $k > 0; $k--) {
            $fraction = $k / ($z + $fraction);
        }
        $tail = $density / ($z + $fraction);

        return $x < 0.0 ? $tail : 1.0 - $tail;
    }

    /** The x below which a share of the population lies, 0 to 1 exclusive; to 1e-10, by bisection. */
    public static function quantile(float $share): float
    {
        [$low, $high] = [-38.0, 38.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = self::below($middle) < $share ? [$middle, $high] : [$low, $middle];
        }

        return $high;
    }
}
