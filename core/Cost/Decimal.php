<?php

declare(strict_types=1);

namespace OakGloss\Cost;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Exact numbers of money: what was typed or weighed is taken by its digits, and a line is rounded once, half up. */
final class Decimal
{
    /** By the fewest digits that say the same number: 463.1 is 463.1, not its nearest binary neighbour. */
    public static function of(float|int $number): BigDecimal
    {
        return BigDecimal::of((string) json_encode($number));
    }

    /** Whole minor units, a half upwards. */
    public static function minor(BigNumber $exact): int
    {
        return $exact->toBigRational()->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    /** So many per cent of minor units. */
    public static function share(int $minor, float $percent): int
    {
        return self::minor(BigRational::of($minor)->multipliedBy(self::of($percent))->dividedBy(100));
    }
}
