<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KeptPlan;
use App\Models\Part;
use App\Models\PlanOffer;
use App\Planning\BetterPlans;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The plan that was told stands; what breaks it mends it once and says why; what would be better is offered. */
final class KeptPlanTest extends ShopCase
{
    public function testNoPageWrites(): void
    {
        $part = $this->partWithBuildCoat();
        $this->keep();
        $before = $this->rows();
        foreach (['/', '/run-sheet', '/parts', "/parts/{$part->id}", "/parts/{$part->id}/record", '/shop', '/air'] as $page) {
            $this->at('2027-03-11 11:07');
            $this->get($page)->assertOk();
        }
        self::assertSame($before, $this->rows());
    }

    public function testTimeAloneMovesNothingAndWhatIsFirstStaysFirst(): void
    {
        $this->partWithBuildCoat();
        $this->makePart(['letter' => 'L']);
        $this->keep();
        $told = $this->starts();
        foreach (['16:36', '16:38', '16:41', '16:45', '16:50'] as $time) {
            $this->at("2027-03-10 {$time}");
            $this->get('/')->assertSee('id="now-title"><span class="tag tag-1 large">K', false);
            self::assertSame($told, $this->starts(), $time);
        }
        $this->get('/')->assertSee('was to begin')->assertDontSee('What changed');
    }

    public function testAStartThatWasLetPassIsMendedOnceAndSaysSo(): void
    {
        $part = $this->makePart();
        $this->keep();
        $first = $this->starts();
        foreach (['16:50', '17:05', '17:10', '17:15', '17:20', '17:25'] as $time) {
            $this->at("2027-03-10 {$time}");
            app(PlanKeeper::class)->keep($this->shop->refresh(), isAct: false);
        }
        $plans = KeptPlan::query()->get();
        self::assertCount(2, $plans, 'mended once');
        self::assertNotSame($first, $this->starts());
        $moved = DB::table('kept_places')->where('part_id', $part->id)->where('kept_plan_id', $plans[1]->id)->orderBy('id')->first();
        self::assertSame('strip', $moved->step ?? '');
        $changes = $plans[1]->changes;
        self::assertContains($changes[0]['because'] ?? 'undone', ['undone']);
    }

    public function testEachLateStepIsToldWithItsOwnPartsStart(): void
    {
        $this->makePart();
        $this->makePart(['letter' => 'L']);
        $this->keep();
        $told = $this->starts();
        self::assertNotSame($told['K strip'], $told['L strip']);
        $this->at('2027-03-12 12:00');
        app(PlanKeeper::class)->keep($this->shop->refresh(), isAct: false);
        $changes = app(PlanKeeper::class)->unseen($this->shop);
        self::assertCount(2, $changes);
        foreach ($changes as $change) {
            self::assertSame('undone', $change['because']);
            self::assertEqualsWithDelta($told["{$change['letter']} strip"], $change['with']['planned'] ?? 0.0, 0.01, $change['letter']);
        }
    }

    public function testKeptPlacesCannotBeRewritten(): void
    {
        $this->makePart();
        $this->keep();
        self::assertGreaterThan(15, DB::table('kept_places')->count());
        $this->expectException(QueryException::class);
        DB::table('kept_places')->update(['start_min' => 0]);
    }

    public function testWhatIsStruckOutBringsBackThePlacesBefore(): void
    {
        $part = $this->partWithBuildCoat();
        $this->makePart(['letter' => 'L']);
        $this->keep();
        $told = $this->starts();
        $this->act($part, 'touched', 'build-1', ['touch' => 'hard'])->assertSessionHasNoErrors();
        self::assertNotSame($told, $this->starts());
        $fact = $part->facts()->reorder('id', 'desc')->firstOrFail();
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike", ['reason' => 'the wrong part'])->assertSessionHasNoErrors();
        self::assertSame($told, $this->starts());
        self::assertGreaterThanOrEqual(3, KeptPlan::query()->count(), 'added, not edited');
    }

    public function testARenamedStepKeepsItsPlace(): void
    {
        $part = $this->makePart();
        $this->keep();
        $renamed = $this->planned($part)->plan->step('wet-flat')?->step->renamed(fn (string $key): string => 'flat-wet') ?? self::fail('no such step');
        self::assertSame(['flat-wet', 'wet-flat'], [$renamed->key, $renamed->id]);
        self::assertTrue(DB::table('kept_places')->where('step', $renamed->id)->exists());
    }

