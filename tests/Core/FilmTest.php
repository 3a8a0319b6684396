<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Film\Coat;
use OakGloss\Film\Drainage;
use OakGloss\Film\Face;
use OakGloss\Film\Flatting;
use OakGloss\Film\Levelling;
use OakGloss\Film\Rheology;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Quantity\FilmThickness;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

final class FilmTest extends TestCase
{
    use Near;

    public function testAWeaveIsAsThickAsItsFibreAndResin(): void
    {
        $weave = new Weave(178.0, 0.5, 0.5);
        self::assertMicrometres(200.0, $weave->thicknessUm());
        self::assertMicrometres(100.0, $weave->textureUm());
        self::assertNear(110.0, $weave->saturationGM2(1.1), 1e-9, 'g/m²');
    }

    public function testAtTheReferenceTemperatureTheSheetHolds(): void
    {
        $t = Temperature::fromCelsius(20.0);
        self::assertSame(1.2, self::resin()->viscosityAt($t));
        self::assertSame(100.0, self::resin()->gelAt($t));
        self::assertMinutes(100.0 * (1.0 - exp(-4.0)) / 4.0, self::resin()->effectiveFlowAt($t), 1e-9);
    }

    public function testALevelFaceKeepsEverything(): void
    {
        self::assertSame(140.0, Drainage::aloneUm(140.0, new Face(0.0, 0.4), self::resin(), self::warm()));
    }

    public function testSteeperAndLongerAndWarmerNeverKeepsMoreButLongerDoes(): void
    {
        $kept = fn (float $slope, float $length, float $c): float => Drainage::aloneUm(200.0, new Face($slope, $length), self::resin(), Temperature::fromCelsius($c));
        for ($slope = 5.0; $slope <= 85.0; $slope += 10.0) {
            self::assertLessThan($kept($slope, 0.3, 20.0), $kept($slope + 5.0, 0.3, 20.0));
        }
        // The film grows with the root of the way from the upper end: a long face keeps more on the mean.
        self::assertLessThan($kept(60.0, 0.5, 20.0), $kept(60.0, 0.1, 20.0));
        self::assertLessThanOrEqual(200.0, $kept(60.0, 0.5, 20.0));
    }

    public function testDrainageInClosedFormAgreesWithASum(): void
    {
        $face = new Face(50.0, 0.35);
        $resin = self::resin();
        $factor = $resin->viscosityAt(self::warm()) / ($resin->densityGCm3 * 1000.0 * Drainage::GRAVITY * sin(deg2rad(50.0)) * $resin->effectiveFlowAt(self::warm()) * 60.0);
        $sum = 0.0;
        for ($i = 0; $i < 20000; $i++) {
            $sum += min(130.0e-6, sqrt($factor * 0.35 * ($i + 0.5) / 20000));
        }
        self::assertMicrometres($sum / 20000 * 1e6, Drainage::aloneUm(130.0, $face, $resin, self::warm()), 0.01);
    }

    public function testAWetOutAtSaturationLeavesTheCrownsBare(): void
    {
        $weave = new Weave(178.0);
        $skin = self::wetOut($weave->saturationGM2(1.1));
        self::assertMicrometres(0.0, $skin->crownCover()->inMicrometres());
        self::assertMicrometres(-100.0, $skin->flushCover()->inMicrometres());
        self::assertFalse($skin->dryWetOut);
        self::assertSame(0.0, $skin->retainedTotalUm);
    }

    public function testWhatADryWetOutLacksIsTakenFromTheNextCoat(): void
    {
        $full = self::wetOut(110.0);
        $dry = self::wetOut(88.0);
        self::assertTrue($dry->dryWetOut);
        $coat = new Coat(110.0, self::warm());
        self::assertMicrometres(20.0, $full->afterCoat($coat)->crownCover()->inMicrometres() - $dry->afterCoat($coat)->crownCover()->inMicrometres());
    }

    public function testMoreCoatIsNeverLessCover(): void
    {
        mt_srand(3);
        for ($run = 0; $run < 80; $run++) {
            $face = new Face((float) mt_rand(0, 90), mt_rand(2, 60) / 100.0, mt_rand(0, 1) === 1 ? mt_rand(5, 60) / 10.0 : null);
            $skin = SkinSection::wetOut(new Weave(200.0), $face, self::resin(), new Coat(140.0, self::warm()));
            $weight = (float) mt_rand(20, 250);
            $thin = $skin->afterCoat(new Coat($weight, self::warm()));
            $thick = $skin->afterCoat(new Coat($weight + mt_rand(1, 80), self::warm()));
            self::assertGreaterThanOrEqual($thin->flushCover()->inMicrometres() - 1e-9, $thick->flushCover()->inMicrometres());
            self::assertGreaterThanOrEqual($skin->flushCover()->inMicrometres(), $thin->flushCover()->inMicrometres());
            self::assertLessThanOrEqual($skin->textureUm, $thin->textureUm);
        }
    }

    public function testACoatNeitherMakesNorLosesResin(): void
    {
        $skin = self::wetOut(140.0, new Face(62.0, 0.2, 2.0))->afterCoat(new Coat(120.0, self::warm()));
        self::assertNear(120.0, $skin->lastRetainedUm * 1.1 + $skin->lastDrainedGM2, 1e-9, 'g/m²');
    }

