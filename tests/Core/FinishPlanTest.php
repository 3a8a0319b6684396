<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\Batch;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FinishPlanTest extends TestCase
{
    use Near;

    public function testTheStepsStandInTheTradesOrder(): void
    {
        self::assertSame([
            'strip', 'wipe-1', 'key', 'wipe-2', 'base', 'lay', 'wet-out', 'wash-nibs', 'nibs', 'wipe-3', 'build-1', 'build-2', 'build-3', 'build-4',
            'wash-flat', 'flat', 'wipe-4', 'finish-1', 'wash-wet-flat', 'wet-flat', 'wipe-5', 'clear', 'clear-flat', 'polish', 'inspect',
        ], self::keys(Sample::plan()));
    }

    public function testAPlanIsAFunctionOfWhatItIsGiven(): void
    {
        self::assertEquals(Sample::plan(), Sample::plan());
    }

    public function testTheGramsAddUp(): void
    {
        $plan = Sample::plan();
        // By hand: 0.08 m² of top, 0.048 of flank, the rest bend and edges; the cloth wraps 0.047 m² more. 8 g stay in each cup.
        [$coated, $wrapped] = [0.1417, 0.1885];
        $base = 100.0 * $wrapped + 8.0;
        $over = 0.7 * 200.0 * $wrapped + 8.0 + 4 * (110.0 * $coated + 8.0) + 75.0 * $coated + 8.0;
        self::assertGrams($base, $plan->gramsFrom(Slot::Base), 0.2);
        self::assertGrams($over, $plan->gramsFrom(Slot::Skin), 0.8);
        self::assertGrams($base + $over, $plan->totalGrams(), 1.0);
        $build = $plan->step('build-1')?->batch;
        self::assertNotNull($build);
        $wanted = 110.0 * $plan->brief->coatedAreaM2() + 8.0;
        self::assertGreaterThanOrEqual($wanted, $build->totalG(), 'never short');
        self::assertLessThan(1.15 * $wanted, $build->totalG());
        self::assertGrams(round($build->resinG, 1), $build->resinG, 1e-9);
        self::assertLessThanOrEqual(Batch::TOLERANCE, abs($build->hardenerG / $build->resinG / $build->ratio->hardenerPerResin - 1.0));
    }

    public function testOnlyABlackBaseIsPigmented(): void
    {
        self::assertGreaterThan(0.0, Sample::plan()->step('base')?->batch?->pigmentG);
        self::assertSame(0.0, Sample::plan(Sample::brief(backing: Backing::Untinted))->step('base')?->batch?->pigmentG);
        self::assertSame(0.0, Sample::plan()->step('build-1')?->batch?->pigmentG);
    }

    public function testBuildCoatsAreTheFewestThatKeepEveryShowZone(): void
    {
        $fewest = Sample::plan();
        self::assertLessThanOrEqual(0.001, $fewest->worst()?->risk());
        $oneLess = Sample::plan(Sample::brief(choices: new Choices(buildCoats: $fewest->buildCoats - 1)));
        self::assertGreaterThan(0.001, $oneLess->worst()?->risk());
        self::assertContains('film.burns_through', self::codes($oneLess));
    }

    public function testAStricterShopNeverTakesFewerCoats(): void
    {
        $coats = array_map(fn (float $target): int => Sample::plan(shop: new Workshop(20.0, targetBurnThrough: $target))->buildCoats, [0.1, 0.01, 0.001, 0.0001]);
        $rising = $coats;
        sort($rising);
        self::assertSame($rising, $coats);
        self::assertGreaterThan($coats[0], $coats[3]);
    }

    public function testAHiddenZoneAsksForNoCoat(): void
    {
        $edge = fn (Visibility $seen): array => [new Zone('top', ZoneKind::Level, 0.0, 0.3, 0.1), new Zone('bend', ZoneKind::Edge, 60.0, 0.05, 0.002, $seen, 7.0)];
        $seen = Sample::plan(Sample::brief(zones: $edge(Visibility::Show)));
        $hidden = Sample::plan(Sample::brief(zones: $edge(Visibility::Hidden)));
        self::assertLessThan($seen->buildCoats, $hidden->buildCoats);
    }

    public function testEdgesHaveASmallerCutThanFaces(): void
    {
        $cut = [];
        foreach (Sample::plan()->step('flat')->zones ?? [] as $state) {
            $cut[$state->zone->kind->isSandedByHand() ? 'hand' : 'block'][] = $state->flatting?->allowanceUm();
        }
        self::assertLessThan(min($cut['block']), max($cut['hand']));
    }

    public function testABareZoneGetsNothing(): void
    {
        $brief = Sample::brief(zones: [new Zone('top', ZoneKind::Level, 0.0, 0.3, 0.1), new Zone('bearing face', ZoneKind::Bare, 0.0, 0.05, 0.02)]);
        self::assertNear(0.1, $brief->coatedAreaM2(), 1e-12, 'm²');
        self::assertCount(1, Sample::plan($brief)->step('flat')->zones ?? []);
    }

    public function testEachChoiceChangesTheSteps(): void
    {
        $second = self::keys(Sample::plan(Sample::brief(choices: new Choices(afterWetOut: AfterWetOut::SecondAtTack))));
        self::assertSame('second', $second[array_search('wet-out', $second, true) + 1]);
        $polish = self::keys(Sample::plan(Sample::brief(choices: new Choices(top: Top::PolishResin))));
        self::assertNotContains('clear', $polish);
        self::assertContains('polish', $polish);
        $atOnce = Sample::plan(Sample::brief(choices: new Choices(wetOut: WetOut::AtOnce)))->step('wet-out');
        self::assertSame(45.0, $atOnce?->step->follow->mostMin);
        $two = self::keys(Sample::plan(Sample::brief(choices: new Choices(finishCoats: 2))));
        self::assertContains('finish-2', $two);
    }

    public function testClearGetsToothAndPolishGetsNone(): void
    {
        self::assertSame(600, Sample::plan()->step('wet-flat')?->ladder?->last()->number);
        self::assertSame(2000, Sample::plan(Sample::brief(choices: new Choices(top: Top::PolishResin)))->step('wet-flat')?->ladder?->last()->number);
    }

    public function testSatinAndMattAreNeverPolished(): void
    {
        foreach ([Finish::Satin, Finish::Matt] as $finish) {
            $plan = Sample::plan(Sample::brief(finish: $finish), materials: Sample::materials(sheen: $finish));
            self::assertNotContains('polish', self::keys($plan));
            self::assertNull($plan->polish());
            self::assertSame($finish === Finish::Satin ? 35.0 : 12.0, $plan->gloss()?->gu, 'the sheet says nothing');
        }
        self::assertGreaterThan(80.0, Sample::plan()->gloss()->gu ?? 0.0);
    }

    /** @return iterable<string, array{FinishPlan, string, string}> plan, finding, field */
    public static function refusals(): iterable
    {
        yield 'polypropylene' => [Sample::plan(Sample::brief(Substrate::Polypropylene)), 'substrate.wont_hold', 'substrate'];
        yield 'polyethylene' => [Sample::plan(Sample::brief(Substrate::Polyethylene)), 'substrate.wont_hold', 'substrate'];
        yield 'light cloth over a light part on a clear base' => [Sample::plan(Sample::brief(tone: Tone::Light, backing: Backing::Untinted)), 'backing.shows_through', 'backing'];
        yield 'polished resin in satin' => [Sample::plan(Sample::brief(finish: Finish::Satin, choices: new Choices(top: Top::PolishResin))), 'finish.needs_clear', 'top'];
        yield 'polished resin that yellows in the sun' => [Sample::plan(Sample::brief(sun: true, choices: new Choices(top: Top::PolishResin)), materials: Sample::materials(uvStable: false)), 'top.needs_uv', 'top'];
        yield 'satin from a gloss clear' => [Sample::plan(Sample::brief(finish: Finish::Satin)), 'clear.wrong_sheen', 'clear_id'];
    }

    #[DataProvider('refusals')]
    public function testRefusesWithItsFieldAndCode(FinishPlan $plan, string $code, string $field): void
    {
        $found = array_values(array_filter($plan->findings, fn (Finding $f): bool => $f->code === $code));
        self::assertCount(1, $found);
        self::assertSame([Severity::Refuse, $field], [$found[0]->severity, $found[0]->field]);
        self::assertContains($found[0], $plan->refusals());
    }

    public function testWhatIsAllowedIsNotRefused(): void
    {
        self::assertSame([], Sample::plan()->refusals());
        self::assertSame([], Sample::plan(Sample::brief(tone: Tone::Black, backing: Backing::Untinted))->refusals());
        self::assertSame([], Sample::plan(Sample::brief(tone: Tone::Light, backing: Backing::Black))->refusals());
        self::assertSame([], Sample::plan(Sample::brief(sun: true, choices: new Choices(top: Top::PolishResin)))->refusals());
    }

    public function testBareMetalDemandsPrimerFirst(): void
    {
        $bare = Sample::plan(Sample::brief(Substrate::Steel));
        self::assertContains('substrate.prime_first', self::codes($bare));
        $keys = self::keys($bare);
        self::assertGreaterThan(array_search('prime', $keys, true), array_search('base', $keys, true));
        self::assertNotContains('prime', self::keys(Sample::plan(Sample::brief(Substrate::Steel, primed: true))));
        self::assertNotContains('prime', self::keys(Sample::plan()));
    }

    public function testAPlasticThatSoftensInTheSunIsSaid(): void
    {
        self::assertContains('substrate.softens', self::codes(Sample::plan(Sample::brief(Substrate::Pla, sun: true))));
        self::assertNotContains('substrate.softens', self::codes(Sample::plan(Sample::brief(Substrate::Pla))));
    }

    public function testPapersThatAreNotAtHandAreNamed(): void
    {
        $plan = Sample::plan(materials: Sample::materials(grits: [150, 240, 320, 600, 1500]));
        $missing = array_values(array_filter($plan->findings, fn (Finding $f): bool => $f->code === 'papers.missing'));
        self::assertSame('P2500', $missing[0]->args['papers'] ?? '');
        self::assertNotContains('papers.missing', self::codes(Sample::plan()));
    }

    public function testAGapInTheShelfIsSaidAndPlannedOver(): void
    {
        $brief = Sample::brief(choices: new Choices(top: Top::PolishResin));
        $plan = Sample::plan($brief, materials: Sample::materials(grits: [120, 150, 240, 320, 2000]));
        self::assertContains('papers.gap', self::codes($plan));
        self::assertSame(2000, $plan->step('wet-flat')?->ladder?->last()->number);
        self::assertNotContains('papers.gap', self::codes(Sample::plan($brief)));
    }

    public function testACoatThatReallyWentOnTakesThePlannedOnesPlace(): void
    {
        $heavy = Sample::plan(facts: [...self::upToWetOut(), self::fact(20, CoatOn::KIND, 'build-1', 3000.0, ['grams' => 40.0])]);
        $light = Sample::plan(facts: [...self::upToWetOut(), self::fact(20, CoatOn::KIND, 'build-1', 3000.0, ['grams' => 15.0])]);
        // Of a cup that is heavier than planned all that is too much lies on the part.
        $planned = Sample::plan(facts: self::upToWetOut())->step('build-1') ?? self::fail();
        $more = (40.0 - ($planned->batch?->totalG() ?? 0.0)) / $heavy->brief->coatedAreaM2();
        self::assertNear(($planned->laidGM2 ?? 0.0) + $more, $heavy->step('build-1')?->laidGM2 ?? 0.0, 1e-9, 'g/m²');
        self::assertGreaterThan($heavy->buildCoats - 1, $light->buildCoats);
        self::assertGreaterThan(
            $light->step('build-1')?->zones[0]->after->crownCover()->inMicrometres(),
            $heavy->step('build-1')?->zones[0]->after->crownCover()->inMicrometres(),
        );
        self::assertSame(40.0, $heavy->step('build-1')?->usedG);
    }

    public function testAWarmerCoatRunsFurtherDownAFlank(): void
    {
        $flank = fn (float $c): float => Sample::plan(facts: [...self::upToWetOut(), self::fact(20, CoatOn::KIND, 'build-1', 3000.0, ['grams' => 30.0], $c)])
            ->step('build-1')?->zones[2]->after->lastDrainedGM2 ?? 0.0;
        self::assertNotEqualsWithDelta($flank(12.0), $flank(28.0), 0.01);
    }

    public function testAStruckOutFactLeavesNoTrace(): void
    {
        $before = self::upToWetOut();
        $coat = self::fact(20, CoatOn::KIND, 'build-1', 3000.0, ['grams' => 40.0]);
        $struck = self::fact(21, Struck::KIND, 'build-1', 3010.0, ['target' => 20]);
        self::assertEquals(Sample::plan(facts: $before), Sample::plan(facts: [...$before, $coat, $struck]));
        self::assertNotEquals(Sample::plan(facts: $before), Sample::plan(facts: [...$before, $coat]));
    }

    public function testTheOrderInWhichFactsAreGivenDoesNotMatter(): void
    {
        $facts = self::upToWetOut();
        self::assertEquals(Sample::plan(facts: $facts), Sample::plan(facts: array_reverse($facts)));
    }

    public function testAStepThatWasPassedOverIsNotDueAnyMore(): void
    {
        $plan = Sample::plan(facts: [self::fact(1, Wiped::KIND, 'wipe-2', 100.0)]);
        self::assertSame('base', $plan->next()?->step->key);
        self::assertTrue($plan->step('key')?->skipped);
        self::assertFalse($plan->step('wipe-2')?->skipped);
    }

    public function testAFlattingIsDoneWithItsLastPaperAndSoFarItIsNot(): void
    {
        $facts = self::builtUp();
        $half = Sample::plan(facts: [...$facts, self::fact(60, Sanded::KIND, 'flat', 6000.0, ['grit' => 150])]);
        self::assertSame('flat', $half->next()?->step->key);
        self::assertSame(240, $half->next()?->nextGrit());
        $done = Sample::plan(facts: [...$facts, self::fact(60, Sanded::KIND, 'flat', 6000.0, ['grit' => 150]), self::fact(61, Sanded::KIND, 'flat', 6020.0, ['grit' => 240])]);
        self::assertSame('wipe-4', $done->next()?->step->key);
        self::assertSame($half->buildCoats, $done->buildCoats);
    }

    public function testAChoiceThatWasOvertakenByTheWorkStandsAsTheWorkDid(): void
    {
        $facts = [...self::upToWetOut(), self::fact(19, CoatOn::KIND, 'second', 1500.0, ['grams' => 24.0])];
        self::assertContains('second', self::keys(Sample::plan(facts: $facts)));
    }

    public function testADryWetOutIsSaid(): void
    {
        $facts = self::upToWetOut();
        $facts[count($facts) - 1] = self::fact(7, CoatOn::KIND, 'wet-out', 1000.0, ['grams' => 20.0]);
        self::assertContains('film.dry_wet_out', self::codes(Sample::plan(facts: $facts)));
        self::assertNotContains('film.dry_wet_out', self::codes(Sample::plan()));
    }

    public function testACupTooSmallForTheScaleIsSaid(): void
    {
        $tiny = Sample::brief(zones: [new Zone('badge', ZoneKind::Level, 0.0, 0.03, 0.001)]);
        self::assertContains('mix.too_small', self::codes(Sample::plan($tiny, shop: new Workshop(20.0, cupLossG: 1.0, scaleStepG: 1.0))));
        self::assertNotContains('mix.too_small', self::codes(Sample::plan()));
    }

    public function testEveryStepThatCanHurtCarriesItsCaution(): void
    {
        foreach (Sample::plan(Sample::brief(Substrate::Steel, choices: new Choices(afterWetOut: AfterWetOut::SecondAtTack)))->steps as $step) {
            self::assertNotSame([], $step->step->cautions, $step->step->key);
            if ($step->step->kind === StepKind::Coat) {
                self::assertContains(Caution::Epoxy, $step->step->cautions);
            }
            if ($step->step->kind->isSanding()) {
                self::assertContains(Caution::Dust, $step->step->cautions);
            }
        }
        self::assertContains(Caution::Isocyanate, Sample::plan()->step('clear')->step->cautions ?? []);
        self::assertContains(Caution::Structure, Sample::plan()->steps[0]->step->cautions);
    }

    /** @return list<Fact> */
    public static function upToWetOut(): array
    {
        return [
            self::fact(1, Done::KIND, 'strip', 10.0),
            self::fact(2, Wiped::KIND, 'wipe-1', 20.0),
            self::fact(3, Sanded::KIND, 'key', 40.0, ['grit' => 150]),
            self::fact(4, Wiped::KIND, 'wipe-2', 60.0),
            self::fact(5, CoatOn::KIND, 'base', 500.0, ['grams' => 27.0]),
            self::fact(6, Done::KIND, 'lay', 680.0),
            self::fact(7, CoatOn::KIND, 'wet-out', 1000.0, ['grams' => 36.0]),
        ];
    }

    /** @return list<Fact> */
    public static function builtUp(): array
    {
        $facts = [...self::upToWetOut(), self::fact(8, Sanded::KIND, 'nibs', 2200.0, ['grit' => 240]), self::fact(9, Wiped::KIND, 'wipe-3', 2210.0)];
        for ($n = 1; $n <= 4; $n++) {
            $facts[] = self::fact(10 + $n, CoatOn::KIND, "build-{$n}", 2220.0 + 160.0 * $n, ['grams' => 24.0]);
        }

        return $facts;
    }

    /** @param array<string, string|int|float> $data */
    public static function fact(int $id, string $kind, string $step, float $at, array $data = [], ?float $airC = 20.0): Fact
    {
        return Fact::read($id, $kind, $step, $at, $airC, $data);
    }

    /** @return list<string> */
    private static function keys(FinishPlan $plan): array
    {
        return array_map(fn (PlannedStep $s): string => $s->step->key, $plan->steps);
    }

    /** @return list<string> */
    private static function codes(FinishPlan $plan): array
    {
        return array_map(fn (Finding $f): string => $f->code, $plan->findings);
    }
}
