<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\PaperUse;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Film\BrushMarks;
use OakGloss\Film\Coat;
use OakGloss\Film\Drainage;
use OakGloss\Film\Face;
use OakGloss\Film\PrintThrough;
use OakGloss\Film\RunRisk;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Optics\Compound;
use OakGloss\Optics\GlossAt60;
use OakGloss\Optics\GlossExpected;
use OakGloss\Optics\PolishLadder;
use OakGloss\Practice\Chance;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

/** What paper, runs, shrinkage and compound do to a surface: examples by hand, and properties over many. */
final class SurfaceTest extends TestCase
{
    public function testSandingNeverAddsFilm(): void
    {
        for ($seed = 1; $seed <= 100; $seed++) {
            $chance = new Chance($seed);
            $skin = self::skin(90.0 * $chance->even('slope'), 1 + (int) (5 * $chance->even('coats')));
            for ($n = 0; $n < 8; $n++) {
                $after = Sanded::over($skin, self::randomPass($chance, $n), 0.1 + 0.4 * $chance->even("a{$n}"))->skin;
                self::assertLessThanOrEqual($skin->meanUm + 1e-9, $after->meanUm);
                self::assertLessThanOrEqual($skin->crownCover()->inMicrometres() + 1e-9, $after->crownCover()->inMicrometres());
                self::assertLessThanOrEqual($skin->retainedTotalUm + 1e-9, $after->retainedTotalUm);
                self::assertGreaterThanOrEqual(0.0, $after->retainedTotalUm);
                $skin = $after;
            }
        }
    }

    public function testTakingOffAndPuttingOnACoatIsNotTheSameAsNeverSanding(): void
    {
        $coat = new Coat(110.0, Temperature::fromCelsius(20.0));
        $never = self::skin(0.0, 1);
        $flat = Sanded::over($never, self::pass(400), 0.3)->skin;
        // As much as the paper took, by weight, is put on again.
        $taken = ($never->meanUm - $flat->meanUm) * $never->cureDensityGM2Um();
        $again = $flat->afterCoat(new Coat($taken, $coat->at));
        self::assertEqualsWithDelta($never->meanUm, $again->meanUm, 1e-9, 'the same film on the mean');
        self::assertLessThan(0.5 * $never->textureUm, $again->textureUm, 'but a truer surface');
        self::assertGreaterThan($never->flushCover()->inMicrometres(), $again->flushCover()->inMicrometres());
    }

    public function testTheMinutesOfAPassComeDownFromTheCrowns(): void
    {
        $skin = self::skin(70.0, 2);
        self::assertGreaterThan(20.0, $skin->textureUm);
        $of = fn (float $descent): SkinSection => Sanded::over($skin, new Pass(Grit::p(120), SandingMethod::WetBlock, $descent / 0.5 * 0.2, PassEnd::Open), 0.2)->skin;
        self::assertSame($skin, $of(Ladder::WAVINESS_UM), 'the waviness goes first');
        $half = $of(Ladder::WAVINESS_UM + 0.5 * $skin->textureUm);
        self::assertEqualsWithDelta(0.5 * $skin->textureUm, $half->textureUm, 1e-9);
        // Half of a sine's relief holds 1/π of its half height.
        self::assertEqualsWithDelta($skin->textureUm / 2.0 / M_PI, $skin->meanUm - $half->meanUm, 1e-9);
        $flush = $of(Ladder::WAVINESS_UM + $skin->textureUm + 1e-9);
        self::assertTrue($flush->flat);
        self::assertEqualsWithDelta($skin->flushCover()->inMicrometres(), $flush->meanUm + 0.5 * $flush->textureUm, 1e-6);
        self::assertEqualsWithDelta($flush->meanUm - 5.0, $of(Ladder::WAVINESS_UM + $skin->textureUm + 5.0)->meanUm, 1e-6, 'deeper is deeper');
    }

    public function testLowsAreLeftWhereLowsWereSeen(): void
    {
        $skin = self::skin(70.0, 2);
        $lows = Sanded::over($skin, new Pass(Grit::p(150), SandingMethod::WetBlock, 300.0, PassEnd::Lows), 0.1)->skin;
        self::assertFalse($lows->flat);
        self::assertEqualsWithDelta(0.2 * $skin->textureUm, $lows->textureUm, 1e-9);
    }

    public function testAFinerPaperThatIsLaidAwayEarlyLeavesTheOlderScratch(): void
    {
        $coarse = Sanded::over(self::skin(0.0, 4), self::pass(150), 0.2)->skin;
        $short = Sanded::over($coarse, new Pass(Grit::p(600), SandingMethod::WetBlock, 2.0, PassEnd::Open), 0.2)->skin;
        self::assertTrue($short->flat);
        self::assertGreaterThan(8.0, $short->textureUm);
        $long = Sanded::over($coarse, new Pass(Grit::p(600), SandingMethod::WetBlock, 40.0, PassEnd::Open), 0.2)->skin;
        self::assertEqualsWithDelta(SandingMethod::WetBlock->scratchUm(Grit::p(600)), $long->textureUm, 1e-9);
    }

