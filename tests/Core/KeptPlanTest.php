<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Schedule\BetterPlan;
use OakGloss\Schedule\Breach;
use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\KeptStep;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\StandingPlan;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\Unrest;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** A plan that keeps still: shops lived by what they were told, and each thing that may break it. */
final class KeptPlanTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function shops(): iterable
    {
        foreach (Thorough::isLong() ? Thorough::seeds(24) : [6] as $seed) {
            yield "shop {$seed}" => [$seed];
        }
    }

    #[DataProvider('shops')]
    public function testWhoeverDoesWhatItSaysGetsWhatItPromised(int $seed): void
    {
        $shop = LivedShop::of($seed);
        $promised = $shop->promised;
        $shop->live();
        self::assertSame([], $shop->broken, "shop {$seed}");
        self::assertSame([], $shop->moves, "shop {$seed}");
        self::assertGreaterThan(20 * count($promised) - 20, $shop->acts);
        foreach ($promised as $id => $ready) {
            self::assertEqualsWithDelta($ready, $shop->finished[$id] ?? 0.0, 10.0, "shop {$seed}, part {$id}");
        }
    }

    /** @return iterable<string, array{int, float, float}> */
    public static function livedOtherwise(): iterable
    {
        foreach (Thorough::seeds(8) as $seed) {
            yield "shop {$seed}, a fifth slower" => [$seed, 1.2, 0.0];
            yield "shop {$seed}, 1 °C colder" => [$seed, 1.0, -1.0];
            yield "shop {$seed}, 1 °C warmer" => [$seed, 1.0, 1.0];
        }
    }

    #[DataProvider('livedOtherwise')]
    public function testWhatGoesOtherwiseMovesAPartTwiceAtMostAndSaysWhy(int $seed, float $slower, float $airOffC): void
    {
        $shop = LivedShop::of($seed, $slower, $airOffC);
        $promised = $shop->promised;
        $shop->live();
        $moves = array_map(fn (string $id): int => count(array_filter($shop->moves, fn (array $m): bool => $m['part'] === $id)), array_keys($promised));
        sort($moves);
        self::assertLessThanOrEqual(2, $moves[intdiv(count($moves), 2)], json_encode($shop->moves) ?: '');
        self::assertSame([], $shop->broken);
        foreach ($shop->moves as $move) {
            self::assertNotSame('', trim($move['because']));
        }
        foreach ($shop->promised as $id => $ready) {
            self::assertEqualsWithDelta($ready, $shop->finished[$id] ?? 0.0, Unrest::MOVED_MIN, "the last promise and the real finish of {$id}");
        }
    }

    public function testTheCheckingCodeSeesABrokenRule(): void
    {
        [$chains, $kept, $crew] = self::two();
        $plan = CurrentPlan::of($chains, $kept, $crew, 480.0);
        self::assertSame([], StandingRules::broken($plan->placed, $chains, $crew, 480.0));
        $moved = array_map(fn (array $steps): array => array_map(fn (PlacedStep $p): PlacedStep => new PlacedStep($p->step, $p->startMin + 700.0, $p->endMin + 700.0, $p->way, $p->people), $steps), $plan->placed);
        self::assertNotSame([], StandingRules::broken($moved, $chains, $crew, 480.0));
        self::assertNotSame([], StandingRules::broken(['a' => $plan->placed['a'], 'b' => $plan->placed['a']], $chains, $crew, 480.0));
    }

    public function testALateStartSlidesUntilItsSlackEndsAndIsThenMendedOnce(): void
    {
        [$chains, $kept, $crew] = self::two();
        $first = $kept['a']->steps['strip'];
        self::assertSame(480.0, $first->startMin);
        foreach ([482.0, $first->endMin, $first->endMin + 15.0] as $now) {
            $standing = StandingPlan::of(self::at($chains, $now), $kept, $crew, $now);
            self::assertSame([], $standing->broken(), "at {$now}");
            self::assertSame(480.0, $standing->parts['a']->told[0]->startMin ?? null);
        }
        // The next step began on the grid of five minutes.
        $now = $first->endMin + Unrest::MOVED_MIN + 6.0;
        $standing = StandingPlan::of(self::at($chains, $now), $kept, $crew, $now);
        self::assertSame([Breach::LATE, 'strip'], [$standing->broken()['a']->code ?? '', $standing->broken()['a']->late ?? '']);
        $mended = CurrentPlan::of(self::at($chains, $now), $kept, $crew, $now);
        self::assertContains('a', $mended->anew);
        self::assertGreaterThanOrEqual($now - 5.0, $mended->kept['a']->steps['strip']->startMin);
        $later = CurrentPlan::of(self::at($chains, $now + 20.0), $mended->kept, $crew, $now + 20.0);
        self::assertSame([], $later->anew, 'once, and then it holds');
    }

    public function testAStepIsInHandFromItsPlannedStartAndIsNotMovedByWhatComesAfter(): void
    {
        [$chains, $kept, $crew] = self::two();
        $now = $kept['a']->steps['strip']->startMin + 5.0;
        $shut = WorkingTime::of([[480.0, $kept['a']->steps['strip']->endMin + 1.0], [1920.0, 2520.0], [3360.0, 3960.0], [4800.0, 5400.0], [6240.0, 6840.0], [7680.0, 8280.0], [9120.0, 9720.0], [10560.0, 11160.0], [12000.0, 12600.0], [13440.0, 14040.0], [14880.0, 15480.0]]);
        $mended = CurrentPlan::of(self::at($chains, $now), $kept, new Crew([$shut]), $now);
        self::assertSame(480.0, $mended->kept['a']->steps['strip']->startMin);
        self::assertGreaterThanOrEqual(1920.0, $mended->kept['a']->steps['wipe-1']->startMin);
        self::assertSame(Breach::HANDS, $mended->broke['a']->code ?? null);
    }

    public function testAStepThatVanishedDropsOutAndANewOneIsPutIn(): void
    {
        [$chains, $kept, $crew] = self::two();
        $without = KeptPart::of(array_values(array_filter($kept['a']->steps, fn (KeptStep $s): bool => $s->id !== 'wipe-2')));
        $more = KeptPart::of([...array_values($kept['b']->steps), new KeptStep('gone', 40000.0, 40010.0, Way::Timed, [0])]);
        $plan = CurrentPlan::of($chains, ['a' => $without, 'b' => $more], $crew, 480.0);
        self::assertSame([Breach::STEPS, 'wipe-2'], [$plan->broke['a']->code ?? '', $plan->broke['a']->step ?? '']);
        self::assertArrayHasKey('wipe-2', $plan->kept['a']->steps);
        self::assertArrayNotHasKey('b', $plan->broke);
        self::assertNotContains('gone', array_map(fn (PlacedStep $p): string => $p->step->id, $plan->placed['b'] ?? []));
        self::assertSame($kept['a']->endMin(), $plan->kept['a']->endMin(), 'the promise stands');
    }

    public function testWhatWasUndoneBringsTheEarlierPlacesBack(): void
    {
        [$chains, $kept, $crew] = self::two();
        $later = KeptPart::of(array_values(array_map(fn (KeptStep $s): KeptStep => new KeptStep($s->id, $s->startMin + 1440.0, $s->endMin + 1440.0, $s->way, $s->people, $s->uses), $kept['a']->steps)));
        $plan = CurrentPlan::of($chains, ['a' => $later] + $kept, $crew, 480.0, undone: $kept);
        self::assertSame($kept['a']->starts(), $plan->kept['a']->starts());
        self::assertSame(['a'], $plan->anew);
    }

    public function testABetterPlanMustBeWorthItsUnrest(): void
    {
        [$chains, $kept, $crew] = self::two();
        for ($n = 0; ($found = BetterPlan::of($chains, $kept, $crew, 480.0, effort: 200)) !== null; $n++) {
            self::assertLessThan(5, $n, 'what was taken is not bettered for ever');
            self::assertGreaterThan(0.0, $found->savesMin);
            $kept = $found->places + $kept;
            self::assertSame([], StandingPlan::of($chains, $kept, $crew, 480.0)->broken());
        }
        $later = array_map(fn (KeptPart $p): KeptPart => KeptPart::of(array_values(array_map(fn (KeptStep $s): KeptStep => new KeptStep($s->id, $s->startMin + 8640.0, $s->endMin + 8640.0, $s->way, $s->people, $s->uses), $p->steps))), $kept);
        $better = BetterPlan::of($chains, $later, $crew, 480.0, effort: 200);
        self::assertNotNull($better);
        self::assertGreaterThan(8000.0, $better->savesMin);
        self::assertNull(BetterPlan::of($chains, $later, $crew, 480.0, unrest: new Unrest(10000.0), effort: 200), 'everybody would have to be paid more than six days');
    }

    public function testABetterPlanGoesAroundWhatIsInHand(): void
    {
        [$chains, $kept, $crew] = self::two();
        $now = 485.0;
        $later = KeptPart::of(array_values(array_map(fn (KeptStep $s): KeptStep => new KeptStep($s->id, $s->startMin + 8640.0, $s->endMin + 8640.0, $s->way, $s->people, $s->uses), $kept['b']->steps)));
        $told = ['b' => $later] + $kept;
        $better = BetterPlan::of(self::at($chains, $now), $told, $crew, $now, effort: 100);
        self::assertNotNull($better);
        self::assertSame([], StandingPlan::of(self::at($chains, $now), $better->places + $told, $crew, $now)->broken());
    }

    public function testWhatWasDecidedHoldsAndTheOthersStay(): void
    {
        [$chains, $kept, $crew] = self::two();
        foreach (['at' => 0.0, 'not_before' => 30.0] as $what => $more) {
            $to = $kept['a']->steps['wet-flat']->startMin + 1440.0;
            $plan = Sample::plan(facts: [Fact::read(1, Decided::KIND, 'wet-flat', 480.0, null, [$what => $to])]);
            $mended = CurrentPlan::of(['a' => new StepsAhead($plan, AirCurve::constant(20.0), 480.0)] + $chains, $kept, $crew, 480.0);
            self::assertSame(Breach::DECIDED, $mended->broke['a']->code ?? null);
            self::assertEqualsWithDelta($to, $mended->kept['a']->steps['wet-flat']->startMin, $more + 0.5, $what);
            self::assertSame($kept['a']->steps['build-1']->startMin, $mended->kept['a']->steps['build-1']->startMin, 'what comes before stays');
            self::assertSame($kept['b']->starts(), $mended->kept['b']->starts());
        }
    }

    public function testUnrestIsPaidByWhoWasToldAnotherTime(): void
    {
        $step = new RunStep('a', 10.0);
        $chain = new Chain('p', [$step], AirCurve::constant(20.0), kept: ['a' => 100.0]);
        $at = fn (float $start): array => [new PlacedStep($step, $start, $start + 10.0, Way::First)];
        self::assertSame(0.0, (new Unrest())->of($chain, $at(119.0)));
        self::assertGreaterThanOrEqual(Unrest::MIN, (new Unrest())->of($chain, $at(120.0)));
        self::assertSame(0.0, (new Unrest())->of(new Chain('p', [$step], AirCurve::constant(20.0)), $at(500.0)), 'nobody was told');
    }

    /** @return array{array<string, StepsAhead>, array<string, KeptPart>, Crew} two parts of one shop, and where they were put */
    private static function two(): array
    {
        $chains = self::at(['a' => null, 'b' => null], 480.0);
        $crew = new Crew([Sample::openDaily()]);

        return [$chains, CurrentPlan::of($chains, [], $crew, 480.0)->kept, $crew];
    }

    /**
     * @param array<string, mixed> $parts
     *
     * @return array<string, StepsAhead>
     */
    private static function at(array $parts, float $nowMin): array
    {
        static $plan = null;
        $plan ??= Sample::plan();

        return array_map(fn (): StepsAhead => new StepsAhead($plan, AirCurve::constant(20.0), $nowMin), $parts);
    }
}
