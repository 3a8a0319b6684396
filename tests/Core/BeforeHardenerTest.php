<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Film\Rheology;
use OakGloss\Geometry\Panel;
use OakGloss\Material\Blend;
use OakGloss\Material\Bond;
use OakGloss\Material\Chemistry;
use OakGloss\Material\Resin;
use OakGloss\Material\Substrate;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;
use OakGloss\Plan\ClimateLimit;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\Settling;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\MixAhead;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\StepsAhead;
use PHPUnit\Framework\TestCase;

/** What must be known before hardener goes in: windows, hands, pot life, layers, and what the part will see. */
final class BeforeHardenerTest extends TestCase
{
    public function testAMissedLayIsKeyedAndGetsAFreshTackCoatWithAWindowOfItsOwn(): void
    {
        $plan = Sample::plan(facts: self::upToBase(480.0));
        $on = PartSchedule::of($plan, AirCurve::constant(20.0), Sample::openDaily(), 480.0 + 200.0);
        self::assertSame(['lay', ActState::Open], [$on->next()?->step->step->key, $on->next()?->state]);
        $late = PartSchedule::of($plan, AirCurve::constant(20.0), Sample::openDaily(), 480.0 + 1200.0);
        $keys = array_map(fn ($s): string => $s->step->key, $late->chain->plan->ahead());
        self::assertSame(['wash-key-base-1', 'key-base-1', 'wipe-base-1', 'tack-1', 'lay'], array_slice($keys, 0, 5));
        $tack = $late->chain->plan->step('tack-1');
        self::assertGreaterThan(0.0, $tack?->batch?->totalG());
        self::assertLessThan($plan->step('base')?->batch?->totalG(), $tack?->batch?->totalG(), 'thin');
        $lay = $late->slot('lay');
        self::assertGreaterThanOrEqual($lay?->window?->opens->expectedMin, $lay?->startMin);
        self::assertLessThanOrEqual($lay?->window?->closes->expectedMin, $lay?->endMin);
    }

    public function testATackCoatThatIsOnStaysInThePlanAndTheClothGoesIntoItsWindow(): void
    {
        $facts = [...self::upToBase(480.0), Fact::read(20, Sanded::KIND, 'key-base-1', 1700.0, 20.0, ['grit' => 180]), Fact::read(21, Wiped::KIND, 'wipe-base-1', 1705.0), Fact::read(22, CoatOn::KIND, 'tack-1', 1720.0, 20.0, ['grams' => 15.0])];
        $schedule = PartSchedule::of(Sample::plan(facts: $facts), AirCurve::constant(20.0), Sample::openDaily(), 1720.0 + 200.0);
        self::assertSame(['lay', ActState::Open, 1720.0], [$schedule->next()?->step->step->key, $schedule->next()?->state, $schedule->next()?->coatOnMin]);
        // Missed once more, it is keyed once more.
        $again = PartSchedule::of(Sample::plan(facts: $facts), AirCurve::constant(20.0), Sample::openDaily(), 1720.0 + 1500.0);
        self::assertSame('wash-key-base-2', $again->next()?->step->step->key);
    }

    public function testTheClothIsPlannedIntoTheWindowOfItsBaseOrItIsSaid(): void
    {
        foreach ([0.1, 0.4, 0.8, 2.5] as $area) {
            $schedule = PartSchedule::of($this->quick($area, 25.0), AirCurve::constant(25.0), Sample::openDaily(), 480.0);
            $lay = $schedule->slot('lay');
            self::assertNotNull($lay);
            $isIn = $lay->endMin <= ($lay->window->closes->expectedMin ?? 0.0) + PartSchedule::WOBBLE_MIN;
            self::assertSame(! $isIn, in_array('lay.outside', array_map(fn (Finding $f): string => $f->code, $schedule->findings()), true), "{$area} m²");
        }
        self::assertFalse($isIn, 'two and a half square metres are too much for a quick base');
    }