    public function testExpectedGlossRisesAlongAnyValidLadder(): void
    {
        $all = array_keys(Grit::MEAN_GRAIN_UM);
        for ($seed = 1; $seed <= 150; $seed++) {
            $chance = new Chance($seed);
            $shelf = array_values(array_filter($all, fn (int $p): bool => $chance->even("p{$p}") < 0.7));
            $driven = SandingMethod::cases()[$seed % 3];
            $ladder = Ladder::cheapest($driven, 0.3, $shelf, [150, 320, 800][$seed % 3], [1500, 2000, 3000][intdiv($seed, 3) % 3], 20.0);
            if ($ladder === null) {
                continue;
            }
            $gloss = array_map(fn (LadderStep $s): float => GlossAt60::of(GlossAt60::rmsAfterPaper($driven->scratchUm($s->grit))), $ladder->steps);
            foreach (PolishLadder::from($ladder->leftScratchUm(), 0.3, Compound::Jewelled)->steps as $step) {
                $gloss[] = $step['gloss']->gu;
            }
            for ($i = 1; $i < count($gloss); $i++) {
                self::assertGreaterThan($gloss[$i - 1], $gloss[$i], "seed {$seed}, step {$i}");
            }
        }
    }

    public function testCompoundsTakeWhatTheLastPaperLeftAndNotWhatItShouldHaveTaken(): void
    {
        $fine = PolishLadder::from(SandingMethod::WetBlock->scratchUm(Grit::p(2000)), 0.4);
        self::assertCount(2, $fine->steps);
        self::assertEqualsWithDelta(1.25 * 1.03, $fine->steps[0]['cutUm'], 1e-9);
        self::assertEqualsWithDelta(1.25 * 8 * 0.03, $fine->steps[1]['cutUm'], 1e-9);
        self::assertEqualsWithDelta(GlossAt60::of(0.02), $fine->gloss()->gu, 1e-9);
        self::assertLessThan($fine->gloss()->gu - 20.0, PolishLadder::from(SandingMethod::WetBlock->scratchUm(Grit::p(400)), 0.4)->gloss()->gu, 'P400 is too coarse for a compound');
    }

    public function testExpectedGlossHasItsDoubt(): void
    {
        $gloss = GlossExpected::ofRms(0.02);
        self::assertTrue($gloss->holds($gloss->gu));
        self::assertLessThan($gloss->gu, $gloss->leastGu);
        self::assertFalse($gloss->holds($gloss->leastGu - 0.1));
        self::assertEqualsWithDelta(8.0, GlossExpected::bySheet(12.0, 4.0)->leastGu, 1e-12);
        self::assertGreaterThan($gloss->mostGu - $gloss->leastGu, GlossExpected::ofRms(0.06)->mostGu - GlossExpected::ofRms(0.06)->leastGu, 'a rougher surface is known worse');
    }

    public function testAScratchSuitsWhatComesOverItOrSaysThePaperThatCuresIt(): void
    {
        self::assertTrue(ScratchCheck::of(SandingMethod::WetBlock->scratchUm(Grit::p(320)), 'clear', SandingMethod::WetBlock)->suits());
        self::assertSame(320, ScratchCheck::of(SandingMethod::WetBlock->scratchUm(Grit::p(180)), 'clear', SandingMethod::WetBlock)->cure?->number);
        self::assertSame(150, ScratchCheck::of(15.0, 'resin', SandingMethod::DryBlock)->cure?->number);
        self::assertSame(1200, ScratchCheck::of(3.0, 'polish', SandingMethod::WetBlock)->cure?->number);

    }

    public function testPaperWearsOutWithWhatItCuts(): void
    {
        // 0.4 m² × 50 µm are 20 cm³: five half sheets of P120 wet, eight dry.
        self::assertSame(5, PaperUse::pieces(SandingMethod::WetBlock, Grit::p(120), 0.4, 50.0));
        self::assertSame(8, PaperUse::pieces(SandingMethod::DryBlock, Grit::p(120), 0.4, 50.0));
        self::assertSame(1, PaperUse::pieces(SandingMethod::Orbital, Grit::p(2000), 0.01, 0.5));
    }

