<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Cup;
use App\Models\Part;
use App\View\Drawing\CupCurve;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use OakGloss\Cure\CupHeat;

final class WeighTest extends ShopCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
    }

    public function testTheReadyCheckStandsBeforeTheMix(): void
    {
        $this->get($this->path())->assertOk()->assertSee('Ready check')->assertSee('Witness patch')->assertDontSee('name="grams"', false);
        $this->pour('resin', 16.0)->assertSessionHasErrors('grams');
        $this->act($this->part, 'ready', 'build-2')->assertRedirect($this->path());
        $this->get($this->path())->assertDontSee('Ready check')->assertSee('name="grams"', false);
    }

    public function testResinThenHardenerThenMix(): void
    {
        $this->ready();
        $cup = $this->cup();
        self::assertSame('resin', $cup->next());
        $this->pour('resin', round($cup->batch->resinG, 1))->assertSessionHasNoErrors();
        self::assertSame('hardener', $this->cup()->next());
        $this->pour('hardener', round($this->cup()->pour->hardenerToAddG(), 1));
        self::assertNull($this->cup()->next());
        $this->get($this->path())->assertSee('Mix two minutes')->assertSee('use by')->assertSee('Coat is on')->assertSee('it gels after')->assertDontSee('gets hot');
        self::assertLessThan(CupHeat::WARM_C, $cup->heat()->peakC, 'a cup of some thirty grams');
        self::assertSame($cup->potLifeMin(), $cup->heat()->potLifeMin, 'use by is when it gels');
        $this->act($this->part, 'coat_on', 'build-2');
        self::assertEqualsWithDelta($cup->batch->totalG(), $this->planned($this->part)->plan->step('build-2')?->usedG, 0.2);
        $this->get($this->path())->assertRedirect("/parts/{$this->part->id}");
    }

    public function testResinThatRanOverMovesTheHardenersMark(): void
    {
        $this->ready();
        $planned = $this->cup()->batch;
        $this->pour('resin', 1.2 * $planned->resinG);
        self::assertEqualsWithDelta(1.2 * $planned->resinG * $planned->ratio->hardenerPerResin, $this->cup()->pour->hardenerToAddG(), 1e-6);
        $this->get($this->path())->assertSee('Resin ran over');
    }

    public function testTooMuchHardenerSaysHowMuchResinToAdd(): void
    {
        $this->ready();
        $planned = $this->cup()->batch;
        $this->pour('resin', $planned->resinG);
        $this->pour('hardener', 1.25 * $planned->hardenerG);
        $cup = $this->cup();
        self::assertTrue($cup->isOverpoured());
        self::assertSame('resin', $cup->next());
        $more = 1.25 * $planned->hardenerG / $planned->ratio->hardenerPerResin - $planned->resinG;
        self::assertEqualsWithDelta($more, $cup->pour->resinToAddG(), 1e-3);
        $this->get($this->path())->assertSee('Too much hardener')->assertSee(number_format($more, 1).' g resin');
        $this->pour('resin', $more);
        self::assertFalse($this->cup()->isOverpoured());
        self::assertNull($this->cup()->next());
    }

    public function testABlackBaseAsksForPigmentLast(): void
    {
        $part = $this->makePart(['letter' => 'B']);
        foreach ([['done', 'strip'], ['wiped', 'wipe-1'], ['wiped', 'wipe-2']] as [$kind, $step]) {
            $this->fact($part, $kind, $step, '2027-03-10 10:00');
        }
        $this->part = $part;
        $this->act($part, 'ready', 'base');
        $this->get("/parts/{$part->id}/weigh/base")->assertSee('pigment');
        $this->pour('resin', $this->cup('base')->batch->resinG, 'base');
        $this->pour('hardener', $this->cup('base')->batch->hardenerG, 'base');
        self::assertSame('pigment', $this->cup('base')->next());
        $this->pour('pigment', $this->cup('base')->pour->pigmentToAddG(), 'base');
        self::assertNull($this->cup('base')->next());
    }

    public function testAWeightThatIsNoneIsRefusedAtTheField(): void
    {
        $this->ready();
        foreach (['', 'some', '-3', '0', '1e99'] as $grams) {
            $this->from($this->path())->post($this->path(), ['component' => 'resin', 'grams' => $grams, 'token' => Str::random(9)])->assertSessionHasErrors('grams');
        }
        $this->post($this->path(), ['component' => 'water', 'grams' => '5', 'token' => Str::random(9)])->assertSessionHasErrors('component');
        self::assertSame(0.0, $this->cup()->pour->totalG());
    }

    /** Presses once more what was doubted. */
    private function sure(): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();
        $doubt = session(\App\Http\Doubt::KEY);

        return $this->post($doubt['to'], $doubt['input']);
    }

    public function testASlipOfTheThumbDoesNotStopThePlan(): void
    {
        $this->ready();
        $this->pour('resin', 19000.0)->assertSessionHasErrors('grams');
        $this->sure();
        $this->pour('resin', 2000.0)->assertSessionHasErrors('grams');
        // No hardener, and more than a brush lays: each is asked about, and neither stops who means it.
        $this->act($this->part, 'coat_on', 'build-2')->assertSessionHasErrors('act');
        $this->sure()->assertSessionHasErrors('act');
        $this->sure()->assertSessionHasNoErrors();
        foreach (['/', "/parts/{$this->part->id}", "/parts/{$this->part->id}/sand", "/parts/{$this->part->id}/record"] as $path) {
            app()->forgetScopedInstances();
            $this->get($path)->assertOk();
        }
        self::assertSame(19000.0, $this->planned($this->part)->plan->step('build-2')?->usedG);
    }

    public function testTheSamePourSentTwiceIsOnePour(): void
    {
        $this->ready();
        foreach ([1, 2] as $ignored) {
            $this->post($this->path(), ['component' => 'resin', 'grams' => '10', 'token' => 'one-pour'])->assertSessionHasNoErrors();
        }
        self::assertSame(10.0, $this->cup()->pour->resinG);
    }

    public function testAWrongPourIsStruckOutAndWeighedAgain(): void
    {
        $this->ready();
        $this->pour('resin', 99.0);
        $fact = $this->part->facts()->reorder('id', 'desc')->firstOrFail();
        $this->post("/parts/{$this->part->id}/facts/{$fact->id}/strike");
        self::assertSame(0.0, $this->cup()->pour->resinG);
    }

    public function testABatchOverThePotLifesMassIsSplitIntoCups(): void
    {
        self::assertSame(1, $this->cup()->cups());
        $big = $this->makePart(['letter' => 'B', 'sizes' => ['length' => 1500, 'top' => 800, 'flank' => 500, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 3]]);
        foreach ([['done', 'strip'], ['wiped', 'wipe-1'], ['wiped', 'wipe-2']] as [$kind, $step]) {
            $this->fact($big, $kind, $step, '2027-03-10 10:00');
        }
        $this->part = $big;
        self::assertGreaterThan(1, $this->cup('base')->cups());
        self::assertContains('second_person', $this->cup('base')->check()->asks());
        $this->act($big, 'ready', 'base');
        $this->get("/parts/{$big->id}/weigh/base")->assertSee('Mix and spread it in');
    }

    public function testWarmerAirShortensTheCup(): void
    {
        $cool = $this->cup()->potLifeMin();
        $this->read(26.0);
        self::assertLessThan($cool, $this->cup()->potLifeMin());
    }

    private function path(): string
    {
        return "/parts/{$this->part->id}/weigh/build-2";
    }

    private function ready(): void
    {
        $this->act($this->part, 'ready', 'build-2')->assertSessionHasNoErrors();
    }

    private function pour(string $component, float $grams, string $step = 'build-2'): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post("/parts/{$this->part->id}/weigh/{$step}", ['component' => $component, 'grams' => (string) $grams, 'token' => Str::random(12)]);
    }

    private function cup(string $step = 'build-2'): Cup
    {
        return Cup::forStep($this->planned($this->part), $step) ?? throw new \LogicException('no cup');
    }

    /** From the hardener on the bench counts the cup down; past its time it goes outside. */
    public function testAMixedCupHasItsClockOnTheBench(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $this->fact($part, 'ready', 'build-2', '2027-03-10 16:29');
        $this->fact($part, 'weighed', 'build-2', '2027-03-10 16:30', ['component' => 'resin', 'grams' => 18.0]);
        $this->get('/')->assertDontSee('The cup is mixed');
        $this->fact($part, 'weighed', 'build-2', '2027-03-10 16:31', ['component' => 'hardener', 'grams' => 6.1]);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('The cup is mixed');
        $page = $this->get("/parts/{$part->id}/weigh/build-2")->assertOk();
        $page->assertSee(__('weigh.curve.title'))->assertSeeInOrder([__('weigh.curve.ways.cup'), __('weigh.curve.ways.tray'), __('weigh.curve.ways.hands')])->assertSee('now-line', false);
        config(['oak.frozen_at' => '2027-03-10T18:45:00Z']);
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('Put it outside on mineral ground')->assertDontSee('bench.', false);
    }

    /** More resin in the same vessel never lives longer, and a tray never shorter than a cup. */
    public function testWhatTheCurveSaysOfCupAndTray(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $cup = Cup::forStep($this->planned($part), 'build-2') ?? self::fail();
        self::assertGreaterThan($cup->heat()->potLifeMin, $cup->trayHeat()->potLifeMin);
        self::assertLessThan($cup->heat()->peakC, $cup->trayHeat()->peakC);
        $curve = CupCurve::of($cup);
        self::assertNull($curve->nowX, 'nothing is mixed yet');
        self::assertGreaterThan(40.0, $curve->gelX);
        self::assertLessThan(CupCurve::WIDTH, $curve->gelX);
    }
}
