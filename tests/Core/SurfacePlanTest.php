<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Measured;
use OakGloss\Fact\Kind\PartWeighed;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClearKind;
use OakGloss\Material\SprayedClear;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Materials;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Plan\Approaches;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\PrintGate;
use PHPUnit\Framework\TestCase;

/** The surface side of a part's plan: passes by zone, readings, answers, clears. */
final class SurfacePlanTest extends TestCase
{
    private int $id = 0;

    private float $at = 480.0;

    public function testAFlattingIsDoneWhenEveryZoneIsThroughItsLastPaper(): void
    {
        $facts = $this->built();
        $facts[] = $this->pass('flat', 150, 'top');
        $facts[] = $this->pass('flat', 240, 'top');
        self::assertFalse(Sample::plan(facts: $facts)->step('flat')?->isDone());
        self::assertSame(150, Sample::plan(facts: $facts)->step('flat')?->nextGrit(), 'the other faces come first');
        foreach (array_slice(self::zones(), 1) as $zone) {
            $facts[] = $this->pass('flat', 240, $zone->name);
        }
        $flat = Sample::plan(facts: $facts)->step('flat');
        self::assertTrue($flat?->isDone());
        self::assertSame($facts[count($facts) - 1]->atMin, $flat->doneAtMin);
    }

    public function testLowsKeepAZoneOpenAndItsPaperDue(): void
    {
        $facts = [...$this->built(), $this->pass('flat', 150), $this->pass('flat', 240), $this->pass('flat', 240, 'flank', PassEnd::Lows)];
        self::assertTrue(Sample::plan(facts: $facts)->step('flat')?->isDone(), 'it was through before');
        $facts = [...$this->built(), $this->pass('flat', 150, 'top', PassEnd::Lows)];
        $state = Sample::plan(facts: $facts)->step('flat')->zones[0] ?? null;
        self::assertNotNull($state?->now);
        self::assertFalse($state->now->flat);
        self::assertEqualsWithDelta(0.2 * $state->before->textureUm, $state->now->textureUm, 1e-9);
    }

    public function testPassesByZoneTakeWhatTheyTakeAndTheRestOfTheLadderFollows(): void
    {
        $planned = Sample::plan(facts: $this->built())->step('flat');
        $facts = [...$this->built(), $this->pass('flat', 150, 'top'), $this->pass('flat', 150, 'flank')];
        $begun = Sample::plan(facts: $facts)->step('flat');
        self::assertEqualsWithDelta($planned?->zones[0]->left()->inMicrometres() ?? 0.0, $begun?->zones[0]->left()->inMicrometres() ?? 1.0, 1e-9, 'as planned so far');
        self::assertLessThan($planned->zones[0]->before->meanUm, $begun->zones[0]->now?->meanUm);
        $deep = Sample::plan(facts: [...$this->built(), $this->pass('flat', 150, 'top', PassEnd::Matt, 120.0)])->step('flat');
        self::assertLessThan($planned->zones[0]->left()->inMicrometres() - 20.0, $deep?->zones[0]->left()->inMicrometres(), 'two hours on one face go deeper');
    }

    public function testAPassOverAllFacesLeavesTheEdgesForTheLastPaper(): void
    {
        $planned = Sample::plan(facts: $this->built())->step('flat');
        $rim = count(self::zones()) - 1;
        $begun = Sample::plan(facts: [...$this->built(), $this->pass('flat', 150)])->step('flat');
        self::assertSame([], $begun?->zones[$rim]->passes);
        self::assertEqualsWithDelta($planned?->zones[$rim]->left()->inMicrometres() ?? 0.0, $begun->zones[$rim]->left()->inMicrometres(), 1e-9);
        $done = Sample::plan(facts: [...$this->built(), $this->pass('flat', 150), $this->pass('flat', 240)])->step('flat');
        self::assertCount(1, $done?->zones[$rim]->passes ?? []);
        self::assertEqualsWithDelta($planned->zones[$rim]->left()->inMicrometres(), $done->zones[$rim]->left()->inMicrometres(), 1e-9);
    }

