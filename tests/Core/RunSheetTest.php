<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\ThermalAge;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\BackwardWindow;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Gap;
use OakGloss\Schedule\MinuteAges;
use OakGloss\Schedule\PartPlacer;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;
use PHPUnit\Framework\TestCase;

final class RunSheetTest extends TestCase
{
    public function testAgesFollowAPartBehindAnAirThatJumps(): void
    {
        $air = AirCurve::through([[0.0, 18.0], [300.0, 20.0], [300.1, 42.0], [420.0, 42.0], [420.1, 12.0], [900.0, 9.0]]);
        $kinetics = Sample::resin()->kinetics;
        foreach ([0.0, 12.0, 40.0] as $lag) {
            $exact = new ThermalAge(new PartTemperature($air, $lag), $kinetics, 0.0);
            $minutes = new MinuteAges($air, $kinetics, 0.0, $lag);
            foreach ([200.0, 310.0, 360.0, 430.0, 900.0] as $minute) {
                self::assertEqualsWithDelta($exact->at($minute), $minutes->at($minute), 1.5, "lag {$lag} at {$minute}");
            }
            self::assertEqualsWithDelta(360.0, $minutes->when($exact->at(360.0), 5000.0) ?? 0.0, 1.5);
        }
        $stalled = new MinuteAges($air, $kinetics, 0.0, 0.0, 15.0);
        self::assertEqualsWithDelta($stalled->at(421.0), $stalled->at(900.0), 0.1, 'no age in the cold');
        self::assertNull($stalled->when(1e6, 5000.0));
    }

    private const PENALTY = 90.0;

    /** The two sums differ by less than this, min; a case that lies between them would be a coincidence. */
    private const SUM_ERROR = 1e-4;

    private static ?AirCurve $summedFor = null;

    /** @var list<float> */
    private static array $sums = [];

    public function testAStepStartsWhereItsHandsFitWholly(): void
    {
        $sheet = self::sheet(WorkingTime::of([[0.0, 50.0], [100.0, 200.0]]));
        self::assertSame([100.0], self::starts($sheet->place([new RunStep('a', 60.0)])));
        self::assertSame([0.0], self::starts($sheet->place([new RunStep('a', 50.0)])));
        self::assertNull($sheet->place([new RunStep('a', 101.0)]));
    }

    public function testWindowsThatTouchAreOne(): void
    {
        self::assertSame([[0.0, 200.0]], WorkingTime::of([[100.0, 200.0], [0.0, 100.0]])->windows);
        $work = WorkingTime::of([[0.0, 100.0], [150.0, 300.0]]);
        self::assertSame([true, false, true, 300.0, 150.0, null], [$work->isOpenAt(0.0), $work->isOpenAt(100.0), $work->isOpenAt(150.0), $work->closesAfter(200.0), $work->opensAfter(100.0), $work->closesAfter(120.0)]);
        $this->expectException(BackwardWindow::class);
        WorkingTime::of([[10.0, 10.0]]);
    }

    public function testBothAgeLimitsHoldForTheFirstAndTheLastResin(): void
    {
        // 100 minutes of bonding, 40 minutes of hands on the coat below: its first resin is older than its last.
        $steps = [new RunStep('below', 40.0), new RunStep('above', 10.0, Gap::age(self::clock(), 60.0, 95.0))];
        $placed = self::sheet(WorkingTime::of([[0.0, 1000.0]]))->place($steps);
        self::assertNull($placed, 'no start is 60 from the end and 95 from the start');
        $wider = [new RunStep('below', 40.0), new RunStep('above', 10.0, Gap::age(self::clock(), 60.0, 100.0))];
        self::assertSame([0.0, 100.0], self::starts(self::sheet(WorkingTime::of([[0.0, 1000.0]]))->place($wider)));
        $long = [new RunStep('below', 10.0), new RunStep('above', 50.0, Gap::age(self::clock(), 60.0, 100.0))];
        self::assertNull(self::sheet(WorkingTime::of([[0.0, 1000.0]]))->place($long), 'the last resin would lie 110 later');
    }

