<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cure\Activation;
use OakGloss\Cure\CupHeat;
use OakGloss\Material\SprayedClear;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\CupLosses;
use OakGloss\Mixing\Cups;
use OakGloss\Mixing\MixRatio;
use OakGloss\Mixing\Pour;
use OakGloss\Mixing\Pump;
use OakGloss\Mixing\Spreader;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

/** Cups that keep their ratio however they are filled, and what stays in them. */
final class BatchesTest extends TestCase
{
    public function testLeftoversTeachByToolAndSizeAndSayHowWell(): void
    {
        $none = new CupLosses();
        self::assertSame([8.0, 0], [$none->of(8.0, 40.0, Spreader::Brush)->grams, $none->of(8.0, 40.0, Spreader::Brush)->measured]);
        $left = fn (float $at, float $g, float $cup, Spreader $tool = Spreader::Brush): array => ['atMin' => $at, 'grams' => $g, 'cupG' => $cup, 'tool' => $tool];
        $small = new CupLosses(array_map(fn (int $i): array => $left($i, 4.0, 30.0), range(1, 8)));
        $like = $small->of(8.0, 30.0, Spreader::Brush);
        self::assertEqualsWithDelta(4.1, $like->grams, 0.2);
        self::assertGreaterThan($like->grams + 1.0, $small->of(8.0, 400.0, Spreader::Brush)->grams, 'of a large cup the small ones say little');
        self::assertSame(8.0, $small->of(8.0, 30.0, Spreader::Roller)->grams, 'a roller keeps back its own');
        self::assertSame(3, $small->of(8.0, 30.0, Spreader::Brush, 4.0)->measured, 'then it was known by those before');
        self::assertLessThan($like->least() * 1.5, $like->least());
        $before = INF;
        foreach ([1, 3, 9] as $n) {
            $sigma = (new CupLosses(array_map(fn (int $i): array => $left($i, 5.0, 50.0), range(1, $n))))->of(8.0, 50.0, Spreader::Brush)->timesSigma;
            self::assertLessThan($before, $sigma);
            self::assertGreaterThan(0.3, $sigma, 'one cup differs from the next');
            $before = $sigma;
        }
    }

    public function testStrokesComeOutWholeWithTheRatioOrSayThatTheyCanNot(): void
    {
        $ratio = MixRatio::byWeight(30.0);
        $strokes = (new Pump(10.0, 3.0))->strokesFor(Batch::of(94.0, $ratio));
        self::assertSame([8, 8], [$strokes['resin'] ?? 0, $strokes['hardener'] ?? 0]);
        self::assertEqualsWithDelta(0.0, $strokes['error'] ?? 1.0, 1e-9);
        $coarse = (new Pump(40.0, 40.0))->strokesFor(Batch::of(50.0, $ratio));
        self::assertGreaterThan(Batch::TOLERANCE, abs($coarse['error'] ?? 0.0));
        self::assertNull((new Pump(0.05, 0.05))->strokesFor(Batch::of(9000.0, $ratio)));
        mt_srand(3);
        for ($i = 0; $i < 300; $i++) {
            $ratio = MixRatio::byWeight(mt_rand(100, 12000) / 100.0);
            $batch = Batch::of(mt_rand(50, 20000) / 10.0, $ratio);
            $pump = new Pump(mt_rand(50, 3000) / 100.0, mt_rand(50, 3000) / 100.0);
            $strokes = $pump->strokesFor($batch);
            if ($strokes !== null) {
                self::assertGreaterThanOrEqual($batch->resinG - 1e-6, $strokes['resin'] * $pump->resinG, 'never short');
                self::assertEqualsWithDelta($strokes['error'], $strokes['hardener'] * $pump->hardenerG / ($strokes['resin'] * $pump->resinG) / $ratio->hardenerPerResin - 1.0, 1e-9);
            }
        }
    }