    public function testEdgesLapsAndCornersHaveTheirOwnAllowance(): void
    {
        $zones = [new Zone('face', ZoneKind::Level, 0.0, 0.3, 0.1), new Zone('rim', ZoneKind::Edge, 30.0, 0.05, 0.01, radiusMm: 3.0), new Zone('inside', ZoneKind::Corner, 10.0, 0.05, 0.01)];
        $flat = Sample::plan(Sample::brief(zones: $zones), $this->built())->step('flat');
        [$face, $rim, $corner] = array_map(fn ($s): float => $s->flatting?->allowanceUm() ?? 0.0, $flat->zones ?? []);
        self::assertLessThan($corner, $rim);
        self::assertLessThan($face, $corner);
    }

    public function testWeaveShowingStopsAndAsksForCoatsAndSaysLessFilm(): void
    {
        $facts = [...$this->built(), $this->pass('flat', 150, 'flank', PassEnd::Weave)];
        $plan = Sample::plan(facts: $facts);
        $answer = FilmAnswer::of($plan);
        self::assertSame(FilmAnswer::STOP, $answer->code);
        self::assertTrue($answer->bare);
        self::assertSame('finish_coats', $answer->choice);
        $flank = self::state($plan, 'flat', 'flank');
        self::assertLessThan(-30.0, $flank->offUm());
        self::assertLessThan(Sample::plan(facts: $this->built())->step('flat')?->zones[1]->meanDoubtUm(), $flank->meanDoubtUm());
        self::assertTrue($flank->isMeasured());
    }

    public function testWhereTheWeaveShowedNoPaperGoesAndTheStepEndsWithTheOthers(): void
    {
        $facts = [...$this->built(), $this->pass('flat', 150, 'rim', PassEnd::Weave)];
        foreach (array_filter(self::zones(), fn (Zone $z): bool => $z->name !== 'rim') as $zone) {
            array_push($facts, $this->pass('flat', 150, $zone->name), $this->pass('flat', 240, $zone->name));
        }
        $plan = Sample::plan(facts: $facts);
        self::assertTrue($plan->step('flat')?->isDone());
        self::assertSame('wipe-4', $plan->next()?->step->key);
        self::assertTrue(FilmAnswer::of($plan)->bare, 'it still wants its coats');
        $coated = [...$facts, $this->fact(Wiped::KIND, 'wipe-4'), $this->coat('finish-1')];
        self::assertFalse(FilmAnswer::of(Sample::plan(facts: $coated))->bare);
        self::assertSame(FilmAnswer::ONE_MORE, FilmAnswer::of(Sample::plan(facts: $coated))->code, 'and one is not enough');
    }

    public function testReadingsMoveTheAnswer(): void
    {
        $built = $this->built();
        self::assertSame(FilmAnswer::GO_ON, FilmAnswer::of(Sample::plan(facts: $built))->code);
        $thin = [...$built, $this->fact(Measured::KIND, 'build-5', ['zone' => 'flank', 'way' => 'cut_face', 'um' => 60.0, 'n' => 4, 'step_um' => 10.0])];
        $answer = FilmAnswer::of($this->fixed($thin));
        self::assertSame(FilmAnswer::ONE_MORE, $answer->code);
        self::assertSame('build_coats', $answer->choice);
        self::assertGreaterThan(Sample::plan(facts: $built)->buildCoats, Sample::plan(facts: $thin)->buildCoats, 'a free plan takes the coat itself');
        $begun = [...$thin, $this->pass('flat', 150, 'top')];
        self::assertSame(FilmAnswer::STOP, FilmAnswer::of($this->fixed($begun))->code);
        $slug = $this->fact(Measured::KIND, 'build-5', ['zone' => 'top', 'way' => 'slug', 'um' => 1300.0, 'n' => 1, 'step_um' => 10.0]);
        self::assertGreaterThan(20.0, self::state(Sample::plan(facts: [...$built, $slug]), 'flat', 'top')->offUm());
    }

    public function testThinCoverForbidsTheCoarsePaper(): void
    {
        $zones = [new Zone('top', ZoneKind::Level, 0.0, 0.3, 0.1)];
        $from = null;
        for ($um = 120.0; $um <= 400.0; $um += 4.0) {
            $thin = $this->fact(Measured::KIND, 'build-5', ['zone' => 'top', 'way' => 'cut_face', 'um' => $um, 'n' => 20, 'step_um' => 1.0]);
            $answer = FilmAnswer::of(Sample::plan(Sample::brief(zones: $zones, choices: new Choices(buildCoats: 5)), [...$this->built(), new Fact(900, $thin->step, $this->at + 10.0, 20.0, $thin->content)]));
            if ($answer->code === FilmAnswer::GO_ON) {
                break;
            }
            $from = $answer->finerFrom;
        }
        self::assertGreaterThan(150, $from, 'just under the target a finer paper is enough');
        self::assertNull(FilmAnswer::of(Sample::plan(facts: $this->built()))->finerFrom);
    }