    public function testAMissedWindowIsKeyedWhereTheMethodAllows(): void
    {
        $work = WorkingTime::of([[0.0, 30.0], [600.0, 700.0]]);
        $gap = fn (?float $key): Gap => Gap::age(self::clock(), 60.0, 120.0, $key);
        $placed = self::sheet($work)->place([new RunStep('below', 10.0), new RunStep('above', 10.0, $gap(500.0), null, 25.0)], ['start' => 0.0, 'end' => 10.0]);
        self::assertNotNull($placed);
        // From a free start the coat below waits for the next day's window instead of being keyed.
        self::assertSame([Way::First, Way::Bonded], array_map(fn (PlacedStep $p): Way => $p->way, $placed));
        $done = self::sheet($work)->place([new RunStep('above', 10.0, $gap(500.0), null, 25.0)], ['start' => 0.0, 'end' => 10.0]);
        self::assertNotNull($done);
        self::assertSame([600.0, 635.0, Way::Keyed], [$done[0]->startMin, $done[0]->endMin, $done[0]->way]);
    }

    public function testColdAirIsNotStartedIn(): void
    {
        $air = AirCurve::through([[0.0, 10.0], [600.0, 20.0]]);
        $sheet = new PartPlacer($air, Diary::alone(WorkingTime::of([[0.0, 1000.0]])), 0.0, 1000.0, 10.0);
        self::assertSame([300.0], self::starts($sheet->place([new RunStep('coat', 10.0, null, 15.0)])));
        self::assertNull($sheet->place([new RunStep('coat', 10.0, null, 21.0)]));
    }

    public function testAnEmptySheetIsEmpty(): void
    {
        self::assertSame([], self::sheet(WorkingTime::of([[0.0, 10.0]]))->place([]));
    }

    public function testNoChainOfStartsIsCheaper(): void
    {
        mt_srand(21);
        $possible = 0;
        for ($run = 0; $run < 120; $run++) {
            $steps = self::randomSteps();
            $work = WorkingTime::of([[0.0, (float) mt_rand(6, 12) * 10.0], [200.0, 200.0 + mt_rand(6, 14) * 10.0], [420.0, 520.0]]);
            $air = AirCurve::through([[0.0, 16.0 + mt_rand(0, 8)], [300.0, 14.0 + mt_rand(0, 10)], [520.0, 18.0]]);
            $placed = (new PartPlacer($air, Diary::alone($work), 0.0, 520.0, 10.0, self::PENALTY))->place($steps);
            $best = self::exhaustive($steps, $work, $air);
            if ($best === null) {
                self::assertNull($placed, "run {$run}");
                continue;
            }
            $possible++;
            self::assertNotNull($placed, "run {$run}");
            self::assertEqualsWithDelta($best, self::cost($placed), 1e-6, "run {$run}");
            self::assertTrue(self::keepsEveryRule($placed, $work, $air), "run {$run}");
        }
        self::assertGreaterThan(40, $possible, 'too few runs said anything');
    }

    public function testAnHourMoreNeverEndsLater(): void
    {
        mt_srand(33);
        for ($run = 0; $run < 60; $run++) {
            $steps = self::randomSteps();
            $air = AirCurve::constant(15.0 + mt_rand(0, 8));
            $short = new PartPlacer($air, Diary::alone(Sample::openDaily(10, 480.0, 780.0)), 0.0, 14400.0, 15.0);
            $long = new PartPlacer($air, Diary::alone(Sample::openDaily(10, 480.0, 840.0)), 0.0, 14400.0, 15.0);
            $before = $short->place($steps);
            $after = $long->place($steps);
            if ($before !== null) {
                self::assertNotNull($after);
                self::assertLessThanOrEqual(self::cost($before), self::cost($after));
            }
        }
    }

