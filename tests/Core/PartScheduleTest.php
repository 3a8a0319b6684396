<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Touched;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\StepKind;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FinishPlan;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;
use PHPUnit\Framework\TestCase;

final class PartScheduleTest extends TestCase
{
    use Near;

    /** The newest build coat went on at this minute in the states below. */
    private const COAT_ON = 3.0 * 1440.0 + 600.0;

    public function testEveryStepFollowsTheOneBeforeAndFitsTheHours(): void
    {
        $plan = Sample::plan();
        $schedule = Sample::schedule($plan);
        $end = 0.0;
        foreach ($plan->steps as $step) {
            $time = $schedule->slot($step->step->key);
            self::assertNotNull($time, $step->step->key);
            self::assertGreaterThanOrEqual($end, $time->startMin, $step->step->key);
            self::assertLessThanOrEqual(Sample::openDaily()->closesAfter($time->startMin) ?? -1.0, $time->endMin, $step->step->key);
            $end = $time->endMin;
        }
        self::assertSame($end, $schedule->readyMin());
    }

    public function testEveryTackyStepLiesInItsWindowOrIsKeyed(): void
    {
        $plan = Sample::plan();
        foreach ([17.0, 20.0, 24.0] as $airC) {
            $schedule = Sample::schedule($plan, airC: $airC);
            foreach ($plan->steps as $step) {
                $time = $schedule->slot($step->step->key);
                if ($step->step->follow->kind !== FollowKind::Tacky || $time === null || $time->way === Way::Keyed) {
                    continue;
                }
                self::assertNotNull($time->window);
                self::assertGreaterThanOrEqual($time->window->opens->expectedMin - 1.0, $time->startMin, $step->step->key);
                self::assertLessThanOrEqual($time->window->closes->expectedMin + 1.0, $time->startMin, $step->step->key);
            }
        }
    }

    public function testWarmerAirIsNeverReadyLater(): void
    {
        $ready = array_map(fn (float $c): ?float => Sample::schedule(Sample::plan(), airC: $c)->readyMin(), [16.0, 18.0, 20.0]);
        self::assertGreaterThanOrEqual($ready[1], $ready[0]);
        self::assertGreaterThanOrEqual($ready[2], $ready[1]);
    }

    public function testACoatWaitsOpensClosesAndIsKeyed(): void
    {
        $plan = self::withBuildCoat();
        $k = $plan->materials->skinResin->kinetics;
        $rate = $k->activation->rate(\OakGloss\Quantity\Temperature::fromCelsius(20.0), $k->reference);
        [$opens, $closes, $sandable] = array_map(fn (string $e): float => self::COAT_ON + $k->age($e) / $rate, ['tack_from', 'tack_until', 'sandable']);
        $states = fn (float $minute): ?ActState => Sample::schedule($plan, $minute)->next()?->state;
        self::assertSame(
            [ActState::Waiting, ActState::Open, ActState::Open, ActState::MissedWait, ActState::MissedWait, ActState::KeyFirst],
            array_map($states, [$opens - 0.1, $opens + 0.1, $closes - 0.1, $closes + 0.1, $sandable - 0.1, $sandable + 0.1]),
        );
        self::assertMinutes($opens, Sample::schedule($plan, self::COAT_ON + 1.0)->next()?->changesAtMin());
        self::assertMinutes($closes, Sample::schedule($plan, $opens + 1.0)->next()?->changesAtMin());
        self::assertMinutes($sandable, Sample::schedule($plan, $closes + 1.0)->next()?->changesAtMin());
    }

    public function testAWindowThatClosesTonightIsKeyedTomorrow(): void
    {
        $plan = self::withBuildCoat();
        $late = Sample::schedule($plan, self::COAT_ON + 700.0);
        self::assertSame(ActState::MissedWait, $late->next()?->state);
        self::assertSame(Way::Keyed, $late->slot('build-2')?->way);
        self::assertGreaterThan(4.0 * 1440.0 + 480.0 - 1.0, $late->slot('build-2')?->startMin);
    }

    public function testOnceKeyedTheCoatMayGoOn(): void
    {
        $plan = self::withBuildCoat([FinishPlanTest::fact(40, Sanded::KIND, 'build-2', self::COAT_ON + 1500.0, ['grit' => 180])]);
        $schedule = Sample::schedule($plan, self::COAT_ON + 1510.0);
        self::assertSame(ActState::Keyed, $schedule->next()?->state);
        self::assertTrue($schedule->next()?->needsHandsNow());
        self::assertSame(Way::Timed, $schedule->slot('build-2')?->way);
    }

