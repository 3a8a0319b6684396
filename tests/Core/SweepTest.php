<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Fact\FactLog;
use OakGloss\Film\Coat;
use OakGloss\Film\Rheology;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\Tiltable;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;
use OakGloss\Material\Substrate;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\CoatsAtTack;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\MixRatio;
use OakGloss\Optics\Finish;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunSheet;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** Some hundred plans over areas, substrates, shapes, finishes, airs, cloths, resins and schools, drawn from a seed. */
final class SweepTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (Thorough::seeds(300) as $seed) {
            yield "plan {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testAPlanPromisesNothingThatNobodyCanDo(int $seed): void
    {
        mt_srand($seed);
        $airC = self::pick(range(8, 38));
        $plan = self::plan((float) $airC);
        $schedule = PartSchedule::of($plan, AirCurve::constant((float) $airC), Sample::openDaily(70), 480.0);
        $plan = $schedule->chain->plan;
        $codes = array_map(fn (Finding $f): string => $f->code, [...$plan->findings, ...$schedule->findings()]);
        self::assertGreaterThanOrEqual(CoatsAtTack::LEAST, $plan->buildCoats);
        self::assertSame(($plan->worst()?->risk() ?? 0.0) > $plan->shop->targetBurnThrough, array_intersect(['film.burns_through', 'film.burns_through_still'], $codes) !== [], 'a risk over the target is said, and no other');
        self::assertFalse(in_array('film.burns_through', $codes, true) && $plan->buildCoats >= FinishPlan::MOST_BUILD_COATS, 'no more coats are asked for than may be given');
        if ($schedule->steps() === []) {
            self::assertContains('schedule.impossible', $codes);

            return;
        }
        foreach ($plan->ahead() as $i => $step) {
            $time = $schedule->slot($step->step->key);
            self::assertNotNull($time, $step->step->key);
            if ($step->batch !== null) {
                self::assertNotNull($step->laidGM2);
                self::assertSame(CupNotices::cups($plan, $step) === null, array_filter($plan->findings, fn (Finding $f): bool => str_starts_with($f->code, 'mix.cannot_spread') && $f->args['coat'] === $step->step->name) !== [], "{$step->step->key} can be spread, or it is said");
            }
            if ($step->step->follow->kind !== FollowKind::Tacky || $time->window === null) {
                continue;
            }
            $isIn = $time->startMin >= ($time->window->opens->expectedMin ?? INF) - PartSchedule::WOBBLE_MIN && $time->endMin <= ($time->window->closes->expectedMin ?? -INF) + PartSchedule::WOBBLE_MIN;
            self::assertTrue($isIn || $time->way === Way::Keyed || in_array('lay.outside', $codes, true), "{$step->step->key} lies in its window, is keyed, or it is said");
            self::assertFalse($step->step->kind === StepKind::Lay && $time->way === Way::Keyed, 'no key holds dry cloth');
        }
        $last = $schedule->steps()[count($schedule->steps()) - 1];
        self::assertSame($last->endMin, $schedule->readyMin());
    }

    /** @return iterable<string, array{int}> */
    public static function aFew(): iterable
    {
        foreach (Thorough::seeds(30) as $seed) {
            yield "shop {$seed}" => [1000 + $seed];
        }
    }

    #[DataProvider('aFew')]
    public function testAPartAloneInAnEmptyShopIsReadyAtTheOptimumOfItsOwnSheet(int $seed): void
    {
        mt_srand($seed);
        $airC = (float) self::pick(range(16, 26));
        $chain = new StepsAhead(self::plan($airC), AirCurve::constant($airC), 480.0);
        $alone = PartSchedule::of($chain->plan, AirCurve::constant($airC), Sample::openDaily(70), 480.0);
        $shop = RunSheet::of([7 => $chain], new Crew([Sample::openDaily(70)], ['booth' => 1, 'warm_box' => 1]), 480.0)[7];
        $placed = $shop['placed'] ?? [];
        self::assertSame($alone->readyMin(), $placed === [] ? null : $placed[count($placed) - 1]->endMin);
    }

    #[DataProvider('aFew')]
    public function testAColderDayIsNeverReadyEarlierWhereHandsAreAlwaysThereAndWindowsAreMet(int $seed): void
    {
        $always = WorkingTime::of([[0.0, 70 * 1440.0]]);
        $sheet = function (float $c) use ($seed, $always): PartSchedule {
            mt_srand($seed);
            $plan = self::plan($c);
            // With coats held fast: a warmer film may want one less.
            $plan = FinishPlan::of($plan->brief->with($plan->brief->choices->but(buildCoats: 4)), $plan->materials, new BrushOnSkin(), $plan->shop, $plan->log);

            return PartSchedule::of($plan, AirCurve::constant($c), $always, 480.0);
        };
        $before = 0.0;
        foreach ([26.0, 23.0, 20.0, 18.0] as $c) {
            $now = $sheet($c);
            self::assertGreaterThanOrEqual($before - 2.0 * PartSchedule::GRID_MIN, $now->readyMin() ?? INF, "{$c} °C");
            // A window too short for its hands makes a warm day the slower one: what is keyed waits for its cure.
            $isMet = array_filter($now->steps(), fn (PlacedStep $p): bool => $p->way === Way::Keyed) === [] && $now->leniency->keepsLimits();
            $before = $isMet ? $now->readyMin() ?? 0.0 : 0.0;
        }
    }