    public function testAMixSaysWhichWindowItOpensAndWhoseHandsItFallsTo(): void
    {
        $chain = new StepsAhead(Sample::plan(facts: self::prepared()), AirCurve::constant(20.0), 1050.0);
        $base = $chain->plan->step('base') ?? self::fail('no base');
        $late = MixAhead::of($chain, $base, 1026.0, Diary::alone(Sample::openDaily()));
        self::assertSame('lay', $late?->next->step->key);
        self::assertNull($late->atMin, 'it would open after closing');
        self::assertSame('mix_ahead.missed', $late->finding()?->code);
        self::assertNotNull($late->beginMin);
        $there = MixAhead::of($chain, $base, $late->beginMin, Diary::alone(Sample::openDaily()));
        self::assertNotNull($there?->atMin);
        self::assertNull($there->finding());
        self::assertNull(MixAhead::of($chain, $chain->plan->step('build-'.$chain->plan->buildCoats) ?? $base, 480.0, Diary::alone(Sample::openDaily())), 'nothing has to go into the last coat\'s window');
    }

    public function testACoatThatGelsUnderTheBrushIsSaidWithItsWayOut(): void
    {
        $codes = fn (float $c): array => array_values(array_filter(array_map(fn (Finding $f): string => $f->code, $this->quick(0.25, $c)->findings), fn (string $code): bool => str_starts_with($code, 'mix.cannot')));
        self::assertNotSame([], $codes(44.0));
        self::assertSame([], $codes(15.0));
        self::assertContains('mix.smaller_cups', array_map(fn (Finding $f): string => $f->code, $this->quick(0.25, 30.0)->findings));
        $finding = array_values(array_filter($this->quick(0.25, 44.0)->findings, fn (Finding $f): bool => str_starts_with($f->code, 'mix.cannot')))[0];
        self::assertGreaterThan(0.6 * $finding->args['pot'], $finding->args['spread']);
        $plan = $this->quick(1.5, 18.0);
        $cups = CupNotices::cups($plan, $plan->step('base') ?? self::fail('no base'));
        self::assertGreaterThan(1, $cups?->cups, 'a large coat is mixed cup by cup');
        self::assertLessThanOrEqual(0.6 * ($cups->heat->potLifeMin ?? INF), $cups->spreadMin);
    }

    public function testEachLayerIsJudgedAgainstTheOneUnderIt(): void
    {
        self::assertSame(Bond::FullCureWashKey, Chemistry::Polyester->over(Chemistry::Epoxy));
        self::assertSame(Bond::Bonds, Chemistry::Epoxy->over(Chemistry::Epoxy));
        self::assertSame(Bond::Attacks, Chemistry::Urethane->over(Chemistry::OnePart));
        $plan = FinishPlan::of(Sample::brief(), self::resins(chemistry: Chemistry::Polyester), new BrushOnSkin(), new Workshop(20.0), FactLog::standing([]));
        $codes = array_map(fn (Finding $f): string => $f->code, $plan->findings);
        self::assertContains('layer.styrene', $codes, 'styrene attacks ABS');
    }

    public function testWoodIsSealedFirstAndSomePartsBearNoSolvent(): void
    {
        $keys = fn (Substrate $s, bool $primed): array => array_map(fn ($p): string => $p->step->key, Sample::plan(Sample::brief($s, $primed))->steps);
        self::assertContains('seal', $keys(Substrate::Wood, false));
        self::assertNotContains('seal', $keys(Substrate::Wood, true));
        $wipe = fn (Substrate $s): ?string => Sample::plan(Sample::brief($s))->step('wipe-1')?->step->name;
        self::assertSame(['wipe_alcohol', 'wipe_alcohol', 'wipe_alcohol', 'wipe'], array_map($wipe, [Substrate::Abs, Substrate::Polycarbonate, Substrate::Painted, Substrate::GlassFibre]));
    }

