<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Quantity\Area;
use OakGloss\Quantity\ArealWeight;
use OakGloss\Quantity\FilmThickness;
use OakGloss\Quantity\Mass;
use OakGloss\Quantity\Normal;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    use Near;

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function refused(): iterable
    {
        yield 'colder than any shop' => [fn () => Temperature::fromCelsius(-40.1)];
        yield 'hotter than any cup' => [fn () => Temperature::fromCelsius(200.1)];
        yield 'no number' => [fn () => Temperature::fromCelsius(NAN)];
        yield 'infinite' => [fn () => Mass::fromGrams(INF)];
        yield 'less than nothing' => [fn () => Mass::fromGrams(-0.001)];
        yield 'a negative area' => [fn () => Area::fromSquareMetres(-1.0)];
        yield 'a coat of tonnes' => [fn () => ArealWeight::fromGramsPerSquareMetre(50001.0)];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('refused')]
    public function testRefusesWhatTheWorkCannotMean(\Closure $make): void
    {
        $this->expectException(OutOfRange::class);
        $make();
    }

    public function testARefusalSaysQuantityBoundsValueAndUnit(): void
    {
        try {
            Temperature::fromCelsius(400.0);
            self::fail('was taken');
        } catch (OutOfRange $e) {
            self::assertSame('temperature must lie from -40 to 200 °C; it is 400 °C', $e->getMessage());
            self::assertSame('temperature', $e->quantity);
            self::assertSame(400.0, $e->value);
        }
    }

    public function testBothBoundsBelongToTheRange(): void
    {
        self::assertSame(-40.0, Temperature::fromCelsius(-40.0)->inCelsius());
        self::assertSame(473.15, Temperature::fromCelsius(200.0)->inKelvin());
    }

    public function testACoatsWeightGoesToGramsAndBack(): void
    {
        $area = Area::fromSquareMetres(0.25)->plus(Area::fromSquareMetres(0.15));
        $grams = ArealWeight::fromGramsPerSquareMetre(110.0)->over($area);
        self::assertGrams(44.0, $grams->inGrams());
        self::assertGrams(50.0, $grams->plus(Mass::fromGrams(6.0))->inGrams());
        self::assertNear(110.0, $grams->spreadOver($area)->inGramsPerSquareMetre(), 1e-9, 'g/m²');
    }

    public function testAFilmMayLieBelowTheCrowns(): void
    {
        self::assertSame(-12.0, FilmThickness::fromMicrometres(-12.0)->inMicrometres());
    }

    #[TestWith([0.0, 0.5])]
    #[TestWith([-1.959963984540054, 0.025])]
    #[TestWith([1.6448536269514722, 0.95])]
    #[TestWith([-3.0902323061678132, 0.001])]
    #[TestWith([-6.0, 9.865876450376981e-10])]
    #[TestWith([-38.5, 0.0])]
    #[TestWith([40.0, 1.0])]
    public function testTheNormalDistributionAgreesWithItsTables(float $x, float $share): void
    {
        self::assertEqualsWithDelta($share, Normal::below($x), 1e-12 + 1e-9 * $share);
    }

    public function testTheNormalDistributionHasNoStepWhereItsTwoSeriesMeet(): void
    {
        foreach ([-3.0, 3.0] as $seam) {
            self::assertEqualsWithDelta(Normal::below($seam - 1e-9), Normal::below($seam + 1e-9), 1e-10);
        }
    }
}