    public function testTheScaleTellsOfCoatsAndPassesAndForgetsAcrossOtherWork(): void
    {
        $built = $this->built(4);
        $two = [...$built, $this->weighed(800.0), $this->coat('build-5'), $this->weighed(800.0 + 8.0)];
        $plan = Sample::plan(facts: $two, shop: new Workshop(20.0, partScaleStepG: 0.1));
        self::assertLessThan(-3.0, self::state($plan, 'flat', 'top')->offUm(), 'half of the coat is not there');
        $dry = Sample::plan(facts: [...$built, $this->coat('build-5')]);
        self::assertLessThan(self::state($dry, 'flat', 'top')->meanDoubtUm(), self::state($plan, 'flat', 'top')->meanDoubtUm());
        // Sanded between two weighings: more came off than the model says.
        $sanded = [...$built, $this->weighed(800.0), $this->pass('flat', 150, 'top'), $this->weighed(770.0)];
        self::assertLessThan(0.0, self::state(Sample::plan(facts: $sanded), 'flat', 'top')->offUm());
        // Trimmed between: the weight says nothing of the film.
        $id = $this->weighed(900.0);
        $lost = [$this->fact(CoatOn::KIND, 'wet-out', ['grams' => 36.0]), $id, $this->fact(Sanded::KIND, 'nibs', ['grit' => 240]), $this->weighed(700.0)];
        self::assertFalse(self::state(Sample::plan(facts: [...$this->begun(), ...$lost]), 'wet-out', 'top')->isMeasured());
    }

    public function testFinishCoatsMayBeAddedAfterAnEarlyFlattingAndLieOnWhatItLeft(): void
    {
        $facts = [...$this->built(), $this->pass('flat', 150), $this->pass('flat', 240), $this->fact(Wiped::KIND, 'wipe-4'), $this->coat('finish-1'), $this->pass('wet-flat', 320, 'flank', PassEnd::Weave)];
        $before = Sample::plan(facts: $facts);
        self::assertSame('wet-flat', $before->next()?->step->key);
        $more = Sample::brief(choices: new Choices(finishCoats: 2));
        self::assertSame('finish-2', Sample::plan($more, $facts)->next()?->step->key);
        $coated = [...$facts, $this->coat('finish-2')];
        $plan = Sample::plan($more, $coated);
        self::assertSame('wash-wet-flat', $plan->next()?->step->key);
        self::assertSame([], $plan->step('wet-flat')?->sanding?->facts, 'the pass lies under the new coat');
        $never = Sample::plan($more, array_values(array_filter($coated, fn (Fact $f): bool => $f->step !== 'wet-flat')));
        self::assertLessThan(self::state($never, 'finish-2', 'flank')->after->meanUm, self::state($plan, 'finish-2', 'flank')->after->meanUm, 'what it took is gone');
        self::assertSame(FilmAnswer::of($plan)->bare, false);
    }

    public function testAFlattingMayBeDrivenInAnotherWayFromAnotherPaper(): void
    {
        $decided = $this->fact(Decided::KIND, 'flat', ['driven' => 'orbital', 'from_grit' => 180]);
        $flat = Sample::plan(facts: [...$this->built(), $decided])->step('flat');
        self::assertSame(SandingMethod::Orbital, $flat?->ladder?->method);
        self::assertSame(180, $flat->ladder->first()->number);
        $plain = Sample::plan(facts: $this->built())->step('flat');
        self::assertLessThan($plain->handsMin ?? 0.0, $flat->handsMin);
        self::assertGreaterThan($plain?->zones[0]->left()->inMicrometres(), $flat->zones[0]->left()->inMicrometres());
    }

    public function testALadderUsesOnlyPapersThatCanBeDrivenSo(): void
    {
        $all = Sample::materials();
        $by = new Materials($all->baseResin, $all->skinResin, $all->cloth, $all->clear, $all->grits, papersBy: ['wet_block' => [320, 400, 600], 'dry_block' => [150, 240], 'orbital' => []]);
        self::assertSame([150, 240], $by->papersFor(SandingMethod::DryBlock));
        self::assertSame($all->grits, $all->papersFor(SandingMethod::Orbital));
        $plan = Sample::plan(materials: $by);
        self::assertSame('P1500, P2500', self::finding($plan, 'papers.missing')?->args['papers'], 'only the clear wants what is not there');
        self::assertNull(self::finding($plan, 'papers.gap'));
    }

