<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** The one gate through which plain numbers enter a quantity. */
final class Bounds
{
    /**
     * Gives the value back if it is finite and from $least to $most, both included.
     *
     * @throws OutOfRange If it is not.
     */
    public static function within(float $value, float $least, float $most, string $quantity, string $unit): float
    {
        if (! is_finite($value) || $value < $least || $value > $most) {
            throw OutOfRange::got($quantity, $value, $least, $most, $unit);
        }

        return $value;
    }
}