    private static function clock(): Kinetics
    {
        return new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), []);
    }

    private static function sheet(WorkingTime $work): PartPlacer
    {
        return new PartPlacer(AirCurve::constant(20.0), Diary::alone($work), 0.0, 2000.0, 5.0, self::PENALTY);
    }

    /** @return list<RunStep> */
    private static function randomSteps(): array
    {
        $clock = self::clock();
        $steps = [new RunStep('0', 10.0 * mt_rand(1, 3))];
        for ($i = 1; $i <= 3; $i++) {
            $least = 10.0 * mt_rand(1, 5);
            $steps[] = new RunStep((string) $i, 10.0 * mt_rand(1, 2), match (mt_rand(0, 3)) {
                0 => Gap::minutes($least, $least + 10.0 * mt_rand(1, 20)),
                1 => Gap::age($clock, $least),
                2 => Gap::age($clock, $least, $least + 10.0 * mt_rand(2, 6), $least + 100.0),
                default => Gap::age($clock, $least, $least + 10.0 * mt_rand(3, 9)),
            }, null, 20.0);
        }

        return $steps;
    }

    /** @param list<PlacedStep>|null $placed @return list<float> */
    private static function starts(?array $placed): array
    {
        return array_map(fn (PlacedStep $p): float => $p->startMin, $placed ?? []);
    }

    /** @param list<PlacedStep> $placed */
    private static function cost(array $placed): float
    {
        return $placed[count($placed) - 1]->endMin + self::PENALTY * count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Keyed));
    }

    /** Age between whole minutes by a trapezoid sum of its own, not by the sheet's tables. */
    private static function age(AirCurve $air, float $from, float $until): float
    {
        if (self::$summedFor !== $air) {
            $clock = self::clock();
            $rate = fn (float $m): float => $clock->activation->rate(Temperature::fromCelsius($air->at($m)), $clock->reference);
            self::$sums = [0.0];
            for ($m = 0; $m < 700; $m++) {
                self::$sums[] = self::$sums[$m] + 0.5 * ($rate($m) + $rate($m + 1));
            }
            self::$summedFor = $air;
        }

        return self::$sums[(int) $until] - self::$sums[(int) $from];
    }

    /** @return list<Way> ways in which a step may follow */
    private static function ways(RunStep $step, float $start, float $beforeStart, float $beforeEnd, AirCurve $air): array
    {
        $gap = $step->after ?? Gap::minutes(0.0);
        if ($start < $beforeEnd) {
            return [];
        }
        if ($gap->clock === null) {
            return $start - $beforeEnd >= $gap->least - 1e-9 && $start - $beforeEnd <= $gap->most + 1e-9 ? [Way::Timed] : [];
        }
        $ways = [];
        $young = self::age($air, $beforeEnd, $start);
        if ($young >= $gap->least - self::SUM_ERROR && (! is_finite($gap->most) || (self::age($air, $beforeStart, $start) <= $gap->most + self::SUM_ERROR && self::age($air, $beforeEnd, $start + $step->handsMin) <= $gap->most + self::SUM_ERROR))) {
            $ways[] = is_finite($gap->most) ? Way::Bonded : Way::Cured;
        }
        if (is_finite($gap->keyFrom) && $young >= $gap->keyFrom - self::SUM_ERROR) {
            $ways[] = Way::Keyed;
        }

        return $ways;
    }

    /** @param list<RunStep> $steps */
    private static function exhaustive(array $steps, WorkingTime $work, AirCurve $air, int $i = 0, float $beforeStart = 0.0, float $beforeEnd = 0.0, float $penalty = 0.0): ?float
    {
        if ($i === count($steps)) {
            return $beforeEnd + $penalty;
        }
        $best = null;
        for ($start = 0.0; $start < 520.0; $start += 10.0) {
            foreach ($i === 0 ? [Way::First] : self::ways($steps[$i], $start, $beforeStart, $beforeEnd, $air) as $way) {
                $end = $start + $steps[$i]->handsMin + ($way === Way::Keyed ? $steps[$i]->keyMin : 0.0);
                if (($work->closesAfter($start) ?? -1.0) < $end) {
                    continue;
                }
                $cost = self::exhaustive($steps, $work, $air, $i + 1, $start, $end, $penalty + ($way === Way::Keyed ? self::PENALTY : 0.0));
                $best = $cost === null ? $best : min($best ?? INF, $cost);
            }
        }

        return $best;
    }

    /** @param list<PlacedStep> $placed */
    private static function keepsEveryRule(array $placed, WorkingTime $work, AirCurve $air): bool
    {
        foreach ($placed as $i => $p) {
            $inHours = ($work->closesAfter($p->startMin) ?? -1.0) >= $p->endMin;
            $follows = $i === 0 || in_array($p->way, self::ways($p->step, $p->startMin, $placed[$i - 1]->startMin, $placed[$i - 1]->endMin, $air), true);
            if (! $inHours || ! $follows) {
                return false;
            }
        }

        return true;
    }
}
