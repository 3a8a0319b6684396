<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\AirOutOfOrder;
use OakGloss\Climate\DayCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Climate\Forecast;
use OakGloss\Climate\PartTemperature;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClimateTest extends TestCase
{
    use Near;

    public function testAirIsStraightBetweenItsPointsAndConstantBeyond(): void
    {
        $air = AirCurve::through([[0.0, 10.0], [60.0, 16.0], [120.0, 13.0]]);
        self::assertSame([10.0, 10.0, 13.0, 16.0, 14.5, 13.0, 13.0], array_map($air->at(...), [-500.0, 0.0, 30.0, 60.0, 90.0, 120.0, 9000.0]));
        self::assertNear(1.5, $air->risePerHour(60.0), 1e-9, '°C/h');
        self::assertSame(0.0, $air->risePerHour(9000.0));
    }

    public function testTheColdestMomentMayLieAtAnEndOrAtAPoint(): void
    {
        $air = AirCurve::through([[0.0, 18.0], [300.0, 12.0], [600.0, 20.0]]);
        self::assertSame(['minute' => 300.0, 'celsius' => 12.0], $air->coldestBetween(100.0, 500.0));
        self::assertSame(450.0, $air->coldestBetween(450.0, 550.0)['minute']);
        self::assertSame(200.0, $air->coldestBetween(100.0, 200.0)['minute']);
    }

    public function testPointsMustRiseAndThereMustBeOne(): void
    {
        foreach ([[], [[5.0, 20.0], [5.0, 21.0]], [[5.0, 20.0], [4.0, 20.0]]] as $points) {
            try {
                AirCurve::through($points);
                self::fail('was taken');
            } catch (AirOutOfOrder $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function testAPartStartsInEquilibriumAndFollowsALineItsLagBehind(): void
    {
        $part = new PartTemperature(AirCurve::through([[0.0, 10.0], [600.0, 20.0]]), 30.0);
        self::assertNear(10.0, $part->at(0.0), 1e-12, '°C');
        // Long after the bend the part is where the air was one lag ago.
        self::assertNear(10.0 + (500.0 - 30.0) / 60.0, $part->at(500.0), 1e-5, '°C');
        self::assertNear(20.0, $part->at(5000.0), 1e-9, '°C');
        self::assertSame(10.0, $part->at(-50.0));
    }

    public function testAPartWithoutLagIsAsWarmAsTheAir(): void
    {
        $air = AirCurve::through([[0.0, 10.0], [60.0, 22.0], [90.0, 15.0]]);
        $part = new PartTemperature($air, 0.0);
        foreach ([-10.0, 0.0, 17.0, 60.0, 75.0, 200.0] as $minute) {
            self::assertNear($air->at($minute), $part->at($minute), 1e-12, '°C');
        }
    }

    #[TestWith([20.0, 50.0, 9.26])]
    #[TestWith([20.0, 100.0, 20.0])]
    #[TestWith([30.0, 30.0, 10.53])]
    #[TestWith([5.0, 80.0, 1.83])]
    public function testDewPointAgreesWithPublishedTables(float $air, float $humidity, float $dew): void
    {
        self::assertNear($dew, DewPoint::of(Temperature::fromCelsius($air), $humidity)->inCelsius(), 0.05, '°C');
    }

    public function testDewPointRisesWithHumidityAndNeverPassesTheAir(): void
    {
        $before = -INF;
        for ($rh = 5.0; $rh <= 100.0; $rh += 5.0) {
            $dew = DewPoint::of(Temperature::fromCelsius(18.0), $rh)->inCelsius();
            self::assertGreaterThan($before, $dew);
            self::assertLessThanOrEqual(18.0 + 1e-9, $dew);
            $before = $dew;
        }
    }

    public function testDaysFollowTheirCurvesAndTypedPointsTakeTheirPlace(): void
    {
        $curve = new DayCurve(12.0, 360, 20.0, 840);
        $days = [['start' => 0.0, 'curve' => $curve], ['start' => 1440.0, 'curve' => $curve]];
        $air = Forecast::fromDays($days);
        self::assertSame([12.0, 20.0, 12.0, 20.0], array_map($air->at(...), [360.0, 840.0, 1800.0, 2280.0]));
        $typed = Forecast::fromDays($days, [[1500.0, 17.0], [700.0, 25.0]]);
        self::assertSame([12.0, 25.0, 17.0], array_map($typed->at(...), [360.0, 700.0, 1500.0]));
        self::assertNear(21.0, $typed->at(1100.0), 1e-9, '°C');
        $far = Forecast::fromDays($days, [[300.0, 17.0], [1500.0, 17.0]]);
        self::assertNear(20.0, $far->at(840.0), 1e-9, 'points a day apart say nothing of the noon between');
    }

    public function testAReadingMovesTheNextHoursAndFades(): void
    {
        $forecast = AirCurve::constant(18.0);
        $air = Forecast::corrected($forecast, [[600.0, 15.0]]);
        self::assertNear(15.0, $air->at(600.0), 1e-9, '°C');
        self::assertNear(18.0 - 3.0 * exp(-1.0), $air->at(600.0 + Forecast::MEMORY_MIN), 0.01, '°C');
        self::assertNear(18.0, $air->at(600.0 + 6.0 * Forecast::MEMORY_MIN), 0.05, '°C');
        self::assertNear(18.0, $air->at(400.0), 1e-9, '°C');
    }

    public function testEveryReadingIsMetAndTheNewestRulesWhatFollows(): void
    {
        $readings = [[600.0, 15.0], [640.0, 19.5], [900.0, 17.0]];
        $air = Forecast::corrected(AirCurve::through([[0.0, 16.0], [1440.0, 21.0]]), array_reverse($readings));
        foreach ($readings as [$minute, $c]) {
            self::assertNear($c, $air->at($minute), 1e-9, '°C');
        }
        self::assertLessThan(16.0 + 5.0 * 960.0 / 1440.0, $air->at(960.0));
    }

    public function testADayCurveRefusesAWarmestThatIsColder(): void
    {
        $this->expectException(OutOfRange::class);
        new DayCurve(18.0, 300, 17.0, 800);
    }
}