    public function testVolumesThatWereWeighedAreCaughtWhereDensitiesMatter(): void
    {
        $ratio = MixRatio::byVolume(2.0, 1.0, 1.16, 0.96);
        self::assertTrue($ratio->volumesMislead());
        self::assertTrue($ratio->isVolumesWeighed(100.0, 50.0));
        self::assertFalse($ratio->isVolumesWeighed(100.0, 41.4));
        self::assertFalse(MixRatio::byVolume(2.0, 1.0, 1.1, 1.09)->isVolumesWeighed(100.0, 50.0), 'under 2 % it is the same cup');
        self::assertFalse(MixRatio::byWeight(50.0)->volumesMislead());
    }

    public function testTooMuchPigmentIsBroughtUnderItsSheetAgain(): void
    {
        $ratio = MixRatio::byWeight(30.0);
        $batch = Batch::of(40.0, $ratio, 0.05);
        $pour = new Pour($batch, $batch->resinG, $batch->hardenerG, 4.0, 0.05);
        self::assertEqualsWithDelta(4.0 - 0.05 * ($batch->resinG + $batch->hardenerG), $pour->pigmentOverG(), 1e-9);
        $add = $pour->forPigment();
        $right = new Pour($batch, $pour->resinG + $add['resin'], $pour->hardenerG + $add['hardener'], 4.0, 0.05);
        self::assertSame(0.0, $right->pigmentOverG());
        self::assertEqualsWithDelta(0.0, $right->ratioError() ?? 1.0, 1e-9);
        self::assertSame(0.0, (new Pour($batch, 0.0, 0.0, 4.0, 0.05))->pigmentOverG(), 'nothing is said before both are in');
    }

    public function testSwappedJarsAskForMoreThanAFreshCupAndSayBinIt(): void
    {
        $batch = Batch::of(40.0, MixRatio::byWeight(30.0));
        $swapped = (new Pour($batch, $batch->resinG, $batch->hardenerG))->swapped();
        self::assertEqualsWithDelta($batch->resinG / 0.3 - $batch->hardenerG, $swapped->resinToAddG(), 1e-9);
        self::assertTrue($swapped->isBetterBinned());
        $near = Batch::of(40.0, MixRatio::byWeight(95.0));
        self::assertFalse((new Pour($near, $near->resinG, $near->hardenerG))->swapped()->isBetterBinned());
    }

    public function testGramsOfAllCupsAddUpAndMoreInTheSameVesselNeverLivesLonger(): void
    {
        mt_srand(12);
        for ($i = 0; $i < 60; $i++) {
            $heat = CupHeat::fitted(Activation::assumed(), 1.1, 100.0, Temperature::fromCelsius(25.0), (float) mt_rand(10, 60));
            $air = Temperature::fromCelsius(mt_rand(12, 30));
            $total = mt_rand(20, 900);
            $cups = Cups::fewest($heat, $total, mt_rand(60, 200), mt_rand(5, 20) / 100.0, 1, 3.0, $air, 300.0);
            if ($cups !== null) {
                self::assertEqualsWithDelta($total, $cups->cups * $cups->cupG, 1e-9);
                self::assertTrue($cups->isSpreadInTime());
            }
            $life = INF;
            foreach ([20.0, 60.0, 150.0, 400.0] as $grams) {
                $lives = $heat->batch($grams, $air)->potLifeMin ?? INF;
                self::assertLessThanOrEqual($life + 1e-6, $lives);
                $life = $lives;
            }
        }
    }

    public function testThinnerTakesFromTheFilmAndGivesToTheFlash(): void
    {
        $clear = new SprayedClear(60.0, 0.45, 0.6, 0.08, 1.0, 6.0);
        self::assertEqualsWithDelta($clear, $clear->thinned(0.0), 1e-9);
        $thin = $clear->thinned(0.2);
        self::assertEqualsWithDelta(60.0 * 0.45 / 1.2, $thin->dryPerCoatUm(), 1e-9);
        self::assertLessThan($clear->viscosityPaS, $thin->viscosityPaS);
        self::assertGreaterThanOrEqual($clear->coatsFor(50.0, 10.0), $thin->coatsFor(50.0, 10.0));
        // 55 of 100 leave; of 120 it is 75, so of each 100 it is 62.5.
        self::assertEqualsWithDelta(0.625 / 0.55, $clear->leavesLonger(0.2), 1e-9);
    }
}
