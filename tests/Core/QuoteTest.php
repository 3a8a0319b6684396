<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cost\Decimal;
use OakGloss\Cost\Hours;
use OakGloss\Cost\Material;
use OakGloss\Cost\Quote;
use OakGloss\Quantity\OutOfRange;
use PHPUnit\Framework\TestCase;

final class QuoteTest extends TestCase
{
    /** Checked by hand: 250 g of a kilogram for 64.00, 90 min at 42.00, 5 % waste, 20 % margin, 19 % tax. */
    public function testAQuoteByHand(): void
    {
        $quote = Quote::of([new Material(250.0, 1000.0, 6400)], [new Hours(90.0, 4200)], [500], 5.0, 20.0, 19.0);
        self::assertSame([[1600], 80, [6300]], [$quote->materialsMinor, $quote->wasteMinor, $quote->hoursMinor]);
        self::assertSame([8480, 1696, 10176], [$quote->costMinor, $quote->marginMinor, $quote->netMinor]);
        self::assertSame([1933, 12109], [$quote->taxMinor, $quote->totalMinor], '1933.44, rounded at its line');
    }

    public function testALineIsRoundedHalfUpAndExactly(): void
    {
        self::assertSame(1, (new Material(1.0, 2.0, 1))->minor(), 'a half goes up');
        self::assertSame(0, (new Material(0.4999999, 1.0, 1))->minor());
        // In binary 1.005 · 100 is 100.49999…; by its digits it is a half.
        self::assertSame(101, (new Material(1.005, 1.0, 100))->minor());
        self::assertSame(35, Decimal::share(115, 30.0), '34.5');
        self::assertSame('463.1', (string) Decimal::of(463.1));
    }

    /** An invoice is the sum of its lines, whatever they are. */
    public function testTheTotalIsItsLines(): void
    {
        mt_srand(17);
        for ($i = 0; $i < 400; $i++) {
            $lines = fn (int $most): array => range(1, mt_rand(1, $most));
            $quote = Quote::of(
                array_map(fn (): Material => new Material(mt_rand(0, 90000) / 10.0, mt_rand(1, 10000) / 4.0, mt_rand(0, 30000)), $lines(8)),
                array_map(fn (): Hours => new Hours(mt_rand(0, 9000) / 10.0, mt_rand(0, 9000)), $lines(6)),
                array_map(fn (): int => mt_rand(0, 4000), $lines(3)),
                mt_rand(0, 200) / 10.0,
                mt_rand(-100, 600) / 10.0,
                mt_rand(0, 250) / 10.0,
            );
            self::assertSame($quote->totalMinor, $quote->netMinor + $quote->taxMinor);
            self::assertSame($quote->netMinor, $quote->costMinor + $quote->marginMinor);
            self::assertGreaterThanOrEqual(array_sum($quote->materialsMinor) + $quote->wasteMinor + array_sum($quote->hoursMinor), $quote->costMinor);
        }
    }

    public function testAPackOfNothingIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        new Material(1.0, 0.0, 100);
    }
}
