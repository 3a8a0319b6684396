<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Gap;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunSheetResult;
use OakGloss\Schedule\RunSheetSearch;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

final class ShopSheetTest extends TestCase
{
    private const WORST_GAP = 0.05;
    private const SMALL_GAP = 0.0103;

    public function testFiveHundredRandomShopsKeepEveryRule(): void
    {
        $placed = 0;
        foreach (Thorough::seeds(500) as $seed) {
            $shop = RandomShop::of($seed, 2 + $seed % 4, 3 + $seed % 5, 1 + $seed % 3, 10);
            $plan = $shop->sheet(40)->plan();
            self::assertSame([], $shop->broken($plan), "shop {$seed}");
            self::assertSame(count($shop->chains), count($plan->placed) + count($plan->without), "shop {$seed}");
            $placed += count($plan->placed);
        }
        self::assertGreaterThan(Thorough::isLong() ? 1500 : 150, $placed);
    }

    public function testTheCheckingCodeSeesABrokenRule(): void
    {
        $shop = RandomShop::of(3, 3, 4, 1, 10);
        $plan = $shop->sheet()->plan();
        $moved = array_map(fn (array $steps): array => array_map(fn (PlacedStep $p): PlacedStep => new PlacedStep($p->step, $p->startMin + 600.0, $p->endMin + 600.0, $p->way, $p->people), $steps), $plan->placed);
        self::assertNotSame([], $shop->broken(new RunSheetResult($moved, [], 0.0, 0.0)));
        $first = array_key_first($plan->placed);
        $same = [$first => $plan->placed[$first], 'part 1' => array_map(fn (PlacedStep $p, PlacedStep $q): PlacedStep => new PlacedStep($q->step, $p->startMin, $p->startMin + $q->endMin - $q->startMin, $q->way, $p->people), $plan->placed[$first], $plan->placed['part 1'])];
        self::assertNotSame([], $shop->broken(new RunSheetResult($same, [], 0.0, 0.0)));
    }

    /** Fifty small shops against every plan there is: the costs were found by RandomShop::cheapest and are found again for some of them. */
    public function testSmallShopsAreHardlyDearerThanTheBestPlan(): void
    {
        $best = json_decode((string) file_get_contents(__DIR__.'/small-shops.json'), true, 4, JSON_THROW_ON_ERROR);
        self::assertCount(50, $best);
        foreach (Thorough::seeds(50) as $seed) {
            [$shop, $cost] = [self::small($seed), $best[$seed]];
            $plan = $shop->sheet()->plan();
            self::assertSame([], $plan->without, "shop {$seed}");
            self::assertLessThanOrEqual($cost * (1.0 + self::SMALL_GAP), $plan->costMin, "shop {$seed}");
            self::assertGreaterThan($cost - 1e-6, $plan->costMin, "shop {$seed} beats every plan there is");
        }
    }

    public function testTheKeptCostsAreThoseOfTheExhaustiveSearch(): void
    {
        $best = json_decode((string) file_get_contents(__DIR__.'/small-shops.json'), true, 4, JSON_THROW_ON_ERROR);
        foreach ([10] as $seed) {
            self::assertEqualsWithDelta($best[$seed], self::small($seed)->cheapest($best[$seed] * 1.04), 1e-6, "shop {$seed}");
        }
    }