    public function testATouchMovesTheWindow(): void
    {
        $at = self::COAT_ON + 200.0;
        $plain = Sample::schedule(self::withBuildCoat(), $at);
        self::assertSame(ActState::Open, $plain->next()?->state);
        $wet = Sample::schedule(self::withBuildCoat([FinishPlanTest::fact(40, Touched::KIND, 'build-1', $at, ['touch' => 'too_wet'])]), $at);
        self::assertSame(ActState::Waiting, $wet->next()?->state);
        $hard = Sample::schedule(self::withBuildCoat([FinishPlanTest::fact(40, Touched::KIND, 'build-1', $at, ['touch' => 'hard'])]), $at);
        self::assertSame(ActState::MissedWait, $hard->next()?->state);
        $print = Sample::schedule(self::withBuildCoat([FinishPlanTest::fact(40, Touched::KIND, 'build-1', self::COAT_ON + 90.0, ['touch' => 'print'])]), self::COAT_ON + 90.0);
        self::assertSame(ActState::Open, $print->next()?->state);
    }

    public function testTheWetOutWaitsForTheSetBaseOrNot(): void
    {
        $facts = array_slice(FinishPlanTest::upToWetOut(), 0, 6);
        $set = Sample::schedule(Sample::plan(facts: $facts), 690.0);
        self::assertSame(ActState::Waiting, $set->next()?->state);
        $atOnce = Sample::schedule(Sample::plan(Sample::brief(choices: new Choices(wetOut: WetOut::AtOnce)), $facts), 690.0);
        self::assertSame(ActState::Ready, $atOnce->next()?->state);
    }

    public function testALateWetOutIsSaidAndStillPlanned(): void
    {
        $facts = array_slice(FinishPlanTest::upToWetOut(), 0, 6);
        $late = Sample::schedule(Sample::plan(Sample::brief(choices: new Choices(wetOut: WetOut::AtOnce)), $facts), 680.0 + 200.0);
        self::assertContains('schedule.window_gone', self::codes($late));
        self::assertNotNull($late->readyMin());
    }

    public function testAShopTooColdIsSaidAndStillPlanned(): void
    {
        $schedule = Sample::schedule(Sample::plan(), airC: 11.0);
        self::assertContains('schedule.too_cold', self::codes($schedule));
    }

    public function testAPartThatComesLateIsSaid(): void
    {
        self::assertContains('schedule.late', self::codes(Sample::schedule(Sample::plan(Sample::brief(neededByMin: 1440.0)))));
        self::assertNotContains('schedule.late', self::codes(Sample::schedule(Sample::plan(Sample::brief(neededByMin: 30 * 1440.0)))));
    }

    public function testHoursTooShortForAnythingAreSaid(): void
    {
        $work = WorkingTime::of(array_map(fn (int $d): array => [$d * 1440.0 + 480.0, $d * 1440.0 + 484.0], range(0, 39)));
        $schedule = PartSchedule::of(Sample::plan(), AirCurve::constant(20.0), $work, 480.0);
        self::assertContains('schedule.impossible', self::codes($schedule));
        self::assertNull($schedule->readyMin());
    }

    public function testAFinishedPartAsksForNothing(): void
    {
        $facts = [];
        foreach (Sample::plan()->steps as $i => $step) {
            $kind = match ($step->step->kind) {
                StepKind::Coat => CoatOn::KIND,
                StepKind::Wipe => Wiped::KIND,
                StepKind::Key, StepKind::Flat => Sanded::KIND,
                default => Done::KIND,
            };
            $facts[] = FinishPlanTest::fact($i + 1, $kind, $step->step->key, 100.0 * $i, $step->step->grits === null ? [] : ['grit' => $step->step->grits->to]);
        }
        $plan = Sample::plan(facts: $facts);
        $schedule = Sample::schedule($plan, 9000.0);
        self::assertNull($plan->next());
        self::assertNull($schedule->next());
        self::assertNull($schedule->readyMin());
    }

    public function testReplanningAtTheSameMomentIsTheSame(): void
    {
        $plan = self::withBuildCoat();
        $once = Sample::schedule($plan, self::COAT_ON + 60.0);
        $twice = Sample::schedule($plan, self::COAT_ON + 60.0);
        foreach ($plan->ahead() as $step) {
            self::assertEquals($once->slot($step->step->key), $twice->slot($step->step->key));
        }
    }

    /** @param list<Fact> $more */
    private static function withBuildCoat(array $more = []): FinishPlan
    {
        return Sample::plan(facts: [
            ...FinishPlanTest::upToWetOut(),
            FinishPlanTest::fact(8, Sanded::KIND, 'nibs', 4000.0, ['grit' => 240]),
            FinishPlanTest::fact(9, Wiped::KIND, 'wipe-3', 4010.0),
            FinishPlanTest::fact(30, CoatOn::KIND, 'build-1', self::COAT_ON, ['grams' => 24.0]),
            ...$more,
        ]);
    }

    /** @return list<string> */
    private static function codes(PartSchedule $schedule): array
    {
        return array_map(fn (Finding $f): string => $f->code, $schedule->findings());
    }
}