    public function testASkippedGritAndACoarseScratchAreFindingsWithTheirCure(): void
    {
        $facts = [...$this->built(), $this->pass('flat', 150, 'top'), $this->pass('flat', 600, 'top')];
        $skipped = self::finding(Sample::plan(facts: $facts), 'scratch.skipped');
        self::assertSame(['from' => 150, 'to' => 600, 'zone' => 'top', 'cure' => 320], $skipped?->args);
        $done = [...$this->built(), $this->pass('flat', 150), $this->pass('flat', 240), $this->fact(Wiped::KIND, 'wipe-4'), $this->coat('finish-1')];
        $orbital = $this->fact(Decided::KIND, 'wet-flat', ['driven' => 'dry_block', 'from_grit' => 320]);
        self::assertNull(self::finding(Sample::plan(facts: [...$done, $orbital]), 'scratch.too_coarse'), 'P600 dry still suits a clear');
        self::assertNull(self::finding(Sample::plan(), 'scratch.too_coarse'));
    }

    public function testWhatRunsIsSaidBeforeTheCoat(): void
    {
        $steep = [new Zone('side', ZoneKind::Flank, 85.0, 0.6, 0.3)];
        $runs = self::finding(Sample::plan(Sample::brief(zones: $steep), shop: new Workshop(24.0)), 'film.runs');
        self::assertSame('side', $runs?->args['zone']);
        self::assertLessThan((float) $runs->args['laid'], (float) $runs->args['holds']);
        self::assertNull(self::finding(Sample::plan(Sample::brief(zones: [new Zone('top', ZoneKind::Level, 0.0, 0.6, 0.3)])), 'film.runs'));
    }

    public function testSchoolsAreComparedOnTheSamePart(): void
    {
        $level = Approaches::of(Sample::plan(Sample::brief(zones: [new Zone('top', ZoneKind::Level, 0.0, 0.6, 0.3)])));
        self::assertSame(['thin', 'shop', 'heavy'], array_keys($level));
        self::assertLessThan($level['thin']['coats'], $level['heavy']['coats']);
        self::assertLessThan($level['thin']['minutes'], $level['heavy']['minutes']);
        self::assertNull($level['heavy']['runsOn']);
        $steep = Approaches::of(Sample::plan(Sample::brief(zones: [new Zone('side', ZoneKind::Flank, 85.0, 0.5, 0.3)])));
        self::assertSame('side', $steep['heavy']['runsOn']);
        self::assertGreaterThan($steep['thin']['grams'], $steep['heavy']['grams']);
        foreach ($level as $school) {
            self::assertLessThanOrEqual(0.01, $school['risk']);
        }
    }

    public function testAFlattingBeforeItsCurePrintsThroughAndAWaitAvoidsIt(): void
    {
        $plan = Sample::plan(facts: $this->built());
        $chain = Sample::schedule($plan, $this->at)->chain;
        $flat = $plan->step('wet-flat') ?? throw new \LogicException('no wet-flat');
        $soon = PrintGate::of($chain, $flat, $this->at + 2000.0);
        $late = PrintGate::of($chain, $flat, $this->at + 20000.0);
        self::assertGreaterThan($late['depthUm'] ?? INF, $soon['depthUm'] ?? 0.0);
        self::assertNotNull($soon['waitUntilMin'] ?? null);
        self::assertNull($late['waitUntilMin'] ?? null);
        self::assertEqualsWithDelta(0.3, PrintGate::of($chain, $flat, $soon['waitUntilMin'])['depthUm'] ?? 0.0, 0.01);
        self::assertSame('film.prints_through', PrintGate::finding($soon)->code);
        $fresh = Sample::plan();
        $ahead = $fresh->step('wet-flat') ?? throw new \LogicException('no wet-flat');
        $chain = Sample::schedule($fresh)->chain;
        self::assertLessThan(PrintGate::of($chain, $ahead, 9000.0)['depthUm'] ?? 0.0, PrintGate::of($chain, $ahead, 9000.0, ['wet-out' => 2000.0, 'build-1' => 3000.0, 'build-2' => 3200.0, 'build-3' => 3400.0, 'build-4' => 3600.0])['depthUm'] ?? INF, 'coats that are ahead go on before');
    }

