<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateChange;
use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Spread;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Material\Blend;
use OakGloss\Material\Resin;
use OakGloss\Method\Finding;
use OakGloss\Plan\Decision;
use OakGloss\Schedule\AirGates;
use OakGloss\Schedule\FittedWindow;
use OakGloss\Schedule\HardenerChoice;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\WindowFit;
use PHPUnit\Framework\TestCase;

/** Other airs, other hardeners, decisions, gates, and the window turned round. */
final class TurnedTimeTest extends TestCase
{
    public function testAWarmBoxRampsHoldsAndComesBack(): void
    {
        $air = (new ClimateChange(ClimateKind::WarmBox, 600.0, 900.0, 30.0))->appliedTo(AirCurve::constant(20.0));
        // 20 °C/h: half an hour to 30 °C, half an hour back.
        foreach ([590 => 20.0, 600 => 20.0, 615 => 25.0, 630 => 30.0, 900 => 30.0, 915 => 25.0, 930 => 20.0, 2000 => 20.0] as $minute => $c) {
            self::assertEqualsWithDelta($c, $air->at((float) $minute), 1e-9, "minute {$minute}");
        }
        $short = (new ClimateChange(ClimateKind::WarmBox, 600.0, 612.0, 30.0))->appliedTo(AirCurve::constant(20.0));
        self::assertEqualsWithDelta(24.0, $short->at(612.0), 1e-9, 'no warmer than its ramp gets in that while');
        $cool = (new ClimateChange(ClimateKind::CoolPlace, 0.0, 600.0, 8.0))->appliedTo(AirCurve::through([[-100.0, 20.0], [300.0, 16.0], [900.0, 22.0]]));
        self::assertEqualsWithDelta(8.0, $cool->at(400.0), 1e-9);
        self::assertEqualsWithDelta(22.0, $cool->at(2000.0), 1e-9);
    }

    public function testWarmthBringsEveryEventEarlierAndColdLater(): void
    {
        $kinetics = Sample::resin()->kinetics;
        $air = AirCurve::constant(18.0);
        $opens = fn (AirCurve $a): float => (new CureForecast(new PartTemperature($a, 12.0), $kinetics, new Spread(), 0.0))->event(Milestone::TackFrom, 0.0)->expectedMin ?? INF;
        self::assertLessThan($opens($air), $opens((new ClimateChange(ClimateKind::WarmBox, 0.0, 300.0, 30.0))->appliedTo($air)));
        self::assertGreaterThan($opens($air), $opens((new ClimateChange(ClimateKind::CoolPlace, 0.0, 300.0, 9.0))->appliedTo($air)));
    }

    public function testABlendLiesBetweenItsSheetsOnALogScale(): void
    {
        $slow = Sample::resin();
        $fast = new Resin('fast', $slow->kinetics->paced(0.25), $slow->rheology, $slow->ratio, 10.0, 120.0, 23.0, 16.0, true, 0.02);
        self::assertEqualsWithDelta(0.5 * $slow->kinetics->age(Milestone::TackFrom), Blend::of($slow, $fast, 0.5)->kinetics->age(Milestone::TackFrom), 1e-6);
        self::assertEqualsWithDelta($slow->kinetics->age(Milestone::Sandable), Blend::of($slow, $fast, 0.0)->kinetics->age(Milestone::Sandable), 1e-6);
        self::assertEqualsWithDelta($fast->kinetics->age(Milestone::Sandable), Blend::of($slow, $fast, 1.0)->kinetics->age(Milestone::Sandable), 1e-6);
        self::assertSame([120.0, 16.0], [Blend::of($slow, $fast, 0.3)->potMassG, Blend::of($slow, $fast, 0.3)->minC]);
        self::assertGreaterThan($slow->rateSigma, Blend::of($slow, $fast, 0.3)->rateSigma, 'a blend is less sure than a sheet');
        $this->expectException(\OakGloss\Quantity\OutOfRange::class);
        Blend::of($slow, $fast, 1.1);
    }

    public function testTheShopsPaceTightensWhatASheetLeavesOpen(): void
    {
        $paced = Sample::resin()->paced(ShopPace::learnt([]));
        self::assertEqualsWithDelta(1.0, $paced->kinetics->age(Milestone::TackFrom) / Sample::resin()->kinetics->age(Milestone::TackFrom), 1e-9);
        self::assertEqualsWithDelta(sqrt(0.15 ** 2 + 0.08 ** 2), $paced->rateSigma, 1e-3);
    }

