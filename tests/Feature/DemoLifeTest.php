<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KeptPlan;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\PlacedStep;
use Tests\Core\StandingRules;
use Tests\Thorough;

/** The demo's workshop, lived to its end strictly by its run sheet. */
final class DemoLifeTest extends TestCase
{
    use ComparesFigures;
    use RefreshDatabase;

    private const POLLS_EVERY_MIN = 240.0;

    /** So many in the short run; the rest of the shop's life is the long one's. */
    private const SHORT_ACTS = 16;

    private Shop $shop;

    private float $nowMin;

    /** The demo's shop is the only one: the one that other tests share is not made, and made again after it. */
    protected function setUp(): void
    {
        RefreshDatabaseState::$migrated = false;
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        RefreshDatabaseState::$migrated = false;
    }

    public function testWhoeverDoesWhatTheSheetSaysGetsWhatItPromised(): void
    {
        $this->withoutVite();
        config(['oak.frozen_at' => CarbonImmutable::parse((string) config('oak.demo_starts_at'), 'Europe/Vienna')->utc()->toIso8601String()]);
        $this->seed(DemoSeeder::class);
        $this->shop = Shop::query()->sole();
        $this->actingAs(User::query()->orderBy('id')->firstOrFail());
        $this->nowMin = ShopTime::minutes(CarbonImmutable::parse((string) config('oak.frozen_at')));
        $this->assertStatesPromised();
        $promised = array_map(fn (PlannedPart $p): ?float => $p->schedule->readyMin(), $this->plans());
        self::assertNotContains(null, $promised);
        $acts = 0;
        self::assertGreaterThan(60, $this->assertFiguresAgree($this->shop, 'as it is seeded'));
        while (($next = $this->nextToEnd()) !== null && ($acts < self::SHORT_ACTS || Thorough::isLong())) {
            [$planned, $placed] = $next;
            while ($this->nowMin + self::POLLS_EVERY_MIN < $placed->endMin) {
                $this->goTo($this->nowMin + self::POLLS_EVERY_MIN);
                app(PlanKeeper::class)->keep($this->shop->refresh(), isAct: false);
            }
            $this->goTo($placed->endMin);
            $this->record($planned);
            self::assertLessThan(400, ++$acts, 'it never ends');
            self::assertSame([], app(PlanKeeper::class)->unseen($this->shop), "at act {$acts}, {$placed->step->id}");
            $this->assertRulesKept();
        }
        self::assertGreaterThan(15, $acts);
        self::assertGreaterThan(60, $this->assertFiguresAgree($this->shop, 'lived'));
        $ahead = $this->plans();
        self::assertTrue($ahead === [] || ! Thorough::isLong(), 'all are finished');
        foreach ($promised as $id => $ready) {
            $finished = Part::query()->findOrFail($id)->finished_at;
            self::assertEqualsWithDelta($ready, $finished === null ? $ahead[$id]->schedule->readyMin() : ShopTime::minutes($finished), 10.0, "part {$id}");
        }
        self::assertSame([[]], KeptPlan::query()->pluck('changes')->unique()->values()->all());
    }

    /** What the tour finds in it. */
    private function assertStatesPromised(): void
    {
        $plans = $this->plans();
        $next = fn (string $name) => ($plans[Part::query()->where('name', $name)->firstOrFail()->id] ?? null)?->next;
        self::assertNull($next('Courier-trike fairing'));
        self::assertSame([ActState::Open, 'build'], [$next('Sidecar mudguard')?->state, $next('Sidecar mudguard')?->step->step->name]);
        self::assertSame([ActState::Waiting, 'wash'], [$next('Boat porthole surround')?->state, $next('Boat porthole surround')?->step->step->name]);
        self::assertSame([ActState::Ready, 'resin_flat'], [$next('Stage breastplate')?->state, $next('Stage breastplate')?->step->step->name]);
        self::assertSame('strip', $next('Scooter leg shield')?->step->step->key);
        self::assertSame(0, Part::query()->where('name', 'Scooter leg shield')->firstOrFail()->facts()->count());
        self::assertGreaterThan(30, Part::query()->where('name', 'Courier-trike fairing')->firstOrFail()->facts()->count());
    }

    private function goTo(float $minute): void
    {
        $this->nowMin = max($this->nowMin, $minute);
        config(['oak.frozen_at' => CarbonImmutable::createFromTimestampUTC((int) ceil(60.0 * $this->nowMin))->toIso8601String()]);
        app()->forgetScopedInstances();
    }

    /** @return array<int, PlannedPart> */
    private function plans(): array
    {
        app()->forgetScopedInstances();

        return app(Planner::class)->all($this->shop);
    }

    /** @return array{PlannedPart, PlacedStep}|null */
    private function nextToEnd(): ?array
    {
        $next = null;
        foreach ($this->plans() as $planned) {
            $first = $planned->schedule->steps()[0] ?? self::fail("{$planned->part->letter} has no place");
            $next = $next === null || $first->endMin < $next[1]->endMin ? [$planned, $first] : $next;
        }

        return $next;
    }

    private function assertRulesKept(): void
    {
        $plans = $this->plans();
        $placed = array_map(fn (PlannedPart $p): array => $p->schedule->steps(), $plans);
        $chains = array_map(fn (PlannedPart $p): \OakGloss\Schedule\StepsAhead => $p->schedule->chain, $plans);
        self::assertSame([], $plans === [] ? [] : StandingRules::broken($placed, $chains, reset($plans)->floor->crew, $this->nowMin));
    }

    private function record(PlannedPart $planned): void
    {
        $step = $planned->plan->next() ?? self::fail('nothing is ahead');
        foreach ($this->factsOf($step) as $fact) {
            app()->forgetScopedInstances();
            $this->post("/parts/{$planned->part->id}/facts", $fact + ['step' => $step->step->key, 'token' => Str::random(20)])->assertSessionHasNoErrors();
        }
    }

    /** @return list<array<string, string|int>> */
    private function factsOf(PlannedStep $step): array
    {
        if ($step->batch !== null) {
            return [['kind' => 'coat_on']];
        }
        if ($step->step->kind->isSanding()) {
            $grits = $step->ladder === null ? [$step->step->grits->to ?? 180] : array_map(fn ($s): int => $s->grit->number, $step->ladder->steps);

            return array_map(fn (int $g): array => ['kind' => 'sanded', 'grit' => $g], array_values(array_filter($grits, fn (int $g): bool => ! in_array($g, $step->passes, true))));
        }

        return [match ($step->step->kind) {
            StepKind::Wipe => ['kind' => 'wiped'],
            StepKind::LeakCheck => ['kind' => 'leak_tried', 'mbar_from' => 35, 'mbar_to' => 38, 'over_min' => 10],
            default => ['kind' => 'done'],
        }];
    }
}