    public function testABetterPlanIsOfferedTakenAndNeverTakenSilently(): void
    {
        [$k, $told] = $this->shopWithABetterPlan();
        $offer = app(BetterPlans::class)->look($this->shop) ?? self::fail('nothing better was found');
        self::assertSame($told, $this->ready($k), 'it is only offered');
        $this->get('/')->assertSee(__('offer.title'))->assertSee(__('offer.could'));
        $this->get('/run-sheet')->assertSee('Take it');
        app()->forgetScopedInstances();
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasNoErrors();
        self::assertLessThan($told - 20.0, $this->ready($k));
        self::assertSame('taken', $offer->refresh()->settled_as);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('because the better plan was taken')->assertDontSee(__('offer.could'));
        $this->post("/plan/offers/{$offer->id}/take")->assertSessionHasErrors('act');
    }

    public function testAnOfferThatIsLeftIsNotMadeAgain(): void
    {
        [$k, $told] = $this->shopWithABetterPlan();
        $offer = app(BetterPlans::class)->look($this->shop) ?? self::fail('nothing better was found');
        app()->forgetScopedInstances();
        $this->post("/plan/offers/{$offer->id}/refuse")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertNull(app(BetterPlans::class)->look($this->shop));
        $this->post('/plan/look')->assertSessionHas('notice', __('offer.none'));
        self::assertSame([$told, 1], [$this->ready($k), PlanOffer::query()->count()]);
    }

    public function testAnOfferThatIsPastIsNotShownAndSettledByTheNextLook(): void
    {
        $this->shopWithABetterPlan();
        $offer = app(BetterPlans::class)->look($this->shop) ?? self::fail('nothing better was found');
        $this->at('2027-03-17 09:00');
        $this->get('/')->assertDontSee(__('offer.could'));
        self::assertNull($offer->refresh()->settled_at, 'no page writes');
        app()->forgetScopedInstances();
        app(BetterPlans::class)->look($this->shop->refresh());
        self::assertSame('impossible', $offer->refresh()->settled_as);
    }

    public function testAnothersOfferIsNobodysToTake(): void
    {
        $this->shopWithABetterPlan();
        $offer = app(BetterPlans::class)->look($this->shop) ?? self::fail('nothing better was found');
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'));
        $this->post("/plan/offers/{$offer->id}/take")->assertForbidden();
        $this->post("/plan/offers/{$offer->id}/refuse")->assertForbidden();
    }

    public function testTheSearchPutsNothingInWhereItsGroundHasChanged(): void
    {
        [$k] = $this->shopWithABetterPlan();
        $found = app(BetterPlans::class)->look($this->shop, function () use ($k): void {
            static $once = true;
            if ($once) {
                $once = false;
                $this->fact($k, 'done', 'strip', '2027-03-10 16:34');
            }
        });
        self::assertNull($found);
        self::assertSame(0, PlanOffer::query()->count());
    }

    /** A part that was told to wait for somebody who came after all. @return array{Part, float} */
    private function shopWithABetterPlan(): array
    {
        $k = $this->makePart();
        $this->shop->update(['working_hours' => array_fill(1, 7, [['10:00', '11:30']])]);
        $this->keep();
        $this->shop->update(['working_hours' => array_fill(1, 7, [['08:00', '18:00']])]);
        $this->keep();
        $this->post('/changes/seen');
        app()->forgetScopedInstances();

        return [$k, $this->ready($k)];
    }

    private function at(string $local): void
    {
        config(['oak.frozen_at' => CarbonImmutable::parse($local, 'Europe/Vienna')->utc()->toIso8601String()]);
        app()->forgetScopedInstances();
    }

    private function ready(Part $part): float
    {
        return $this->planned($part)->schedule->readyMin() ?? INF;
    }

    /** @return array<string, float> */
    private function starts(): array
    {
        app()->forgetScopedInstances();
        $starts = [];
        foreach (app(Planner::class)->all($this->shop) as $planned) {
            $starts += self::startsOf($planned);
        }

        return $starts;
    }

    /** @return array<string, float> */
    private static function startsOf(PlannedPart $planned): array
    {
        $starts = [];
        foreach ($planned->schedule->steps() as $step) {
            $starts["{$planned->part->letter} {$step->step->id}"] = $step->startMin;
        }

        return $starts;
    }

    /** @return list<int> */
    private function rows(): array
    {
        return array_map(fn (string $table): int => DB::table($table)->count(), ['kept_plans', 'kept_places', 'plan_offers', 'facts', 'air_readings']);
    }

    protected function tearDown(): void
    {
        config(['oak.frozen_at' => null]);
        Cache::flush();
        parent::tearDown();
    }
}