    public function testASharpEdgeKeepsLess(): void
    {
        self::assertNear(0.5, (new Face(0.0, 0.05, 0.7))->edgeShare(), 1e-12, '');
        self::assertSame(1.0, (new Face(0.0, 0.05))->edgeShare());
        self::assertSame(0.0, (new Face(0.0, 0.05, 0.0))->edgeShare());
    }

    public function testFlattingResetsTextureAndFilmAndNeverAdds(): void
    {
        $coat = new Coat(110.0, self::warm());
        $skin = self::wetOut(140.0)->afterCoat($coat)->afterCoat($coat)->afterCoat($coat);
        $flat = $skin->afterFlatting(new Flatting(15.0, 7.0));
        self::assertMicrometres(7.0, $flat->textureUm);
        self::assertMicrometres($skin->flushCover()->inMicrometres() - 15.0, $flat->crownCover()->inMicrometres());
        self::assertMicrometres($skin->flushCover()->inMicrometres() - 22.0, $flat->afterFlattingBy(99.0)->inMicrometres());
        self::assertSame([$skin->retainedTotalUm, $skin->doubtUm()], [$flat->retainedTotalUm, $flat->doubtUm()], 'sanding takes film away, not the doubt about it');
        self::assertSame($skin->meanUm, self::wetOut(140.0)->afterCoat($coat)->afterCoat($coat)->afterCoat($coat)->meanUm, 'a section is a value');
    }

    public function testFlattingAndCoatingAgainIsNotTheSameAsLeavingIt(): void
    {
        $coat = new Coat(90.0, self::warm());
        $skin = self::wetOut(140.0)->afterCoat($coat)->afterCoat($coat)->afterCoat($coat);
        $again = $skin->afterFlatting(new Flatting(8.0, 5.0))->afterCoat($coat);
        self::assertLessThan($skin->afterCoat($coat)->crownCover()->inMicrometres(), $again->crownCover()->inMicrometres());
        self::assertLessThan($skin->afterCoat($coat)->textureUm, $again->textureUm);
    }

    public function testKeyingTakesTheScratchAndKeepsTheShape(): void
    {
        $skin = self::wetOut(140.0)->afterCoat(new Coat(110.0, self::warm()));
        $keyed = $skin->afterKeying(9.8);
        self::assertMicrometres(9.8, $skin->crownCover()->inMicrometres() - $keyed->crownCover()->inMicrometres());
        self::assertSame($skin->textureUm, $keyed->textureUm);
    }

    public function testHalfIsBurntThroughWhereNothingIsLeftOnTheMean(): void
    {
        $skin = self::wetOut(140.0)->afterCoat(new Coat(110.0, self::warm()));
        self::assertEqualsWithDelta(0.5, $skin->burnThrough(FilmThickness::fromMicrometres(0.0)), 1e-12);
        self::assertLessThan(0.5, $skin->burnThrough(FilmThickness::fromMicrometres(1.0)));
    }

    public function testCoatsNeededIsTheFewestThatKeepsTheTarget(): void
    {
        $coat = new Coat(100.0, self::warm());
        $skin = self::wetOut(140.0, new Face(55.0, 0.2));
        $n = $skin->coatsNeeded($coat, 22.0, 0.01);
        self::assertNotNull($n);
        self::assertGreaterThan(1, $n);
        for ($i = 0; $i < $n - 1; $i++) {
            $skin = $skin->afterCoat($coat);
        }
        self::assertGreaterThan(0.01, $skin->burnThrough($skin->afterFlattingBy(22.0)));
        $skin = $skin->afterCoat($coat);
        self::assertLessThanOrEqual(0.01, $skin->burnThrough($skin->afterFlattingBy(22.0)));
    }

    public function testTenCoatsOfNearlyNothingAreNotEnough(): void
    {
        self::assertNull(self::wetOut(140.0)->coatsNeeded(new Coat(2.0, self::warm()), 22.0, 0.01));
    }

    public function testBrushMarksFadeFasterInAThickerFilm(): void
    {
        self::assertGreaterThan(Levelling::rippleLeftUm(20.0, 4.0, 120.0, 1.2, 20.0), Levelling::rippleLeftUm(20.0, 4.0, 60.0, 1.2, 20.0));
        self::assertSame(20.0, Levelling::rippleLeftUm(20.0, 4.0, 120.0, 1.2, 0.0));
        self::assertSame(0.0, Levelling::sagMm(120.0, 0.0, 1.1, 1.2, 20.0));
    }

    public function testAnOverhangIsNoFace(): void
    {
        $this->expectException(OutOfRange::class);
        new Face(91.0, 0.3);
    }

    private static function warm(): Temperature
    {
        return Temperature::fromCelsius(20.0);
    }

    private static function resin(): Rheology
    {
        $sample = Sample::resin()->rheology;

        return new Rheology(1.1, self::warm(), 1.2, $sample->flow, 100.0, $sample->cure);
    }

    private static function wetOut(float $gM2, ?Face $face = null): SkinSection
    {
        return SkinSection::wetOut(new Weave(178.0), $face ?? new Face(0.0, 0.4), self::resin(), new Coat($gM2, self::warm()));
    }
}