    public function testTheNewestDecisionOfEachKindStandsAndAPinThatWentByBindsNobody(): void
    {
        $fact = fn (int $id, array $data): Fact => Fact::read($id, Decided::KIND, 'build-2', (float) $id, null, $data);
        $log = FactLog::standing([$fact(1, ['at' => 500.0]), $fact(2, ['key' => 1]), $fact(3, ['at' => 700.0]), Fact::read(4, Struck::KIND, 'build-2', 4.0, null, ['target' => 2])]);
        $decision = Decision::of($log, 'build-2', 600.0);
        self::assertSame([700.0, false, false, null], [$decision->pinnedAt, $decision->mustKey, $decision->mustBond, $decision->gM2]);
        self::assertNull(Decision::of($log, 'build-2', 710.0)->pinnedAt);
        self::assertNull(Decision::of($log, 'build-3')->pinnedAt);
        $forced = Decision::of(FactLog::standing([$fact(1, ['bond' => 1, 'key' => 0])]), 'build-2');
        self::assertSame([false, true], [$forced->mustKey, $forced->mustBond]);
    }

    public function testEveryGateSpeaksWhereItStands(): void
    {
        $codes = function (array $air, ?float $dew, ?float $rh = null): array {
            $plan = Sample::plan();
            $chain = new StepsAhead($plan, AirCurve::through($air), 600.0);

            return array_map(fn (Finding $f): string => $f->code, AirGates::of($chain, $plan->step('base') ?? throw new \LogicException(), 600.0, $dew, $rh));
        };
        self::assertSame([], $codes([[0.0, 20.0]], 8.0, 50.0));
        self::assertSame(['air.too_cold'], $codes([[0.0, 14.9]], null));
        self::assertSame([], $codes([[0.0, 15.0]], null));
        self::assertSame(['air.dew'], $codes([[0.0, 20.0]], 17.1));
        self::assertSame(['air.blush'], $codes([[0.0, 20.0]], 16.0));
        self::assertSame(['air.blush'], $codes([[0.0, 20.0]], 8.0, 76.0));
        self::assertSame(['air.falling'], $codes([[0.0, 20.0], [600.0, 20.0], [800.0, 16.0]], 5.0));
        self::assertSame(['air.blush', 'air.falling'], $codes([[0.0, 20.0], [600.0, 20.0], [800.0, 16.0]], 12.0));
    }

    public function testTheWindowLandsWhereHandsAreFree(): void
    {
        $free = [[480.0, 540.0], [700.0, 760.0]];
        $resin = Sample::resin();
        $slow = new Resin('slow', $resin->kinetics->paced(1.8), $resin->rheology, $resin->ratio, 60.0, 150.0, 23.0, 15.0, true);
        $turned = new WindowFit(AirCurve::constant(20.0), 12.0, $free, [15.0], 15.0, 400.0, INF, 40.0);
        $ways = $turned->best([new HardenerChoice($resin, 1), new HardenerChoice($slow, 2)]);
        self::assertNotSame([], $ways);
        foreach ($ways as $way) {
            self::assertGreaterThanOrEqual(480.0, $way->starts[0]);
            self::assertLessThanOrEqual(540.0, $way->starts[0] + 15.0);
            self::assertGreaterThanOrEqual(700.0, $way->nextMin);
            self::assertLessThanOrEqual(760.0 + 5.0, $way->nextMin + 15.0);
            self::assertGreaterThanOrEqual($way->window->opens->expectedMin, $way->nextMin);
            self::assertLessThanOrEqual($way->window->closes->expectedMin, $way->nextMin + 15.0);
            self::assertLessThanOrEqual(40.0, $way->climate->celsius ?? 0.0);
        }
        self::assertSame($ways, array_values(array_unique($ways, SORT_REGULAR)));
        self::assertSame([], (new WindowFit(AirCurve::constant(20.0), 12.0, [[480.0, 540.0], [545.0, 560.0]], [15.0], 15.0, 400.0, INF, null))->best([new HardenerChoice($slow, 2)]));
    }

    public function testPooledPartsFollowEachOtherAndMustAllBond(): void
    {
        $turned = new WindowFit(AirCurve::constant(20.0), 12.0, [[480.0, 600.0], [650.0, 800.0]], [15.0, 20.0], 35.0, 480.0, INF, null);
        $way = $turned->best([new HardenerChoice(Sample::resin(), 1)])[0] ?? null;
        self::assertInstanceOf(FittedWindow::class, $way);
        self::assertSame(15.0, $way->starts[1] - $way->starts[0]);
        $alone = new CureForecast(new PartTemperature(AirCurve::constant(20.0), 12.0), Sample::resin()->kinetics, new Spread(), $way->starts[0]);
        self::assertEqualsWithDelta($alone->event(Milestone::TackUntil, $way->starts[0])->expectedMin, $way->window->closes->expectedMin, 1e-6, 'closes for the first part');
        self::assertEqualsWithDelta($alone->event(Milestone::TackFrom, $way->starts[1] + 20.0)->expectedMin, $way->window->opens->expectedMin, 1e-6, 'opens for the last');
    }
}