    public function testHeatAndWearSpeak(): void
    {
        $brief = fn (bool $heat, bool $wear, PrintThrough $way = PrintThrough::Flat): PartBrief => new PartBrief(Sample::brief()->zones, Sample::brief()->developedMm, Substrate::Abs, false, \OakGloss\Material\Tone::Black, \OakGloss\Material\Backing::Black, \OakGloss\Optics\Finish::Gloss, false, $heat, $wear, choices: new Choices(printThrough: $way));
        $codes = fn (PartBrief $b): array => array_map(fn (Finding $f): string => $f->code, Sample::plan($b)->findings);
        self::assertSame([], array_filter($codes($brief(false, false)), fn (string $c): bool => str_starts_with($c, 'fit.') || str_starts_with($c, 'wear.')));
        self::assertContains('fit.softens_resin', $codes($brief(true, false)));
        self::assertContains('wear.gloss', $codes($brief(false, true)));
        self::assertGreaterThan(Sample::plan($brief(false, false))->clear?->wantedUm(), Sample::plan($brief(false, true))->clear?->wantedUm(), 'wear takes film');
    }

    public function testReadyFollowsWhatIsDoneAboutPrintThrough(): void
    {
        $ready = function (PrintThrough $way): float {
            $plan = Sample::plan(Sample::brief(choices: new Choices(printThrough: $way)));

            return PartSchedule::of($plan, AirCurve::constant(20.0), Sample::openDaily(), 480.0)->readyMin() ?? INF;
        };
        self::assertLessThan($ready(PrintThrough::PostCure), $ready(PrintThrough::Flat));
        self::assertLessThan($ready(PrintThrough::Wait), $ready(PrintThrough::PostCure));
        $plan = Sample::plan(Sample::brief(choices: new Choices(printThrough: PrintThrough::PostCure)));
        $keys = array_map(fn ($s): string => $s->step->key, $plan->steps);
        self::assertSame(['wash-wet-flat', 'wet-flat'], array_slice($keys, array_search('post-cure', $keys, true) + 1, 2));
        self::assertGreaterThan(240.0, $plan->step('wash-wet-flat')?->step->follow->leastMin, 'nobody washes what lies in the box');
        self::assertGreaterThan(0.0, Settling::age($plan->steps, $plan->materials));
        self::assertLessThanOrEqual(Substrate::Abs->softensAtC(), $plan->step('post-cure')?->step->args['c']);
    }

    public function testNoAirIsOfferedThatResinDewOrPartDoesNotBear(): void
    {
        $resin = $this->quickset(stallC: 12.0);
        $suits = fn (float $c, ?float $dew): bool => ClimateLimit::suits($c, ClimateKind::CoolPlace, $resin, Substrate::Abs, $dew);
        self::assertFalse($suits(9.0, 8.0), 'it stalls, and the dew is near');
        self::assertFalse($suits(13.0, 11.0), 'the dew is near');
        self::assertTrue($suits(13.0, 8.0));
        self::assertFalse(ClimateLimit::suits(44.0, ClimateKind::WarmBox, $resin, Substrate::Pla, null), 'the part softens');
    }

    public function testABatchLiesOnTheScaleAndItsWarningDoesNotFlickerWithTheArea(): void
    {
        $ratio = MixRatio::byWeight(34.0);
        $fails = [];
        for ($grams = 8.0; $grams < 60.0; $grams += 0.13) {
            $batch = Batch::weighable($grams, $ratio, 0.1);
            self::assertGreaterThanOrEqual($grams - 1e-9, $batch->totalG() + 0.05, 'never short');
            $fails[] = $batch->worstRatioError(0.1) > Batch::TOLERANCE;
        }
        self::assertSame(1, count(array_filter(array_keys($fails), fn (int $i): bool => $i > 0 && $fails[$i] !== $fails[$i - 1])), 'small cups fail, larger ones do not, and it turns once');
        $codes = array_map(fn (Finding $f): string => $f->code, Sample::plan(shop: new Workshop(20.0, scaleStepG: 1.0))->findings);
        self::assertSame(1, count(array_keys($codes, 'mix.too_small', true)), 'it is said once');
    }