    public function testAFaceHoldsWhatLosesATenth(): void
    {
        $flow = Sample::resin()->rheology;
        $at = Temperature::fromCelsius(20.0);
        $face = new Face(60.0, 0.3);
        $holds = RunRisk::of($face, $flow, new Coat(100.0, $at))->holdsGM2;
        self::assertNotNull($holds);
        $at60 = RunRisk::of($face, $flow, new Coat($holds, $at));
        self::assertEqualsWithDelta(RunRisk::HELD_SHARE * $holds, $at60->drainedGM2, 1e-6 * $holds);
        self::assertNull(RunRisk::of(new Face(0.0, 0.3), $flow, new Coat(300.0, $at))->holdsGM2);
        foreach ([0.05, 0.3, 2.0] as $length) {
            $long = new Face(85.0, $length);
            $most = RunRisk::of($long, $flow, new Coat(100.0, $at))->holdsGM2 ?? 0.0;
            self::assertFalse(RunRisk::of($long, $flow, new Coat(0.999 * $most, $at))->runs(), "{$length} m");
            self::assertLessThanOrEqual(1.001 * RunRisk::HELD_SHARE, RunRisk::of($long, $flow, new Coat($most, $at))->drainedGM2 / $most);
        }
        $hangs = RunRisk::of(new Face(85.0, 2.0), $flow, new Coat(100.0, $at))->holdsGM2 ?? 0.0;
        self::assertTrue(RunRisk::of(new Face(85.0, 2.0), $flow, new Coat(1.01 * $hangs, $at))->runs(), 'a long face lets a bead go before it loses a tenth');
        self::assertSame(0.0, RunRisk::of(new Face(0.0, 0.3), $flow, new Coat(300.0, $at))->beadMm);
        self::assertGreaterThan($holds, RunRisk::of(new Face(30.0, 0.3), $flow, new Coat(100.0, $at))->holdsGM2);
        self::assertGreaterThan($holds, RunRisk::of($face, $flow, new Coat(100.0, Temperature::fromCelsius(12.0)))->holdsGM2 * 1.3);
    }

    public function testWhatCollectsIsWhatTheFaceLostAndTurningShareIt(): void
    {
        $flow = Sample::resin()->rheology;
        $at = Temperature::fromCelsius(20.0);
        $face = new Face(80.0, 0.4);
        $run = RunRisk::of($face, $flow, new Coat(200.0, $at));
        $stays = Drainage::aloneUm(200.0 / $flow->densityGCm3, $face, $flow, $at) * $flow->densityGCm3;
        self::assertEqualsWithDelta(200.0, $stays + $run->drainedGM2, 1e-9);
        self::assertEqualsWithDelta($run->drainedGM2 * 0.4, $run->gPerEdgeM, 1e-9);
        // Half a round of radius r holds πr²/2 mm², and a gram a metre is 1/ρ mm².
        self::assertEqualsWithDelta($run->gPerEdgeM / $flow->densityGCm3, 0.5 * M_PI * $run->beadMm ** 2, 1e-9);
        self::assertTrue($run->runs());
        self::assertLessThan(0.5 * $run->gPerEdgeM, RunRisk::of($face, $flow, new Coat(200.0, $at, turns: [0.5]))->gPerEdgeM, 'turned, most of it runs back');
        self::assertGreaterThan(0.0, $run->turnAtMin);
        self::assertLessThan($flow->gelAt($at), $run->turnAtMin);
    }

    public function testBrushMarksLevelInAThickFilmAndStayInAThinOne(): void
    {
        $flow = Sample::resin()->rheology;
        $at = Temperature::fromCelsius(20.0);
        $thick = BrushMarks::in(100.0, $flow, $at);
        self::assertLessThan(BrushMarks::UNSEEN_UM, $thick->leftUm);
        self::assertNotNull($thick->lastBrushMin);
        self::assertLessThan($flow->gelAt($at), $thick->lastBrushMin);
        $thin = BrushMarks::in(12.0, $flow, $at);
        self::assertGreaterThan(10.0, $thin->leftUm);
        self::assertNull($thin->lastBrushMin);
    }

    public function testAPatternPrintsLessTheOlderTheFilm(): void
    {
        self::assertEqualsWithDelta(0.03 * 100.0, PrintThrough::depthUm([[100.0, 0.0]], 0.03, 8000.0), 1e-12);
        self::assertEqualsWithDelta(0.03 * 100.0 * exp(-3.0), PrintThrough::depthUm([[100.0, 8000.0]], 0.03, 8000.0), 1e-12);
        $wait = PrintThrough::waitAge([[100.0, 900.0]], 0.03, 8000.0);
        self::assertEqualsWithDelta(PrintThrough::SHOWS_FROM_UM, PrintThrough::depthUm([[100.0, 900.0 + $wait]], 0.03, 8000.0), 1e-9);
        self::assertSame(0.0, PrintThrough::waitAge([[5.0, 0.0]], 0.03, 8000.0));
    }

    private static function skin(float $slopeDeg, int $coats): SkinSection
    {
        $at = Temperature::fromCelsius(20.0);
        $skin = SkinSection::wetOut(new Weave(200.0), new Face($slopeDeg, 0.3), Sample::resin()->rheology, new Coat(150.0, $at));
        for ($n = 0; $n < $coats; $n++) {
            $skin = $skin->afterCoat(new Coat(110.0, $at));
        }

        return $skin;
    }

    private static function pass(int $grit): Pass
    {
        return new Pass(Grit::p($grit), SandingMethod::WetBlock);
    }

    private static function randomPass(Chance $chance, int $n): Pass
    {
        $grits = array_keys(Grit::MEAN_GRAIN_UM);

        return new Pass(Grit::p($grits[(int) floor(count($grits) * $chance->even("g{$n}"))]), SandingMethod::cases()[(int) floor(3 * $chance->even("d{$n}"))], $chance->even("m?{$n}") < 0.5 ? null : 30.0 * $chance->even("m{$n}"), PassEnd::cases()[(int) floor(4 * $chance->even("e{$n}"))]);
    }
}
