<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Material\SprayedClear;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\CupVerdict;
use OakGloss\Mixing\MixRatio;
use OakGloss\Mixing\Pour;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MixingTest extends TestCase
{
    use Near;

    public function testAVolumeRatioIsNeverUsedOnAScale(): void
    {
        $ratio = MixRatio::byVolume(2.0, 1.0, 1.14, 0.97);
        self::assertEqualsWithDelta(0.97 / 2.28, $ratio->hardenerPerResin, 1e-12);
        self::assertNotEqualsWithDelta(0.5, $ratio->hardenerPerResin, 0.05);
    }

    #[TestWith([100.0, 25.0, 0.0, 80.0, 20.0, 0.0])]
    #[TestWith([102.0, 25.0, 0.02, 80.0, 20.0, 2.0])]
    #[TestWith([140.0, 40.0, 0.0, 100.0, 40.0, 0.0])]
    public function testABatchSplitsAsACalculatorWould(float $total, float $phr, float $pigment, float $resin, float $hardener, float $dye): void
    {
        $batch = Batch::of($total, MixRatio::byWeight($phr), $pigment);
        self::assertGrams($resin, $batch->resinG);
        self::assertGrams($hardener, $batch->hardenerG);
        self::assertGrams($dye, $batch->pigmentG);
        self::assertGrams($total, $batch->totalG(), 1e-9);
    }

    public function testAFinerScaleNeverErrsMoreOnWholeWeights(): void
    {
        $batch = Batch::of(125.0, MixRatio::byWeight(25.0));
        self::assertSame(0.02, round($batch->worstRatioError(1.0), 10));
        self::assertLessThan($batch->worstRatioError(1.0), $batch->worstRatioError(0.1));
    }

    public function testAScaleThatShowsNoResinErrsWithoutEnd(): void
    {
        self::assertSame(INF, Batch::of(5.0, MixRatio::byWeight(25.0))->worstRatioError(100.0));
    }

    public function testFromTheSmallestBatchOnTheScaleIsGoodEnough(): void
    {
        foreach ([[25.0, 1.0], [34.0, 0.1], [10.0, 0.1], [100.0, 1.0]] as [$phr, $step]) {
            $ratio = MixRatio::byWeight($phr);
            $smallest = Batch::smallestWithin($ratio, $step);
            self::assertNotNull($smallest);
            for ($total = $smallest; $total < 2.0 * $smallest; $total += $step) {
                self::assertLessThanOrEqual(Batch::TOLERANCE, Batch::of($total, $ratio)->worstRatioError($step), "{$total} g at {$phr}");
            }
            self::assertGreaterThan(Batch::TOLERANCE, Batch::of($smallest - $step, $ratio)->worstRatioError($step));
        }
    }

    public function testAnEmptyCupAsksForTheWholeBatch(): void
    {
        $pour = self::pour(0.0, 0.0);
        self::assertGrams(80.0, $pour->resinToAddG());
        self::assertGrams(20.0, $pour->hardenerToAddG());
        self::assertNull($pour->ratioError());
        self::assertFalse($pour->keepsRatio());
    }

    public function testTooMuchResinMovesTheHardenersMark(): void
    {
        $pour = self::pour(88.0, 0.0);
        self::assertGrams(0.0, $pour->resinToAddG());
        self::assertGrams(22.0, $pour->hardenerToAddG());
    }

    public function testTooMuchHardenerIsMetWithResin(): void
    {
        $pour = self::pour(80.0, 23.0);
        self::assertEqualsWithDelta(0.15, $pour->ratioError(), 1e-12);
        self::assertGrams(12.0, $pour->resinToAddG());
        self::assertGrams(0.0, $pour->hardenerToAddG());
        self::assertFalse($pour->keepsRatio());
        self::assertTrue(self::pour(92.0, 23.0)->keepsRatio());
    }

    public function testAddingWhatIsAskedAlwaysEndsRight(): void
    {
        mt_srand(9);
        for ($run = 0; $run < 100; $run++) {
            $resin = mt_rand(0, 1500) / 10.0;
            $hardener = mt_rand(0, 500) / 10.0;
            $first = self::pour($resin, $hardener);
            $resin += $first->resinToAddG();
            $second = self::pour($resin, $hardener);
            $done = self::pour($resin, $hardener + $second->hardenerToAddG());
            self::assertTrue($done->keepsRatio());
            self::assertGreaterThanOrEqual(100.0 - 1e-9, $done->totalG());
        }
    }

    public function testPigmentFollowsWhatIsInTheCup(): void
    {
        $batch = Batch::of(102.0, MixRatio::byWeight(25.0), 0.02);
        self::assertGrams(2.0, (new Pour($batch, 80.0, 20.0, 0.0, 0.02))->pigmentToAddG());
        self::assertGrams(2.2, (new Pour($batch, 88.0, 22.0, 0.0, 0.02))->pigmentToAddG());
    }

    public function testNothingIsPouredBackwards(): void
    {
        $this->expectException(OutOfRange::class);
        self::pour(-1.0, 0.0);
    }

    public function testClearCoatsAreTheFewestThatHoldTheCut(): void
    {
        $clear = new SprayedClear(60.0, 0.5, 0.6, 0.3, 1.0, 3.0);
        self::assertMicrometres(30.0, $clear->dryPerCoatUm());
        self::assertSame([1, 2, 2, 3], [$clear->coatsFor(10.0, 5.0), $clear->coatsFor(45.0, 15.0), $clear->coatsFor(40.0, 0.0), $clear->coatsFor(45.0, 15.1)]);
        self::assertEqualsWithDelta(0.1, $clear->litresFor(1.0, 1), 1e-12);
        self::assertNull($clear->greatestWetUm(0.0, 2.0));
        self::assertGreaterThan($clear->greatestWetUm(90.0, 2.0), $clear->greatestWetUm(30.0, 2.0));
    }

    private static function pour(float $resin, float $hardener): Pour
    {
        return new Pour(Batch::of(100.0, MixRatio::byWeight(25.0)), $resin, $hardener);
    }

    /** @return iterable<string, array{float, float, CupVerdict, float|null}> resin, hardener, verdict, how far off */
    public static function cups(): iterable
    {
        yield 'nothing in it' => [0.0, 0.0, CupVerdict::Empty, null];
        yield 'as the sheet asks' => [100.0, 40.0, CupVerdict::Right, null];
        yield 'two percent over' => [100.0, 40.8, CupVerdict::Right, null];
        yield 'three percent short' => [100.0, 38.8, CupVerdict::Near, null];
        yield 'five percent over' => [100.0, 42.0, CupVerdict::Near, null];
        yield 'six percent over' => [100.0, 42.4, CupVerdict::Off, 0.06];
        yield 'half of it' => [100.0, 20.0, CupVerdict::Off, -0.5];
        yield 'no hardener' => [100.0, 0.0, CupVerdict::Off, -1.0];
        yield 'no resin' => [0.0, 40.0, CupVerdict::Off, 10.0];
    }

    #[DataProvider('cups')]
    public function testACupCountsAsMixedByHowFarItsHardenerLiesOff(float $resin, float $hardener, CupVerdict $verdict, ?float $off): void
    {
        $pour = new Pour(Batch::of(140.0, MixRatio::byWeight(40.0)), $resin, $hardener);
        self::assertSame($verdict, CupVerdict::of($pour));
        self::assertEqualsWithDelta($off, CupVerdict::offBy($pour), 1e-9);
    }

    public function testACatalystIsJudgedByTheSpanOfItsSheet(): void
    {
        $catalyst = new Catalyst([[15.0, 2.0], [25.0, 1.0]], 1.15, 30.0);
        $pour = fn (float $grams): Pour => new Pour(Batch::catalysed(100.0, $catalyst, Temperature::fromCelsius(20.0), 0.1), 100.0, $grams);
        self::assertSame(CupVerdict::Right, CupVerdict::of($pour(1.5), $catalyst));
        self::assertSame(CupVerdict::Near, CupVerdict::of($pour(1.9), $catalyst), 'more than this air asks for, and still of its sheet');
        self::assertSame(CupVerdict::Off, CupVerdict::of($pour(2.6), $catalyst));
        self::assertSame(CupVerdict::Off, CupVerdict::of($pour(0.7), $catalyst));
    }
}
