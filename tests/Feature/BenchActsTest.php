<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PartFact;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use OakGloss\Schedule\ActState;

final class BenchActsTest extends ShopCase
{
    public function testTheOpenWindowStandsOnTheBench(): void
    {
        $part = $this->partWithBuildCoat();
        $next = $this->planned($part)->next;
        self::assertSame(ActState::Open, $next?->state);
        $this->get('/')->assertOk()->assertSee('Build coat 2 of')->assertSee(__('bench.closes_in'))->assertSee('Test fender')->assertSee(__('app.as_table'));
    }

    public function testAnActBecomesAFactWithTimeAirAndPerson(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'coat_on', 'build-2', ['to' => 'bench'])->assertRedirect('/');
        $fact = $part->facts()->reorder('id', 'desc')->firstOrFail();
        self::assertSame(['coat_on', 'build-2', $this->user->id, 20.0, '2027-03-10 15:34'], [$fact->kind, $fact->step, $fact->user_id, $fact->air_c, $fact->happened_at->format('Y-m-d H:i')]);
        self::assertSame('build-3', $this->planned($part)->next?->step->step->key);
    }

    public function testTheSamePressTwiceIsOneFact(): void
    {
        $part = $this->makePart();
        foreach ([1, 2] as $ignored) {
            $this->post("/parts/{$part->id}/facts", ['kind' => 'done', 'step' => 'strip', 'token' => 'one-press'])->assertSessionHasNoErrors();
        }
        self::assertSame(1, $part->facts()->count());
    }

    public function testOnlyTheNextStepMayBeActedOnAndOnlyInItsWay(): void
    {
        $part = $this->partWithBuildCoat();
        foreach ([['coat_on', 'build-3'], ['wiped', 'build-2'], ['done', 'build-2'], ['skipped', 'build-2'], ['coat_on', 'nonsense']] as [$kind, $step]) {
            $this->act($part, $kind, $step)->assertSessionHasErrors('act');
        }
        $this->act($part, 'touched', 'base', ['touch' => 'print'])->assertSessionHasErrors('act');
        $this->act($part, 'sanded', 'build-2', ['grit' => 333])->assertSessionHasErrors('grit');
        $this->act($part, 'touched', 'build-1', ['touch' => 'sticky'])->assertSessionHasErrors('touch');
        self::assertSame(10, $part->facts()->count());
    }

    public function testATackCheckMovesTheWindow(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'touched', 'build-1', ['touch' => 'too_wet'])->assertSessionHasNoErrors();
        self::assertSame(ActState::Waiting, $this->planned($part)->next?->state);
        $this->get('/')->assertDontSee(__('bench.closes_in'));
    }

    public function testAMissedWindowAsksForAKeyAndThenForTheCoat(): void
    {
        $part = $this->partWithBuildCoat('2027-03-09 14:00');
        self::assertSame(ActState::KeyFirst, $this->planned($part)->next?->state);
        $this->get('/')->assertSee(__('bench.key_first', ['step' => 'build coat 2']))->assertSee(__('bench.keyed'));
        $this->act($part, 'sanded', 'build-2', ['grit' => 180])->assertSessionHasNoErrors();
        self::assertSame(ActState::Keyed, $this->planned($part)->next?->state);
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
        self::assertSame('build-3', $this->planned($part)->next?->step->step->key);
    }

    public function testACoatOverAHardOneIsKeptAndSaid(): void
    {
        $part = $this->partWithBuildCoat('2027-03-09 14:00');
        $this->act($part, 'coat_on', 'build-2')->assertSessionHas('notice', fn (string $n): bool => str_contains($n, 'not keyed'));
        self::assertTrue($this->planned($part)->plan->step('build-2')?->isDone());
    }

    public function testStrikingOutTakesAFactFromThePlanAndNotFromTheRecord(): void
    {
        $part = $this->partWithBuildCoat();
        $before = $this->planned($part)->plan;
        $this->act($part, 'coat_on', 'build-2');
        $fact = $part->facts()->reorder('id', 'desc')->firstOrFail();
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike", ['reason' => 'other part'])->assertSessionHasNoErrors();
        self::assertEquals($before, $this->planned($part)->plan);
        $this->get("/parts/{$part->id}/record")->assertSee('struck out')->assertSee('other part');
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike")->assertSessionHasErrors('strike');
    }

    public function testAFactOfAnotherPartCannotBeStruckHere(): void
    {
        $part = $this->partWithBuildCoat();
        $other = $this->makePart(['letter' => 'L']);
        $fact = $part->facts()->firstOrFail();
        $this->post("/parts/{$other->id}/facts/{$fact->id}/strike")->assertNotFound();
    }

    public function testFactsCannotBeChangedOrRemovedByAnyone(): void
    {
        $part = $this->partWithBuildCoat();
        foreach (['UPDATE facts SET step = "base"', 'DELETE FROM facts'] as $statement) {
            try {
                DB::statement($statement);
                self::fail('was allowed');
            } catch (QueryException $e) {
                self::assertStringContainsString('append-only', $e->getMessage());
            }
        }
        self::assertSame(10, $part->facts()->count());
    }

    public function testAnActMayBeLoggedLateButNotAhead(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'coat_on', 'build-2', ['at' => '17:10'])->assertSessionHasErrors('at');
        $this->act($part, 'coat_on', 'build-2', ['at' => '13:00'])->assertSessionHasErrors('at');
        $this->act($part, 'coat_on', 'build-2', ['at' => '16:20'])->assertSessionHasNoErrors();
        $fact = $part->facts()->reorder('id', 'desc')->firstOrFail();
        self::assertSame(['15:20', '15:34'], [$fact->happened_at->format('H:i'), $fact->recorded_at->format('H:i')]);
        self::assertSame($this->minute('2027-03-10 16:20'), $this->planned($part)->plan->step('build-2')?->doneAtMin);
    }

    public function testAStepThatIsNotNeededIsSkippedAndStaysInTheRecord(): void
    {
        $part = $this->makePart();
        $this->act($part, 'skipped', 'strip')->assertSessionHasNoErrors();
        self::assertSame('wipe-1', $this->planned($part)->next?->step->step->key);
        $this->get("/parts/{$part->id}/record")->assertSee('not needed');
    }

    public function testAPartLivesFromStripToLastLook(): void
    {
        config(['oak.demo' => true]);
        $part = $this->makePart();
        $acts = 0;
        while (($next = $this->planned($part)->next) !== null && $acts++ < 80) {
            $step = $next->step->step;
            if (! $next->needsHandsNow()) {
                app()->forgetScopedInstances();
                $this->post('/clock/skip', ['to' => 'window'])->assertSessionHasNoErrors();
                continue;
            }
            [$kind, $more] = match (true) {
                $next->state === ActState::KeyFirst => ['sanded', ['grit' => 180]],
                $step->kind->isSanding() => ['sanded', ['grit' => $next->step->nextGrit()]],
                $step->kind->value === 'coat' => ['coat_on', []],
                $step->kind->value === 'wipe' => ['wiped', []],
                default => ['done', []],
            };
            $this->act($part, $kind, $step->key, $more)->assertSessionHasNoErrors();
        }
        self::assertNull($this->planned($part)->next, 'finished within 80 acts');
        $this->get('/')->assertSee(__('bench.no_part'));
        $this->get("/parts/{$part->id}/record")->assertOk()->assertSee('Last look');
        $this->get("/parts/{$part->id}")->assertOk()->assertSee('finished');
        self::assertSame(0, PartFact::query()->whereNull('air_c')->count());
    }

    public function testAReadingMovesTheForecastAndIsRefusedWhenItLies(): void
    {
        $part = $this->partWithBuildCoat();
        $before = $this->planned($part)->next?->window?->closes->expectedMin;
        $this->post('/air', ['air_c' => '85'])->assertSessionHasErrorsIn('air', 'air_c');
        $this->post('/air', ['air_c' => 'warm'])->assertSessionHasErrorsIn('air', 'air_c');
        self::assertSame($before, $this->planned($part)->next?->window?->closes->expectedMin);
        app()->forgetScopedInstances();
        $this->post('/air', ['air_c' => '14.5', 'rh_percent' => '60'])->assertSessionHasNoErrors();
        self::assertGreaterThan($before, $this->planned($part)->next?->window?->closes->expectedMin);
        $this->get('/')->assertSee('14.5 °C')->assertSee('dew 6.8 °C');
    }

    public function testAirTooColdForTheResinIsSaidBeforeTheMix(): void
    {
        $this->partWithBuildCoat();
        $this->get('/')->assertDontSee('that this resin wants');
        $this->read(12.0);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('Air 12 °C is under the 15 °C that this resin wants');
    }

    public function testDampAirIsSaidBeforeTheNextCoat(): void
    {
        $this->partWithBuildCoat();
        $this->read(16.0, 95.0);
        $this->get('/')->assertSee('less than 3 °C above the dew point');
    }

    public function testTheClockIsSkippedInTheDemoOnly(): void
    {
        $this->partWithBuildCoat();
        $this->post('/clock/skip', ['to' => '60'])->assertForbidden();
        $this->get('/')->assertDontSee('Demo clock');
        config(['oak.demo' => true]);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('Demo clock')->assertSee('Wed 10 Mar 16:34');
        foreach (['60' => 'Wed 10 Mar 17:34', '15' => 'Wed 10 Mar 17:49', 'tomorrow' => 'Thu 11 Mar 08:00'] as $to => $shows) {
            app()->forgetScopedInstances();
            $this->post('/clock/skip', ['to' => (string) $to])->assertSessionHasNoErrors();
            app()->forgetScopedInstances();
            $this->get('/')->assertSee($shows);
        }
        $this->post('/clock/skip', ['to' => 'yesterday'])->assertSessionHasErrors('to');
    }
}
