<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Doubt;
use App\Models\AirReading;
use App\Models\Lot;
use App\Models\Part;
use App\Models\PartFact;
use App\Stock\Ledger;
use Illuminate\Testing\TestResponse;
use OakGloss\Inspection\Look;
use OakGloss\Method\Slot;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\LookDue;

/** What is typed far from what it should be is asked about at its field before it counts, and counts by a second press. */
final class DoubtTest extends ShopCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
        $this->act($this->part, 'ready', 'build-2')->assertSessionHasNoErrors();
    }

    public function testAPourAHundredTimesItsMarkIsAskedAboutAndALittleOverIsNot(): void
    {
        $this->pour('resin', '16.2')->assertSessionHasNoErrors();
        $this->pour('hardener', '700')->assertSessionHasErrors('grams')->assertSessionHas(Doubt::KEY);
        self::assertSame(1, PartFact::query()->where('kind', 'weighed')->count());
        $this->get("/parts/{$this->part->id}/weigh/build-2")->assertOk()->assertSee('times its mark')->assertSee('It is so');
        $this->pour('hardener', '71')->assertSessionHasErrors('grams');
        $this->again();
        self::assertSame(71.0, (float) PartFact::query()->where('kind', 'weighed')->latest('id')->firstOrFail()->data['grams'], 'what is so is kept');
    }

    public function testMoreThanTheShelfHasOfAJarIsAskedAbout(): void
    {
        $lot = app(Ledger::class)->receive(['shop_id' => $this->shop->id, 'kind' => 'resins', 'item_id' => $this->part->resin(Slot::Skin)->id, 'jar' => 'resin', 'mark' => 'L', 'quantity' => 9.0, 'received_at' => now()], $this->user);
        $this->pour('resin', '17.0')->assertSessionHasErrors('grams');
        self::assertSame(9.0, Lot::query()->findOrFail($lot->id)->left);
        $this->again();
        self::assertSame(0.0, Lot::query()->findOrFail($lot->id)->left);
    }

    public function testACupThatIsNoMixIsNoCoatUntilASecondPressThatSaysWhatComesOfIt(): void
    {
        $this->pour('resin', '17.0');
        $this->act($this->part, 'coat_on', 'build-2')->assertSessionHasErrors('act');
        self::assertSame(0, $this->coats(), 'no hardener, no coat');
        $this->pour('hardener', '4.0');
        $this->act($this->part, 'coat_on', 'build-2', ['to' => 'bench'])->assertSessionHasErrors('act');
        $this->get('/')->assertSee('stays soft')->assertSee(__('weigh.use_anyway'));
        $this->act($this->part, 'coat_on', 'build-2', ['to' => 'bench'])->assertSessionHasErrors('act');
        $this->again();

        self::assertSame(1, $this->coats());
        $planned = $this->planned($this->part);
        self::assertSame(FilmAnswer::HOLD, FilmAnswer::of($planned->plan)->code, 'the film does not say go on');
        self::assertContains('no_mix.short', array_map(fn ($f): string => $f->code, $planned->findings()));
        self::assertContains(Look::Nail, LookDue::of($planned->plan)->looks ?? [], 'the look looks for it');
        $this->get('/')->assertSee('no mix');
        $this->get("/parts/{$this->part->id}/record")->assertSee('no mix: hardener');
        $this->get("/parts/{$this->part->id}/film")->assertSee('Hold.');
        $this->post("/parts/{$this->part->id}/found", ['defect' => 'soft', 'zone' => 'top'])->assertSessionHasNoErrors();
        $fact = PartFact::query()->where('kind', 'found')->latest('id')->firstOrFail();
        $this->get("/parts/{$this->part->id}/defects/{$fact->id}")->assertOk()->assertSeeInOrder(['ratio']);
    }

    public function testANailThatFindsItHardLiftsTheHold(): void
    {
        $this->pour('resin', '17.0');
        $this->pour('hardener', '4.0');
        $this->act($this->part, 'coat_on', 'build-2')->assertSessionHasErrors('act');
        $this->again();
        $this->post("/parts/{$this->part->id}/looked", [])->assertSessionHasNoErrors();
        self::assertSame(FilmAnswer::HOLD, FilmAnswer::of($this->planned($this->part)->plan)->code, 'a nail is never said along with the others');
        $this->post("/parts/{$this->part->id}/looked", ['look' => 'nail'])->assertSessionHasNoErrors();
        self::assertNotSame(FilmAnswer::HOLD, FilmAnswer::of($this->planned($this->part)->plan)->code);
    }

    public function testOffByLessIsSaidAndGoesOnByOnePress(): void
    {
        $this->pour('resin', '17.0');
        $this->pour('hardener', '5.55');
        $this->get("/parts/{$this->part->id}/weigh/build-2")->assertSee('a little weaker')->assertSee(__('weigh.near_use'));
        $this->act($this->part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
        self::assertNull(PartFact::query()->where('kind', 'coat_on')->latest('id')->firstOrFail()->data['mix_off'] ?? null);
    }

    public function testABaseOfSixteenHundredGramsMayNotBecomeACupOfTwoKilograms(): void
    {
        $part = $this->makePart(['letter' => 'B']);
        foreach ([['done', 'strip', '08 08:20'], ['wiped', 'wipe-1', '08 08:25'], ['sanded', 'key', '10 16:00', ['grit' => 150]], ['wiped', 'wipe-2', '10 16:20']] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }
        $this->part = $part;
        $this->act($part, 'ready', 'base')->assertSessionHasNoErrors();
        $this->pour('resin', '1600', 'base')->assertSessionHasErrors('grams');
        $this->again();
        $this->get("/parts/{$part->id}/weigh/base")->assertSee('Pour it back before any hardener goes in')->assertSee('Left in the cup')->assertDontSee('Add <', false);
        $back = fn (string $left): TestResponse => $this->post("/parts/{$part->id}/weigh/base", ['component' => 'resin', 'left' => '1', 'grams' => $left]);
        $back('1700')->assertSessionHasErrors('grams');
        app()->forgetScopedInstances();
        $back('19.9')->assertSessionHasNoErrors();
        self::assertSame(19.9, $this->planned($part)->plan->log->weighedG('base', 'resin'));
        $this->get("/parts/{$part->id}/weigh/base")->assertOk()->assertDontSee('Left in the cup');
        $this->pour('resin', '1600', 'base');
        $this->again();
        $this->pour('hardener', '19', 'base')->assertSessionHasNoErrors();
        $this->get("/parts/{$part->id}/weigh/base")->assertSee('onto mineral')->assertDontSee('Mix until no streaks');
        $this->act($part, 'coat_on', 'base')->assertSessionHasErrors('act');
    }

    public function testATemperatureThatJumpsIsAskedAboutBeforeAnyWindowMoves(): void
    {
        $this->read(18.6);
        app()->forgetScopedInstances();
        $this->from('/')->post('/air', ['air_c' => '2.1'])->assertSessionHasErrorsIn('air', ['air_c']);
        self::assertSame(1, AirReading::query()->count());
        $this->get('/')->assertSee('If that is a slip')->assertSee('It is 2.1');
        $this->post('/air', ['air_c' => '2.1'])->assertSessionHasErrorsIn('air', ['air_c']);
        $this->again();
        self::assertSame(2.1, AirReading::query()->latest('id')->firstOrFail()->air_c);
        app()->forgetScopedInstances();
        $this->post('/air', ['air_c' => '21'])->assertSessionHasErrorsIn('air', ['air_c']);
        AirReading::query()->delete();
        app()->forgetScopedInstances();
        $this->post('/air', ['air_c' => '31'])->assertSessionHasErrorsIn('air', ['air_c']);
        $this->post('/air', ['air_c' => '26'])->assertSessionDoesntHaveErrors();
    }

    public function testAReadingThatWasASlipIsTakenBackAndThePlacesBeforeItComeBack(): void
    {
        $this->read(20.0);
        $this->keep();
        $starts = fn (): array => array_map(fn ($s): float => $this->planned($this->part)->schedule->slot($s->step->key)->startMin ?? 0.0, $this->planned($this->part)->plan->ahead());
        $told = $starts();
        $this->post('/air', ['air_c' => '14.5'])->assertSessionDoesntHaveErrors();
        $slip = AirReading::query()->latest('id')->firstOrFail();
        self::assertNotEquals($told, $starts(), 'colder: everything waits');
        app()->forgetScopedInstances();
        $this->get('/')->assertSee(__('air.take_back'));
        $this->delete("/air/{$slip->id}")->assertSessionHasNoErrors();

        self::assertSame($told, $starts());
        self::assertSame(2, AirReading::query()->count(), 'it stays in the list');
        $this->delete("/air/{$slip->id}")->assertSessionHasErrors('act');
    }

    public function testMinutesAndGlossThatCannotBeAreAskedAbout(): void
    {
        $this->post("/parts/{$this->part->id}/gloss", ['by' => 'hand', 'gu' => '190'])->assertSessionHasErrors('gu');
        $part = $this->makePart(['letter' => 'S']);
        $this->fact($part, 'done', 'strip', '2027-03-10 08:20');
        $this->fact($part, 'wiped', 'wipe-1', '2027-03-10 08:25');
        $this->act($part, 'sanded', 'key', ['grit' => '150', 'minutes' => '450'])->assertSessionHasErrors('minutes');
        self::assertSame(0, PartFact::query()->where('part_id', $part->id)->where('kind', 'sanded')->count());
        $this->again();
        self::assertSame(1, PartFact::query()->where('part_id', $part->id)->where('kind', 'sanded')->count());
    }

    public function testACoatIsJudgedByTheTimeThatItIsLoggedFor(): void
    {
        $window = $this->planned($this->part)->next->window ?? self::fail('no window');
        config(['oak.frozen_at' => gmdate('Y-m-d\\TH:i:s\\Z', (int) (60 * ($window->closes->expectedMin + 40.0)))]);
        app()->forgetScopedInstances();
        $at = $this->planned($this->part)->floor->time->local($window->closes->expectedMin - 45.0)->format('H:i');
        $late = $this->planned($this->part)->floor->time->local($window->closes->expectedMin + 15.0)->format('H:i');
        $this->act($this->part, 'coat_on', 'build-2', ['at' => $at])->assertSessionHasNoErrors()->assertSessionHas('notice', fn (string $said): bool => ! str_contains($said, 'past bonding') && ! str_contains($said, 'peel'));
        $fact = PartFact::query()->where('kind', 'coat_on')->where('step', 'build-2')->sole();
        $this->post("/parts/{$this->part->id}/facts/{$fact->id}/strike", ['reason' => 'later'])->assertSessionHasNoErrors();
        $this->act($this->part, 'coat_on', 'build-2', ['at' => $late])->assertSessionHasNoErrors()->assertSessionHas('notice', fn (string $said): bool => str_contains($said, 'past bonding'));
    }

    public function testWhoIsAtAStepIsSaidOnEveryScreenAndASecondPassIsAskedAbout(): void
    {
        $bo = $this->makeUser($this->shop, 'bo@sample.example');
        $bo->update(['name' => 'Bo Sedge']);
        $part = $this->makePart(['letter' => 'S']);
        $this->fact($part, 'done', 'strip', '2027-03-10 16:00');
        $this->fact($part, 'wiped', 'wipe-1', '2027-03-10 16:05');
        $this->actingAs($bo);
        $this->act($part, 'taken_on', 'key', ['has' => '1'])->assertSessionHasNoErrors();
        $this->actingAs($this->user);
        foreach (['/', "/parts/{$part->id}"] as $page) {
            app()->forgetScopedInstances();
            $this->get($page)->assertSee('Bo Sedge is at it since 16:34');
        }
        foreach (['build-2' => '10 15:00', 'build-3' => '10 16:00', 'build-4' => '10 16:20', 'build-5' => '10 16:25'] as $step => $at) {
            $this->planned($this->part)->plan->step($step) === null || $this->fact($this->part, 'coat_on', $step, "2027-03-{$at}", ['grams' => 22.0]);
        }
        config(['oak.frozen_at' => '2027-03-12T10:00:00Z']);
        $this->fact($this->part, 'wiped', (string) $this->planned($this->part)->next?->step->step->key, '2027-03-12 10:30');
        $pass = ['zone' => 'top', 'minutes' => '9', 'end' => 'matt', 'grit' => (string) $this->planned($this->part)->next?->step->nextGrit()];
        $flat = (string) $this->planned($this->part)->next?->step->step->key;
        $this->actingAs($bo);
        $this->act($this->part, 'sanded', $flat, $pass)->assertSessionHasNoErrors();
        $this->actingAs($this->user);
        $this->act($this->part, 'sanded', $flat, $pass)->assertSessionHasErrors('act');
        self::assertStringContainsString('Bo Sedge logged P', session('errors')->first('act'));
        $this->again();
        self::assertSame(2, PartFact::query()->where('part_id', $this->part->id)->where('step', $flat)->where('kind', 'sanded')->count(), 'a second pass that was meant');
    }

    private function coats(): int
    {
        return PartFact::query()->where('part_id', $this->part->id)->where('kind', 'coat_on')->where('step', 'build-2')->count();
    }

    private function pour(string $jar, string $grams, string $step = 'build-2'): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->from("/parts/{$this->part->id}/weigh/{$step}")->post("/parts/{$this->part->id}/weigh/{$step}", ['component' => $jar, 'grams' => $grams]);
    }

    /** Presses what the page offers where something was doubted. */
    private function again(): TestResponse
    {
        app()->forgetScopedInstances();
        $doubt = session(Doubt::KEY);

        return $this->call($doubt['method'], $doubt['to'], $doubt['input'])->assertSessionHasNoErrors();
    }
}
