<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\UnknownGrit;
use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Optics\Compound;
use OakGloss\Optics\GlossAt60;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

final class AbrasionTest extends TestCase
{
    use Near;

    public function testFinerIsNeverADeeperScratch(): void
    {
        foreach (SandingMethod::cases() as $method) {
            $before = INF;
            foreach (array_keys(Grit::MEAN_GRAIN_UM) as $number) {
                $scratch = $method->scratchUm(Grit::p($number));
                self::assertLessThan($before, $scratch, "P{$number}");
                $before = $scratch;
            }
        }
    }

    public function testAPaperThatNobodyMakesIsRefused(): void
    {
        $this->expectExceptionObject(UnknownGrit::number(333));
        Grit::p(333);
    }

    public function testALadderOfOnePaperCutsWhatItFinds(): void
    {
        $ladder = self::ladder([], 400, 400, 12.0);
        self::assertNotNull($ladder);
        self::assertCount(1, $ladder->steps);
        self::assertMicrometres(12.0, $ladder->totalCutUm());
        self::assertMicrometres(0.0, $ladder->laterCutsUm());
        self::assertMinutes(0.5 * 12.0 / (0.5 * 0.4 * (35.0 / 50.0) ** 0.6), $ladder->minutes, 1e-9);
    }

    public function testNoStepJumpsTooFarAndTheEndsAreFixed(): void
    {
        $ladder = self::ladder(array_keys(Grit::MEAN_GRAIN_UM), 120, 3000, 30.0);
        self::assertNotNull($ladder);
        self::assertSame(120, $ladder->first()->number);
        self::assertSame(3000, $ladder->last()->number);
        for ($i = 1; $i < count($ladder->steps); $i++) {
            [$coarse, $fine] = [$ladder->steps[$i - 1], $ladder->steps[$i]];
            self::assertTrue($fine->grit->isFinerThan($coarse->grit));
            self::assertLessThanOrEqual(2.2 + 1e-9, $coarse->grit->meanGrainUm / $fine->grit->meanGrainUm);
            self::assertMicrometres(1.25 * SandingMethod::WetBlock->scratchUm($coarse->grit), $fine->cutUm, 1e-9);
        }
    }

    public function testAGapThatNoPaperBridgesIsNoLadder(): void
    {
        self::assertNull(self::ladder([], 120, 600, 20.0));
        self::assertNull(self::ladder([180, 240], 120, 600, 20.0));
        self::assertNotNull(self::ladder([180, 240, 320], 120, 600, 20.0));
        self::assertNull(self::ladder([320], 600, 320, 20.0), 'a ladder goes up');
    }

    public function testTheLadderIsTheCheapestOfAllChains(): void
    {
        $shelf = [240, 280, 320, 360, 400, 500, 600, 800];
        $ladder = self::ladder($shelf, 180, 1000, 18.0);
        self::assertNotNull($ladder);
        $least = INF;
        for ($mask = 0; $mask < 1 << count($shelf); $mask++) {
            $chain = [180, ...array_values(array_filter($shelf, fn (int $i): bool => (bool) ($mask >> $i & 1), ARRAY_FILTER_USE_KEY)), 1000];
            $least = min($least, self::minutesOf($chain, 18.0));
        }
        self::assertMinutes($least, $ladder->minutes, 1e-9);
        self::assertMinutes($least, array_sum(array_map(fn (LadderStep $s): float => $s->minutes, $ladder->steps)) + 2.0 * (count($ladder->steps) - 1), 1e-9);
    }

    public function testMorePapersNeverMakeALadderSlower(): void
    {
        mt_srand(5);
        $all = array_keys(Grit::MEAN_GRAIN_UM);
        for ($run = 0; $run < 60; $run++) {
            $some = array_values(array_filter($all, fn (): bool => mt_rand(0, 2) > 0));
            $few = self::ladder($some, 120, 2000, 25.0);
            $many = self::ladder($all, 120, 2000, 25.0);
            self::assertNotNull($many);
            self::assertLessThanOrEqual($few->minutes ?? INF, $many->minutes);
        }
    }

