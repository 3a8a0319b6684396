<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;
use OakGloss\Cloth\FlowFront;
use OakGloss\Cloth\LeakCheck;
use OakGloss\Cure\SlabHeat;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\LeakTried;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\Pour;
use OakGloss\Practice\Kit;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Mistake;
use OakGloss\Practice\Move;
use OakGloss\Practice\Simulation;
use OakGloss\Practice\Verdict;
use OakGloss\Quantity\OutOfRange;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

/** Heat of a laminate, catalyst in drops, an infusion's flow front, and a bag that holds or leaks. */
final class LaminateModelsTest extends TestCase
{
    public function testMorePliesAtOnceGetHotterAndMoreLossCooler(): void
    {
        $air = Temperature::fromCelsius(20.0);
        $slab = new SlabHeat(Kit::mouldResin()->cupHeat(), 450.0, 1.0);
        $before = 20.0;
        for ($plies = 1; $plies <= 16; $plies++) {
            $peak = $slab->of($plies, $air)['peakC'];
            self::assertGreaterThan($before, $peak);
            $before = $peak;
        }
        $cooled = new SlabHeat(Kit::mouldResin()->cupHeat(), 450.0, 1.0, airLoss: 30.0);
        self::assertLessThan($slab->of(12, $air)['peakC'], $cooled->of(12, $air)['peakC']);
        self::assertGreaterThan($slab->of(10, $air)['peakC'], $slab->of(10, Temperature::fromCelsius(26.0))['peakC'], 'a warm day cooks it');
        $lift = $slab->liftPlies($air, 60.0);
        self::assertLessThanOrEqual(60.0, $slab->of($lift, $air)['peakC']);
        self::assertGreaterThan(60.0, $slab->of($lift + 1, $air)['peakC'], 'not one more');
        self::assertSame((int) ceil(14 / $lift), $slab->lifts(14, $air, 60.0));
        self::assertSame([0, null], [$slab->liftPlies($air, 20.0), $slab->lifts(4, $air, 20.0)], 'one is too many');
    }

    public function testCatalystByTemperatureInWholeDrops(): void
    {
        $catalyst = new Catalyst([[20.0, 1.5], [14.0, 2.0], [30.0, 1.0]], 1.18, 22.0);
        $at = fn (float $c): ?float => $catalyst->percentAt(Temperature::fromCelsius($c));
        self::assertEqualsWithDelta([2.0, 1.75, 1.5, 1.25, 1.0], [$at(14.0), $at(17.0), $at(20.0), $at(25.0), $at(30.0)], 1e-9);
        self::assertSame([null, null], [$at(13.9), $at(30.1)], 'nothing is mixed outside its rows');
        self::assertSame(1, $catalyst->dropsFor(1.0, 1.0), 'one at least');
        self::assertSame(14, $catalyst->dropsFor(50.0, 1.5), '0.75 g at 0.0536 g a drop');
        $batch = Batch::catalysed(50.0, $catalyst, Temperature::fromCelsius(20.0), 0.1);
        self::assertSame(14, $batch->drops);
        self::assertEqualsWithDelta(14 * 1.18 / 22.0, $batch->hardenerG, 1e-9);
        self::assertGreaterThanOrEqual(50.0 - 0.2, $batch->totalG());
        // A drop less is out of what the cup bears, half a drop is not.
        $pour = fn (float $drops): bool => (new Pour($batch, $batch->resinG, $drops * $catalyst->dropG()))->keepsRatio();
        self::assertSame([true, true, false, false], [$pour(14), $pour(14.4), $pour(13), $pour(15)]);
        foreach ([[[], 1.18, 22.0], [[[20.0, 1.5], [20.0, 1.4]], 1.18, 22.0], [[[20.0, 0.0]], 1.18, 22.0], [[[20.0, 1.5]], 1.18, 0.0]] as [$rows, $density, $drops]) {
            try {
                new Catalyst($rows, $density, $drops);
                self::fail('was taken');
            } catch (OutOfRange) {
            }
        }
        $this->expectException(BadField::class);
        Calculator::run('catalyst', '{"sheet": [{"c": 20, "percent": 11}], "air_c": 20, "resin_g": 50, "density_g_cm3": 1.18, "drops_per_ml": 22}');
    }