    public function testABlendsSplitIsKnownInGrams(): void
    {
        $blend = Blend::of($this->quickset(34.0), $this->quickset(35.0, name: 'fast'), 0.25);
        self::assertEqualsWithDelta(1.0, array_sum($blend->hardenerParts), 1e-12);
        self::assertEqualsWithDelta(0.25 * 35.0 / (0.75 * 34.0 + 0.25 * 35.0), $blend->hardenerParts['fast'], 1e-12);
    }

    public function testTheUpperEndOfAResinIsALimitToo(): void
    {
        $plan = FinishPlan::of(Sample::brief(), self::resins(maxC: 25.0), new BrushOnSkin(), new Workshop(20.0), FactLog::standing([]));
        $hotNoon = AirCurve::through([[480.0, 18.0], [720.0, 32.0], [1080.0, 18.0], [2000.0, 18.0]]);
        $base = PartSchedule::of($plan, $hotNoon, Sample::openDaily(), 480.0)->slot('base');
        self::assertLessThanOrEqual(25.0 + 1e-9, $hotNoon->at($base->startMin ?? 720.0));
    }

    /** @return list<Fact> */
    private static function prepared(): array
    {
        return [Fact::read(1, Done::KIND, 'strip', 400.0), Fact::read(2, Wiped::KIND, 'wipe-1', 410.0), Fact::read(3, Sanded::KIND, 'key', 430.0, null, ['grit' => 150]), Fact::read(4, Wiped::KIND, 'wipe-2', 450.0)];
    }

    /** @return list<Fact> */
    private static function upToBase(float $at): array
    {
        return [...self::prepared(), Fact::read(5, CoatOn::KIND, 'base', $at, 20.0, ['grams' => 24.0])];
    }

    private function quick(float $areaM2, float $airC): FinishPlan
    {
        $side = 1000.0 * sqrt($areaM2);
        $panel = new Panel($side, $side, 3.0);
        $brief = new PartBrief($panel->zones(), $panel->developedMm(), Substrate::Abs, false, \OakGloss\Material\Tone::Black, \OakGloss\Material\Backing::Black, \OakGloss\Optics\Finish::Gloss, false, false, false);
        $sample = Sample::materials();

        return FinishPlan::of($brief, new Materials($this->quickset(), $sample->skinResin, $sample->cloth, $sample->clear, $sample->grits), new BrushOnSkin(), new Workshop($airC), FactLog::standing([]));
    }

    private function quickset(float $phr = 25.0, ?float $stallC = null, string $name = 'quick'): Resin
    {
        $reference = Temperature::fromCelsius(20.0);
        $cure = Activation::assumed();

        return new Resin($name, new Kinetics($reference, $cure, ['tack_from' => 55.0, 'tack_until' => 130.0, 'sandable' => 420.0, 'full' => 4300.0], $stallC), new Rheology(1.12, $reference, 1.9, Activation::given(52000.0), 42.0, $cure), MixRatio::byWeight($phr), 14.0, 100.0, 20.0, 12.0, false, 0.02);
    }

    private static function resins(Chemistry $chemistry = Chemistry::Epoxy, ?float $maxC = null): Materials
    {
        $sample = Sample::materials();
        $r = $sample->baseResin;
        $base = new Resin($r->name, $r->kinetics, $r->rheology, $r->ratio, $r->potLifeMin, $r->potMassG, $r->potC, $r->minC, $r->uvStable, $r->pigmentFraction, maxC: $maxC, chemistry: $chemistry);

        return new Materials($base, $sample->skinResin, $sample->cloth, $sample->clear, $sample->grits);
    }
}
