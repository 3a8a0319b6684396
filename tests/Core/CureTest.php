<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Basis;
use OakGloss\Cure\CoatPace;
use OakGloss\Cure\CoatState;
use OakGloss\Cure\CupHeat;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Spread;
use OakGloss\Cure\ThermalAge;
use OakGloss\Cure\Touch;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CureTest extends TestCase
{
    use Near;

    public function testAtTheReferenceTemperatureAgeIsMinutes(): void
    {
        $forecast = self::forecast(AirCurve::constant(20.0));
        self::assertMinutes(1000.0 + 120.0, $forecast->event(Milestone::TackFrom, 1000.0)->expectedMin, 1e-6);
        self::assertMinutes(1000.0 + 900.0, $forecast->event(Milestone::Sandable, 1000.0)->expectedMin, 1e-6);
        self::assertNear(75.0, $forecast->age(1000.0, 1075.0), 1e-6, 'min');
    }

    public function testTheAssumedActivationAboutHalvesEveryTenDegrees(): void
    {
        $rate = Activation::assumed()->rate(Temperature::fromCelsius(30.0), Temperature::fromCelsius(20.0));
        self::assertNear(2.0, $rate, 0.02, 'times');
        self::assertSame(Basis::Assumed, Activation::assumed()->basis);
    }

    public function testTwoTemperaturesOnTheSheetAreMetExactly(): void
    {
        $activation = Activation::throughSheet([[15.0, 200.0], [25.0, 100.0]]);
        self::assertSame(Basis::Fitted, $activation->basis);
        self::assertNear(2.0, $activation->rate(Temperature::fromCelsius(25.0), Temperature::fromCelsius(15.0)), 1e-9, 'times');
    }

    public function testOneTemperatureIsNoFit(): void
    {
        self::assertSame(Basis::Assumed, Activation::throughSheet([[20.0, 100.0], [20.0, 110.0]])->basis);
        self::assertSame(Basis::Assumed, Activation::throughSheet([])->basis);
    }

    public function testASheetOnWhichColdIsFasterIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        Activation::throughSheet([[15.0, 100.0], [25.0, 200.0]]);
    }

    public function testWarmerNeverMeansLater(): void
    {
        mt_srand(7);
        for ($run = 0; $run < 60; $run++) {
            $points = self::randomDay();
            $warmer = array_map(fn (array $p): array => [$p[0], $p[1] + mt_rand(1, 40) / 10.0], $points);
            foreach (['tack_from', 'sandable', 'full'] as $event) {
                $lag = (float) mt_rand(0, 60);
                $cold = self::forecast(AirCurve::through($points), $lag, 12.0)->event($event, 300.0)->expectedMin;
                $warm = self::forecast(AirCurve::through($warmer), $lag, 12.0)->event($event, 300.0)->expectedMin;
                self::assertTrue($cold === null || ($warm !== null && $warm <= $cold + 1e-6), "run {$run}: {$event} at {$warm} after {$cold}");
            }
        }
    }

    public function testEarlyExpectedAndLateStandInOrder(): void
    {
        mt_srand(11);
        for ($run = 0; $run < 40; $run++) {
            $event = self::forecast(AirCurve::through(self::randomDay()), 15.0)->event(Milestone::Sandable, 200.0);
            self::assertLessThanOrEqual($event->expectedMin, $event->earlyMin);
            self::assertLessThanOrEqual($event->lateMin ?? INF, $event->expectedMin);
        }
    }

    public function testAgeAddsUpOverAnyCut(): void
    {
        $age = new ThermalAge(new PartTemperature(AirCurve::through(self::randomDay()), 20.0), self::kinetics(), 0.0);
        $whole = $age->at(1700.0) - $age->at(100.0);
        $parts = 0.0;
        for ($m = 100.0; $m < 1700.0; $m += 37.0) {
            $parts += $age->at(min(1700.0, $m + 37.0)) - $age->at($m);
        }
        self::assertEqualsWithDelta($whole, $parts, 1e-6 * $whole);
    }

    public function testAgeKeepsItsPromisedError(): void
    {
        $part = new PartTemperature(AirCurve::through(self::randomDay()), 25.0);
        $kinetics = self::kinetics();
        $exact = 0.0;
        for ($m = 0.05; $m < 1800.0; $m += 0.1) {
            $exact += 0.1 * $kinetics->activation->rate(Temperature::fromCelsius($part->at($m)), $kinetics->reference);
        }
        self::assertEqualsWithDelta(1.0, (new ThermalAge($part, $kinetics, 0.0))->at(1800.0) / $exact, 1e-5);
    }

    public function testCountedBackTheMomentHasTheAge(): void
    {
        $age = new ThermalAge(new PartTemperature(AirCurve::through(self::randomDay()), 10.0), self::kinetics(), 0.0);
        foreach ([0.5, 60.0, 555.0, 900.0] as $wanted) {
            $when = $age->when($wanted, 222.0, 1e5);
            self::assertNotNull($when);
            self::assertNear($wanted, $age->at($when) - $age->at(222.0), 1e-6, 'min');
        }
    }

    public function testColdStallsTheEndOfCureAlone(): void
    {
        $night = AirCurve::through([[0.0, 8.0], [1000.0, 8.0], [1001.0, 20.0]]);
        $stalled = self::forecast($night, 0.0, 10.0);
        $free = self::forecast($night, 0.0, null);
        self::assertSame($free->event(Milestone::Sandable, 0.0)->expectedMin, $stalled->event(Milestone::Sandable, 0.0)->expectedMin);
        self::assertMinutes(1000.0 + 8000.0, $stalled->event(Milestone::Full, 0.0)->expectedMin, 2.0);
        self::assertLessThan($stalled->event(Milestone::Full, 0.0)->expectedMin, $free->event(Milestone::Full, 0.0)->expectedMin);
    }

    public function testWhatTakesLongerThanSixtyDaysNeverComes(): void
    {
        self::assertNull(self::forecast(AirCurve::constant(5.0), 0.0, 10.0)->event(Milestone::Full, 0.0)->expectedMin);
        $slow = new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), ['full' => 60 * 1440.0]);
        $forecast = new CureForecast(new PartTemperature(AirCurve::constant(20.0), 0.0), $slow, new Spread(), 0.0);
        self::assertMinutes(86400.0, $forecast->event(Milestone::Full, 0.0)->expectedMin, 0.01);
        self::assertNull($forecast->event(Milestone::Full, 0.0)->lateMin);
    }

    #[TestWith([10.0])]
    #[TestWith([20.0])]
    #[TestWith([29.0])]
    public function testTheLengthOfAWindowIsTheOneThatTheForecastGives(float $celsius): void
    {
        $window = self::forecast(AirCurve::constant($celsius))->window(0.0);
        self::assertMinutes($window->closes->expectedMin - $window->opens->expectedMin, self::kinetics()->tackWindowMin(Temperature::fromCelsius($celsius)), 0.01);
    }

    public function testTheSureWindowIsEmptyWhereDoubtIsWiderThanTheWindow(): void
    {
        $narrow = new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), ['tack_from' => 120.0, 'tack_until' => 140.0, 'sandable' => 900.0]);
        $forecast = new CureForecast(new PartTemperature(AirCurve::constant(20.0), 0.0), $narrow, new Spread(), 0.0);
        self::assertNull($forecast->window(0.0)->sure());
        $certain = new CureForecast(new PartTemperature(AirCurve::constant(20.0), 0.0), $narrow, new Spread(0.0, 0.0), 0.0);
        self::assertEqualsWithDelta(['from' => 120.0, 'until' => 140.0], $certain->window(0.0)->sure(), 1e-6);
    }

    #[TestWith([119.999, CoatState::TooWet])]
    #[TestWith([120.0, CoatState::Bonds])]
    #[TestWith([260.0, CoatState::Bonds])]
    #[TestWith([260.001, CoatState::MissedWait])]
    #[TestWith([899.999, CoatState::MissedWait])]
    #[TestWith([900.0, CoatState::KeyFirst])]
    public function testACoatsStateTurnsExactlyAtItsAges(float $age, CoatState $state): void
    {
        self::assertSame($state, CoatState::atAge($age, self::kinetics()));
    }

    public function testATouchThatFitsTheSheetChangesNothing(): void
    {
        self::assertSame(1.0, CoatPace::fitting([[Touch::TooWet, 60.0], [Touch::Print, 150.0], [Touch::Dents, 240.0]], self::kinetics()));
        self::assertSame(1.0, CoatPace::fitting([], self::kinetics()));
    }

    public function testAWetTouchPastTheOpeningSlowsTheCoatJustEnough(): void
    {
        $pace = CoatPace::fitting([[Touch::TooWet, 180.0]], self::kinetics());
        self::assertGreaterThan(180.0, 120.0 * $pace);
        self::assertLessThan(190.0, 120.0 * $pace);
    }

    public function testAHardTouchBeforeTheCloseEndsTheWindow(): void
    {
        $pace = CoatPace::fitting([[Touch::Hard, 200.0]], self::kinetics());
        self::assertLessThan(200.0, 260.0 * $pace);
    }

    public function testAPrintAfterTheCloseKeepsTheWindowOpen(): void
    {
        $pace = CoatPace::fitting([[Touch::Print, 300.0]], self::kinetics());
        self::assertGreaterThan(300.0, 260.0 * $pace);
        self::assertLessThanOrEqual(300.0, 120.0 * $pace);
    }

    public function testTheLaterOfTwoTouchesThatContradictHolds(): void
    {
        $pace = CoatPace::fitting([[Touch::Hard, 130.0], [Touch::Print, 300.0]], self::kinetics());
        self::assertGreaterThan(300.0, 260.0 * $pace);
    }

    public function testWithoutChecksTheShopKeepsTheSheetsPace(): void
    {
        $pace = ShopPace::learnt([]);
        self::assertEqualsWithDelta(1.0, $pace->factor, 1e-9);
        self::assertEqualsWithDelta(0.15, $pace->sigma, 1e-4);
        self::assertEqualsWithDelta(hypot(0.15, 0.08), $pace->rateSigma, 1e-4);
    }

    public function testChecksPullThePaceTheirWayAndLessenTheDoubt(): void
    {
        $slow = fn (int $n): ShopPace => ShopPace::learnt(array_fill(0, $n, PaceCheck::ofTack(Touch::TooWet, 150.0, 120.0, 260.0)));
        self::assertGreaterThan(1.0, $slow(1)->factor);
        self::assertGreaterThan($slow(1)->factor, $slow(5)->factor);
        self::assertLessThan($slow(1)->sigma, $slow(5)->sigma);
        self::assertLessThan(1.0, ShopPace::learnt([PaceCheck::ofTack(Touch::Hard, 220.0, 120.0, 260.0)])->factor);
        self::assertLessThan(1.0, ShopPace::learnt([PaceCheck::ofSanding(true, 700.0, 900.0)])->factor);
        self::assertGreaterThan(1.0, ShopPace::learnt([PaceCheck::ofSanding(false, 1100.0, 900.0)])->factor);
    }

    public function testAThousandChecksDoNotUnderflow(): void
    {
        $pace = ShopPace::learnt(array_fill(0, 1000, PaceCheck::ofTack(Touch::Print, 180.0, 120.0, 260.0)));
        self::assertEqualsWithDelta(1.0, $pace->factor, 0.05);
        self::assertGreaterThan(0.0, $pace->sigma);
    }

    private static function kinetics(?float $stallC = null): Kinetics
    {
        return new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), ['tack_from' => 120.0, 'tack_until' => 260.0, 'sandable' => 900.0, 'full' => 8000.0], $stallC);
    }

    private static function forecast(AirCurve $air, float $lag = 0.0, ?float $stallC = null): CureForecast
    {
        return new CureForecast(new PartTemperature($air, $lag), self::kinetics($stallC), new Spread(), 0.0);
    }

    /** @return list<array{float, float}> */
    private static function randomDay(): array
    {
        return array_map(fn (int $i): array => [120.0 * $i, 14.0 + mt_rand(0, 120) / 10.0], range(0, 24));
    }

    public function testACupsHeatComesBackToItsSheet(): void
    {
        $at = Temperature::fromCelsius(23.0);
        $cup = CupHeat::fitted(Activation::assumed(), 1.1, 150.0, $at, 35.0);
        self::assertEqualsWithDelta(35.0, $cup->batch(150.0, $at)->potLifeMin ?? 0.0, 0.02);
    }

    public function testAFullerWarmerOrDeeperCupIsHotterAndSooner(): void
    {
        $at = Temperature::fromCelsius(23.0);
        $cup = CupHeat::fitted(Activation::assumed(), 1.1, 150.0, $at, 35.0);
        $sheet = $cup->batch(150.0, $at);
        foreach (['fuller' => $cup->batch(300.0, $at), 'warmer' => $cup->batch(150.0, Temperature::fromCelsius(28.0)), 'deeper' => $cup->batch(150.0, $at, 60.0), 'mixed warm' => $cup->batch(150.0, $at, start: Temperature::fromCelsius(32.0))] as $name => $other) {
            self::assertGreaterThan($sheet->peakC, $other->peakC, $name);
            self::assertLessThan($sheet->potLifeMin, $other->potLifeMin, $name);
        }
        $tray = $cup->batch(150.0, $at, 400.0);
        self::assertLessThan(CupHeat::WARM_C, $tray->peakC, 'poured out it stays cool');
        self::assertGreaterThan($sheet->potLifeMin, $tray->potLifeMin);
        self::assertSame([0.0, 23.0], array_map(fn (float $x): float => round($x, 9), $sheet->curve[0]));
        self::assertGreaterThan($sheet->peakC, $sheet->peakInsulatedC, 'wood takes no heat');
        self::assertFalse($tray->isHot());
        self::assertGreaterThan(10, count($sheet->curve));
    }
}