    public function testAFlowFrontGoesByTheSquareOfItsWay(): void
    {
        $one = FlowFront::minutes(0.3, 0.28, FlowFront::WITH_MESH_M2);
        // φ η L²/(2 K Δp) = 0.5·0.28·0.09/(2·1e-9·90 000)/60.
        self::assertEqualsWithDelta(0.5 * 0.28 * 0.09 / (2.0 * 1e-9 * 90000.0) / 60.0, $one, 1e-9);
        self::assertEqualsWithDelta(4.0 * $one, FlowFront::minutes(0.6, 0.28, FlowFront::WITH_MESH_M2), 1e-9);
        self::assertEqualsWithDelta(100.0 * $one, FlowFront::minutes(0.3, 0.28, FlowFront::WITHOUT_MESH_M2), 1e-6, 'without mesh a hundred times as long');
    }

    public function testALeakCheckHoldsOrIsTriedAgain(): void
    {
        self::assertTrue(LeakCheck::read(40.0, 45.0, 10.0)->holds());
        self::assertFalse(LeakCheck::read(40.0, 46.0, 10.0)->holds());
        self::assertEqualsWithDelta(12.0, LeakCheck::read(40.0, 46.0, 5.0)->mbarIn10, 1e-9, 'brought to ten minutes');
        self::assertTrue(LeakCheck::read(40.0, 46.0, 10.0, 8.0)->holds(), 'the shop\'s own limit');
        $log = fn (float $to): FactLog => FactLog::standing([new Fact(1, 'leak-check', 10.0, 20.0, new LeakTried(40.0, $to, 10.0))]);
        self::assertNull($log(60.0)->completing('leak-check', StepKind::LeakCheck), 'a leak ends nothing');
        self::assertNotNull($log(44.0)->completing('leak-check', StepKind::LeakCheck));
        self::assertFalse(Done::fits(StepKind::LeakCheck), 'nobody says so without a reading');
        $this->expectException(OutOfRange::class);
        LeakCheck::read(40.0, 41.0, 1.0);
    }

    /** The practice laminate is stepped lift by lift; one lift alone is the plan's own slab. */
    public function testThePracticeLaminateIsTheSlabOfThePlan(): void
    {
        foreach ([4, 9, 13] as $seed) {
            foreach ([4, 8, 12] as $plies) {
                $play = Simulation::play($seed, [], [Move::lift($plies), Move::wait(400.0)]);
                $truth = \OakGloss\Practice\HiddenTruth::of($seed);
                $air = $truth->air->at(Move::lift($plies)->minutes());
                $slab = new SlabHeat(Kit::mouldResin($truth->pace)->cupHeat(), Kit::MOULD_PLY_GM2, 1.0);
                $peak = $slab->of($plies, Temperature::fromCelsius($air))['peakC'];
                // The slab's air stands still, the shop's wanders.
                self::assertEqualsWithDelta($peak, $play->laminate->peakC, 0.5 + 0.08 * ($peak - $air), "part {$seed}, {$plies} plies");
            }
        }
    }

    public function testRunawayHeatIsALessonOfItsOwn(): void
    {
        foreach ([2, 5, 8, 21] as $seed) {
            $tack = fn (): Move => Move::wait(130.0);
            $won = Simulation::play($seed, [], [Move::lift(5), $tack(), Move::lift(5), $tack(), Move::lift(4), Move::wait(300.0)]);
            self::assertTrue(Verdict::of(Lesson::Lifts, $won)->isWon(), "part {$seed}");
            $cooked = Simulation::play($seed, [], [Move::lift(14), Move::wait(300.0)]);
            self::assertContains(Mistake::COOKED, array_column($cooked->mistakes(), 'code'), "part {$seed}");
            self::assertGreaterThan(Kit::PATTERN_BEARS_C, $cooked->laminate->peakC);
            $late = Simulation::play($seed, [], [Move::lift(5), Move::wait(2000.0), Move::lift(5)]);
            self::assertContains(Mistake::UNKEYED, array_column($late->mistakes(), 'code'), 'a lift that went hard is keyed');
        }
        // Two lifts with no time between them heat as one.
        $hasty = Simulation::play(3, [], [Move::lift(7), Move::lift(7), Move::wait(300.0)])->laminate->peakC;
        self::assertGreaterThan(Simulation::play(3, [], [Move::lift(7), Move::wait(150.0), Move::lift(7), Move::wait(300.0)])->laminate->peakC, $hasty);
        self::assertFalse(Verdict::of(Lesson::Lifts, Simulation::play(3, [], [Move::lift(5), Move::wait(200.0)]))->isWon(), 'not all of it lies');
        self::assertContains('felt_hot', array_column(Simulation::play(3, [], [Move::lift(14), Move::wait(40.0), Move::feel()])->answers(), 'code'));
    }
}