    public function testNoPlanIsCheaperThanItsBound(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $shop = RandomShop::of($seed, 4, 4, 1, 12, 30.0, false);
            $plan = $shop->sheet()->plan();
            $proven = $shop->sheet(60)->provenBound(25);
            self::assertGreaterThanOrEqual($plan->boundMin - 1e-6, $proven, "shop {$seed}");
            self::assertLessThanOrEqual($plan->costMin + 1e-6, $proven, "shop {$seed}");
        }
    }

    public function testTheSameShopAlwaysGetsTheSamePlan(): void
    {
        foreach ([5, 6] as $seed) {
            $plans = array_map(fn (): array => array_map(fn (array $steps): array => array_map(fn (PlacedStep $p): array => [$p->step->id, $p->startMin, $p->way, $p->people], $steps), RandomShop::of($seed, 5, 5, 2)->sheet()->plan()->placed), [1, 2]);
            self::assertSame($plans[0], $plans[1]);
        }
    }

    public function testAnHourMoreEndsNoPartAloneLater(): void
    {
        foreach (Thorough::seeds(60) as $seed) {
            $shop = RandomShop::of($seed, 1, 5, 1, 12);
            $short = $shop->sheet()->plan();
            $long = $shop->sheet(null, 60.0)->plan();
            self::assertLessThanOrEqual($short->costMin + 1e-6, $long->costMin, "shop {$seed}");
        }
    }

    public function testAnHourMoreNeverMakesTheShopFivePerCentDearer(): void
    {
        foreach (Thorough::seeds(200) as $seed) {
            $shop = RandomShop::of($seed, 3, 4, 1 + $seed % 2, 12, 30.0, false);
            $short = $shop->sheet(60)->plan();
            $long = $shop->sheet(60, 60.0)->plan($short);
            self::assertLessThanOrEqual($short->costMin * (1.0 + self::WORST_GAP), $long->costMin, "shop {$seed}");
            self::assertSame([], array_diff(array_keys($short->placed), array_keys($long->placed)), "shop {$seed}");
        }
    }

    public function testAPartWithNobodyInItsWayIsPlacedAsIfAlone(): void
    {
        $shop = RandomShop::of(9, 1, 6, 1);
        $plan = $shop->sheet()->plan();
        self::assertEqualsWithDelta($plan->boundMin, $plan->costMin, 1e-6);
    }

    public function testAPinHoldsAndTheOthersGiveWay(): void
    {
        $steps = fn (?float $at): array => [new RunStep('a', 60.0, pinnedAt: $at)];
        $plan = self::shop(['pinned' => $steps(540.0), 'free' => $steps(null), 'too' => $steps(null)]);
        self::assertSame(540.0, $plan->placed['pinned'][0]->startMin);
        $starts = array_map(fn (array $s): float => $s[0]->startMin, $plan->placed);
        sort($starts);
        self::assertSame([480.0, 540.0, 600.0], $starts);
    }

    public function testTwoHandsAreTakenTogetherAndAThingByOnePart(): void
    {
        $two = new Crew([WorkingTime::of([[480.0, 720.0]]), WorkingTime::of([[540.0, 720.0]])], ['booth' => 1]);
        $plan = self::shop(['large' => [new RunStep('lay', 60.0, people: 2)], 'small' => [new RunStep('wipe', 60.0)]], $two);
        self::assertSame([0, 1], $plan->placed['large'][0]->people);
        self::assertGreaterThanOrEqual(540.0, $plan->placed['large'][0]->startMin);
        self::assertCount(1, $plan->placed['small'][0]->people);
        $sprayed = self::shop(['a' => [new RunStep('spray', 30.0, uses: ['booth' => 45.0])], 'b' => [new RunStep('spray', 30.0, uses: ['booth' => 45.0])]], $two);
        self::assertEqualsWithDelta(75.0, abs($sprayed->placed['a'][0]->startMin - $sprayed->placed['b'][0]->startMin), 1e-9);
        self::assertSame(['large'], self::shop(['large' => [new RunStep('lay', 60.0, people: 2)]], new Crew([WorkingTime::of([[480.0, 720.0]])]))->without);
    }

    public function testWhatIsForcedIsKeyedOrBonded(): void
    {
        $clock = new \OakGloss\Cure\Kinetics(\OakGloss\Quantity\Temperature::fromCelsius(20.0), \OakGloss\Cure\Activation::assumed(), []);
        $chain = fn (bool $key, bool $bond): array => [new RunStep('below', 15.0), new RunStep('above', 15.0, Gap::age($clock, 60.0, 120.0, 200.0), keyMin: 30.0, mustKey: $key, mustBond: $bond)];
        self::assertSame(Way::Bonded, self::shop(['p' => $chain(false, true)])->placed['p'][1]->way);
        $keyed = self::shop(['p' => $chain(true, false)])->placed['p'][1];
        self::assertSame(Way::Keyed, $keyed->way);
        self::assertGreaterThanOrEqual(695.0, $keyed->startMin);
    }

    public function testAPromiseGoesBeforeWhatWasNotPromised(): void
    {
        $steps = [new RunStep('a', 120.0)];
        $air = AirCurve::constant(20.0);
        $crew = new Crew([WorkingTime::of([[480.0, 720.0]])]);
        $plan = fn (?float $dueOfB, float $weightOfB): RunSheetResult => (new RunSheetSearch([new Chain('a', $steps, $air), new Chain('b', $steps, $air, null, $weightOfB, $dueOfB)], $crew, 480.0, 2000.0, 15.0))->plan();
        self::assertSame(480.0, $plan(600.0, 1.0)->placed['b'][0]->startMin);
        self::assertSame(480.0, $plan(null, 2.0)->placed['b'][0]->startMin);
        self::assertSame(480.0, $plan(null, 0.5)->placed['a'][0]->startMin);
    }

    public function testLongFreeTimesStayWhole(): void
    {
        $diary = Diary::of(new Crew([WorkingTime::of([[0.0, 600.0]]), WorkingTime::of([[0.0, 120.0]])]));
        $manned = $diary->manned([new PlacedStep(new RunStep('a', 60.0), 30.0, 90.0, Way::First)]);
        self::assertSame([1], $manned[0]->people);
        $after = $diary->with($manned);
        self::assertSame([[0.0, 30.0], [0.0, 600.0], [90.0, 120.0]], $after->windows(1));
        self::assertSame([[0.0, 30.0], [90.0, 120.0]], $after->windows(2));
    }

    /** @param array<string, list<RunStep>> $parts */
    private static function shop(array $parts, ?Crew $crew = null): RunSheetResult
    {
        $chains = array_map(fn (string $id): Chain => new Chain($id, $parts[$id], AirCurve::constant(20.0)), array_keys($parts));

        return (new RunSheetSearch($chains, $crew ?? Crew::alone(WorkingTime::of([[480.0, 1080.0]])), 480.0, 3000.0, 15.0, 60.0))->plan();
    }

    private static function small(int $seed): RandomShop
    {
        return RandomShop::of($seed, 3, 5, 1, 6, 60.0, false, 1020.0);
    }
}