    public function testEachClearHasItsOwnWayOn(): void
    {
        $keys = fn (FinishPlan $p): array => array_map(fn ($s): string => $s->step->key, $p->steps);
        $varnish = $this->with(self::clear(ClearKind::Varnish, flash: 300.0, recoat: 2880.0));
        $plan = Sample::plan(materials: $varnish);
        self::assertGreaterThanOrEqual(2, $plan->clear->coats ?? 0);
        self::assertContains("varnish-{$plan->clear?->coats}", $keys($plan));
        self::assertNotContains('clear', $keys($plan));
        $second = $plan->step('varnish-2')?->step->follow;
        self::assertEqualsWithDelta(300.0, $second->leastMin ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(2880.0, $second->mostMin ?? 0.0, 1e-9);
        $filled = Sample::plan(materials: $this->with(self::clear(), self::clear(ClearKind::Filler, film: true)));
        self::assertSame(['wipe-filler', 'key-filler', 'wipe-filler-key', 'filler', 'release-film', 'filler-wash', 'filler-flat', 'wipe-5', 'clear'], array_slice($keys($filled), array_search('wipe-filler', $keys($filled), true) ?: 0, 9));
        self::assertSame(['wash_blush', FollowKind::Cured], [$filled->step('wipe-filler')?->step->name, $filled->step('wipe-filler')?->step->follow->kind], 'polyester hardens on cured epoxy only');
        self::assertSame(400, $filled->step('wet-flat')?->ladder?->last()->number);
        self::assertContains(Caution::Styrene, $filled->step('filler')?->step->cautions);
        self::assertNotContains('release-film', $keys(Sample::plan(materials: $this->with(self::clear(), self::clear(ClearKind::Filler)))));
        $striped = Sample::plan(Sample::brief(choices: new Choices(stripes: 2)));
        self::assertContains('unmask-2', $keys($striped));
        self::assertNotContains('mask-line-1', $keys(Sample::plan(Sample::brief(choices: new Choices(top: Top::PolishResin, stripes: 2)))), 'nothing lies under a polish');
    }

    public function testAClearKeepsWhatTheSunAsksForAfterFlattingAndPolish(): void
    {
        $brief = Sample::brief();
        $plan = ClearPlan::of(self::clear(), $brief, Sample::materials(), new Workshop(20.0));
        self::assertTrue($plan->guardsEnough());
        self::assertEqualsWithDelta($plan->dryUm - $plan->flatTakesUm - ($plan->polish?->totalCutUm() ?? 0.0), $plan->remainsUm(), 1e-12);
        self::assertLessThan(45.0, $plan->remainsUm() - $plan->clear->sprayed->dryPerCoatUm(), 'one coat less would not do');
        self::assertEqualsWithDelta($plan->litres * 1000.0, array_sum($plan->mixMl()), 1e-9);
        self::assertEqualsWithDelta(2.0, $plan->mixMl()['clear'] / $plan->mixMl()['hardener'], 1e-9);
        self::assertNull($plan->cans());
        $can = ClearPlan::of(self::clear(ClearKind::Can, can: 400.0), $brief, Sample::materials(), new Workshop(20.0));
        self::assertSame((int) ceil($can->litres * 1000.0 / 400.0), $can->cans());
        $matt = ClearPlan::of(self::clear(sheen: Finish::Matt), $brief, Sample::materials(), new Workshop(20.0));
        self::assertNull($matt->polish);
        self::assertSame(0.0, $matt->flatTakesUm);
        self::assertSame(12.0, $matt->gloss->gu);
    }

    public function testAClearDriesAsTheAirLetsItAndHoldsOnItsSteepestFace(): void
    {
        $clear = self::clear();
        self::assertEqualsWithDelta(12.0, $clear->flashAt(Temperature::fromCelsius(20.0)), 1e-9);
        self::assertGreaterThan(1.8 * 960.0, $clear->readyAt(Temperature::fromCelsius(10.0)));
        self::assertLessThan(0.6 * 960.0, $clear->readyAt(Temperature::fromCelsius(30.0)));
        $steep = Sample::brief(zones: [new Zone('top', ZoneKind::Level, 0.0, 0.3, 0.1), new Zone('side', ZoneKind::Flank, 80.0, 0.3, 0.1)]);
        $plan = ClearPlan::of($clear, $steep, Sample::materials(), new Workshop(20.0));
        self::assertSame('side', $plan->steepest?->name);
        $limit = $plan->greatestWetUm ?? 0.0;
        self::assertFalse(ClearPlan::of(self::clear(wet: 0.99 * $limit), $steep, Sample::materials(), new Workshop(20.0))->sags());
        self::assertTrue(ClearPlan::of(self::clear(wet: 1.01 * $limit), $steep, Sample::materials(), new Workshop(20.0))->sags());
        self::assertEqualsWithDelta($clear->sprayed->greatestWetUm(80.0, ClearPlan::SAG_LIMIT_MM) * sqrt(4.0 / (1.0 - exp(-4.0))), $limit, 1e-9);
        self::assertGreaterThan(self::clear(wet: 90.0)->sprayed->peelUm() / 0.45 * 0.45, self::clear(wet: 40.0)->sprayed->peelUm(), 'a thin coat keeps more peel');
    }

    /** @return list<Fact> a part with its wet-out still to come */
    private function begun(): array
    {
        return [$this->fact(Done::KIND, 'strip'), $this->fact(Wiped::KIND, 'wipe-2'), $this->coat('base', 30.0), $this->fact(Done::KIND, 'lay')];
    }

    /** @return list<Fact> a part with so many build coats, cured */
    private function built(int $coats = 5): array
    {
        $this->id = 0;
        $this->at = 480.0;
        $facts = [...$this->begun(), $this->coat('wet-out', 36.0), $this->fact(Sanded::KIND, 'nibs', ['grit' => 240]), $this->fact(Wiped::KIND, 'wipe-3')];
        for ($n = 1; $n <= $coats; $n++) {
            $facts[] = $this->coat("build-{$n}");
        }
        $this->at += 1440.0;

        return $facts;
    }

    private function coat(string $step, float $grams = 28.0): Fact
    {
        return $this->fact(CoatOn::KIND, $step, ['grams' => $grams]);
    }

    private function weighed(float $grams): Fact
    {
        return $this->fact(PartWeighed::KIND, 'build-4', ['grams' => $grams]);
    }

    private function pass(string $step, int $grit, string $zone = '', ?PassEnd $end = null, ?float $minutes = null): Fact
    {
        return $this->fact(Sanded::KIND, $step, array_filter(['grit' => $grit, 'zone' => $zone, 'end' => $end->value ?? '', 'minutes' => $minutes ?? '']));
    }

    /** @param array<string, string|int|float> $data */
    private function fact(string $kind, string $step, array $data = []): Fact
    {
        $this->at += 130.0;

        return Fact::read(++$this->id, $kind, $step, $this->at, 20.0, $data);
    }

    /** @param list<Fact> $facts with five coats, no more */
    private function fixed(array $facts): FinishPlan
    {
        return Sample::plan(Sample::brief(choices: new Choices(buildCoats: 5)), $facts);
    }

    private function with(ClearCoat $clear, ?ClearCoat $filler = null): Materials
    {
        $all = Sample::materials();

        return new Materials($all->baseResin, $all->skinResin, $all->cloth, $clear, $all->grits, filler: $filler);
    }

    private static function clear(ClearKind $kind = ClearKind::TwoPart, Finish $sheen = Finish::Gloss, float $wet = 60.0, float $flash = 12.0, ?float $recoat = null, ?float $can = null, bool $film = false): ClearCoat
    {
        return new ClearCoat('a clear', new SprayedClear($wet, 0.45, 0.6, 0.3, 1.02, 3.0), $sheen, $kind === ClearKind::TwoPart, $flash, 960.0, 45.0, 15.0, $kind, 50.0, 10.0, 120.0, $recoat, 20.0, $can, $sheen === Finish::Gloss ? null : 12.0, 5.0, $film);
    }

    /** @return list<Zone> */
    private static function zones(): array
    {
        return Sample::brief()->coatedZones();
    }

    private static function state(FinishPlan $plan, string $step, string $zone): \OakGloss\Plan\ZoneState
    {
        foreach ($plan->step($step)->zones ?? [] as $state) {
            if ($state->zone->name === $zone) {
                return $state;
            }
        }
        self::fail("no {$zone} on {$step}");
    }

    private static function finding(FinishPlan $plan, string $code): ?Finding
    {
        return array_values(array_filter($plan->findings, fn (Finding $f): bool => $f->code === $code))[0] ?? null;
    }
}