    #[DataProvider('aFew')]
    public function testNeverFewerCoatsForHeavierClothGreaterAllowanceOrAStricterTarget(int $seed): void
    {
        mt_srand($seed);
        $shape = self::shape((float) self::pick([0.05, 0.2, 0.6]));
        $brief = fn (): PartBrief => new PartBrief($shape->zones(), $shape->developedMm(), Substrate::Abs, false, \OakGloss\Material\Tone::Black, \OakGloss\Material\Backing::Black, Finish::Gloss, false, false, false);
        $coats = fn (float $cloth, float $target): int => FinishPlan::of($brief(), self::materials($cloth, self::resin('medium'), self::resin('medium'), Finish::Gloss), new BrushOnSkin(), new Workshop(20.0, targetBurnThrough: $target), FactLog::standing([]))->buildCoats;
        $byCloth = array_map(fn (float $w): int => $coats($w, 0.001), [120.0, 160.0, 200.0, 245.0, 285.0]);
        $byTarget = array_map(fn (float $t): int => $coats(200.0, $t), [0.05, 0.01, 0.001, 0.0001]);
        foreach ([$byCloth, $byTarget] as $counted) {
            $rising = $counted;
            sort($rising);
            self::assertSame($rising, $counted);
        }
        $skin = SkinSection::wetOut(new Weave(200.0), $shape->zones()[0]->face, self::resin('medium')->rheology, new Coat(140.0, Temperature::fromCelsius(20.0)));
        $byAllowance = array_map(fn (float $um): int => $skin->coatsNeeded(new Coat(110.0, Temperature::fromCelsius(20.0)), $um, 0.001) ?? 11, [0.0, 15.0, 30.0, 60.0]);
        $rising = $byAllowance;
        sort($rising);
        self::assertSame($rising, $byAllowance);
    }

    private static function plan(float $airC): FinishPlan
    {
        $finish = self::pick(Finish::cases());
        $shape = self::shape((float) self::pick([0.01, 0.03, 0.1, 0.25, 0.6, 1.2, 3.0]));
        $brief = new PartBrief(
            $shape->zones(),
            $shape->developedMm(),
            self::pick(array_filter(Substrate::cases(), fn (Substrate $s): bool => $s->holdsResin())),
            self::pick([true, false]),
            \OakGloss\Material\Tone::Black,
            \OakGloss\Material\Backing::Black,
            $finish,
            self::pick([true, false]),
            self::pick([true, false]),
            self::pick([true, false]),
            choices: new Choices(
                wetOut: self::pick(WetOut::cases()),
                afterWetOut: self::pick(AfterWetOut::cases()),
                top: $finish === Finish::Gloss ? self::pick(Top::cases()) : Top::Clear,
                buildCoats: self::pick([null, null, 3, 10]),
                finishCoats: self::pick([1, 2]),
                secondPasses: self::pick([0, 0, 1]),
                turned: self::pick([true, false, false]),
                tilted: self::pick([true, false]),
                printThrough: self::pick(PrintThrough::cases()),
            ),
            tiltedZones: $shape instanceof Tiltable ? $shape->tilted()->zones() : null,
        );
        $resins = ['fast', 'medium', 'slow'];

        return FinishPlan::of($brief, self::materials((float) self::pick([120, 193, 200, 285]), self::resin(self::pick($resins)), self::resin(self::pick($resins)), $finish), new BrushOnSkin(), new Workshop($airC), FactLog::standing([]));
    }

    private static function shape(float $areaM2): Shape
    {
        $edge = (float) self::pick([1.0, 2.0, 4.0]);
        $side = 1000.0 * sqrt($areaM2);

        return match (mt_rand(0, 4)) {
            0 => new Panel(1.2 * $side, $side / 1.2, $edge, (float) self::pick([0, 20, 80])),
            1 => new BentPanel($side, 0.6 * $side, 0.4 * $side, (float) self::pick([30, 60, 90]), 10.0, $edge),
            2 => new Dome(1.05 * $side, 0.3 * $side, $edge),
            3 => new HalfTube(1.2 * $side, max(10.0, 0.26 * $side), $edge),
            default => new Box(0.7 * $side, 0.6 * $side, max(5.0, 0.2 * $side), $edge),
        };
    }

    private static function materials(float $cloth, Resin $base, Resin $over, Finish $sheen): Materials
    {
        $sample = Sample::materials(sheen: $sheen);

        return new Materials($base, $over, new ClothRoll('sweep cloth', new Weave($cloth), 2000.0), $sample->clear, $sample->grits);
    }

    private static function resin(string $which): Resin
    {
        $slowness = ['fast' => 0.42, 'medium' => 1.0, 'slow' => 1.8][$which];
        $reference = Temperature::fromCelsius(20.0);
        $cure = Activation::given(52000.0);

        return new Resin(
            "{$which} resin",
            new Kinetics($reference, $cure, ['tack_from' => 125.0 * $slowness, 'tack_until' => 270.0 * $slowness, 'sandable' => 900.0 * $slowness, 'full' => 8200.0], 10.0),
            new Rheology(1.1, $reference, 1.2, Activation::given(54000.0), 105.0 * $slowness, $cure),
            MixRatio::byWeight(34.0),
            38.0 * $slowness,
            150.0,
            20.0,
            8.0,
            true,
            0.02,
            maxC: 40.0,
        );
    }

    /**
     * @template T
     *
     * @param array<array-key, T> $of
     *
     * @return T
     */
    private static function pick(array $of): mixed
    {
        $of = array_values($of);

        return $of[mt_rand(0, count($of) - 1)];
    }
}