    public function testHandsCutLessThanALadder(): void
    {
        $ladder = self::ladder([150, 180, 240], 120, 320, 20.0);
        self::assertNotNull($ladder);
        self::assertLessThan(CutBudget::onFace($ladder)->allowanceUm(), CutBudget::byHand($ladder)->allowanceUm());
        self::assertMicrometres($ladder->laterCutsUm() + $ladder->leftScratchUm(), CutBudget::onFace($ladder)->allowanceUm());
    }

    public function testPassesThatWereSandedCutLikeTheLadderOfTheSamePapers(): void
    {
        $ladder = self::ladder([240], 150, 320, 20.0);
        self::assertNotNull($ladder);
        $skin = self::skin();
        $planned = $skin->afterFlatting(CutBudget::onFace($ladder));
        foreach ($ladder->steps as $step) {
            $skin = Sanded::over($skin, new Pass($step->grit, SandingMethod::WetBlock), 0.4)->skin;
        }
        self::assertEqualsWithDelta($planned->meanUm, $skin->meanUm, 1e-9);
        self::assertEqualsWithDelta($planned->textureUm, $skin->textureUm, 1e-9);
        self::assertEqualsWithDelta($planned->retainedTotalUm, $skin->retainedTotalUm, 1e-9);
    }

    public function testGlossRisesWithEachFinerPaperAndCompound(): void
    {
        $before = 0.0;
        foreach ([600, 1000, 1500, 2000, 3000, 5000] as $grit) {
            $gloss = GlossAt60::of(GlossAt60::rmsAfterPaper(SandingMethod::WetBlock->scratchUm(Grit::p($grit))));
            self::assertGreaterThan($before, $gloss, "P{$grit}");
            $before = $gloss;
        }
        foreach ([Compound::Cut, Compound::Finish, Compound::Jewelled] as $compound) {
            $gloss = GlossAt60::of($compound->rmsUm());
            self::assertGreaterThan($before, $gloss, $compound->value);
            $before = $gloss;
        }
        self::assertGreaterThan(80.0, GlossAt60::of(Compound::Cut->rmsUm()));
    }

    public function testBlackGlassReadsAHundred(): void
    {
        self::assertEqualsWithDelta(100.0, GlossAt60::of(0.0, 1.567), 1e-9);
    }

    private static function skin(float $slopeDeg = 0.0, int $coats = 3): SkinSection
    {
        $at = Temperature::fromCelsius(20.0);
        $skin = SkinSection::wetOut(new Weave(200.0), new Face($slopeDeg, 0.3), Sample::resin()->rheology, new Coat(140.0, $at));
        for ($n = 0; $n < $coats; $n++) {
            $skin = $skin->afterCoat(new Coat(110.0, $at));
        }

        return $skin;
    }

    /** @param list<int> $shelf */
    private static function ladder(array $shelf, int $from, int $to, float $firstCut): ?Ladder
    {
        return Ladder::cheapest(SandingMethod::WetBlock, 0.5, $shelf, $from, $to, $firstCut);
    }

    /** @param list<int> $chain */
    private static function minutesOf(array $chain, float $firstCut): float
    {
        $method = SandingMethod::WetBlock;
        $sum = 0.5 * $firstCut / $method->speed(Grit::p($chain[0]));
        for ($i = 1; $i < count($chain); $i++) {
            [$before, $now] = [Grit::p($chain[$i - 1]), Grit::p($chain[$i])];
            if ($before->meanGrainUm / $now->meanGrainUm > 2.2 + 1e-9) {
                return INF;
            }
            $sum += 2.0 + 0.5 * 1.25 * $method->scratchUm($before) / $method->speed($now);
        }

        return $sum;
    }
}
