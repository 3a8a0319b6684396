<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Paper;
use App\Models\Part;
use App\Models\PartFact;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\WorkingTime;

/** Film, sand room and clear over HTTP. */
final class SurfaceTest extends ShopCase
{
    public function testTheFilmIsShownWithItsDoubtAndWhatAScaleCanTell(): void
    {
        $part = $this->partWithBuildCoat();
        $this->get("/parts/{$part->id}/film")->assertOk()->assertSee(__('film.now'))->assertSee('nothing read yet')->assertSee('two weighings tell')->assertSee('What runs')->assertSee(__('film.approaches'));
        $this->get('/parts/'.$this->makePart(['letter' => 'B'])->id.'/film')->assertOk()->assertSee(__('film.none'));
    }

    public function testTheScaleCorrectsTheFilmAndThePlanAnswers(): void
    {
        $part = $this->cured();
        $this->reading($part, ['kind' => 'part_weighed', 'part_g' => '812'])->assertSessionHas('notice', fn (string $n): bool => str_starts_with($n, 'Kept.'));
        $before = $this->planned($part)->plan->step('flat')->zones[0];
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'matt'])->assertRedirect();
        $this->reading($part, ['kind' => 'part_weighed', 'part_g' => '799']);
        $after = $this->planned($part)->plan->step('flat')->zones[0];
        self::assertTrue($after->isMeasured());
        self::assertLessThan($before->offUm() - 5.0, $after->offUm(), 'thirteen grams are more than the paper should have taken');
        $this->get("/parts/{$part->id}/film")->assertSee(__('film.by_readings'))->assertSee('Last:')->assertSee('799 g');
        $this->get("/parts/{$part->id}/record")->assertSee(__('facts.part_weighed.record', ['grams' => '799 g']))->assertSee('sanded P150 on top: matt');
    }

    public function testAThinReadingAsksForOneMoreCoatWhichIsOneTap(): void
    {
        $part = $this->cured(['build_coats' => 5]);
        $this->reading($part, ['kind' => 'measured', 'zone' => 'flanks', 'way' => 'cut_face', 'um' => '40', 'n' => '3'])->assertSessionHasErrors('zone');
        $zone = $this->planned($part)->plan->brief->coatedZones()[1]->name;
        $this->reading($part, ['kind' => 'measured', 'zone' => $zone, 'way' => 'cut_face', 'um' => '40', 'n' => '3'])->assertSessionHas('notice', fn (string $n): bool => str_contains($n, 'cheaper than a burnt edge'));
        $this->get("/parts/{$part->id}/film")->assertSee(__('film.more.build_coats', ['n' => '6']));
        $this->put("/parts/{$part->id}/choice", ['field' => 'build_coats', 'value' => '6'])->assertSessionHasNoErrors();
        self::assertSame('build-6', $this->planned($part)->next?->step->step->key);
    }

    public function testBadReadingsAreRefusedAtTheirFieldAndKeepWhatWasTyped(): void
    {
        $part = $this->cured();
        foreach ([['kind' => 'part_weighed', 'part_g' => ''], ['kind' => 'part_weighed', 'part_g' => 'heavy'], ['kind' => 'part_weighed', 'part_g' => '-3']] as $bad) {
            $this->reading($part, $bad)->assertSessionHasErrors('part_g')->assertSessionHasInput('part_g', $bad['part_g']);
        }
        $this->reading($part, ['kind' => 'measured', 'zone' => 'top', 'way' => 'slug', 'um' => '0.65'])->assertSessionHasErrors(['um' => __('film.thickness_range')]);
        $this->reading($part, ['kind' => 'measured', 'zone' => 'top', 'way' => 'guess', 'um' => '650'])->assertSessionHasErrors('way');
        $this->reading($part, ['kind' => 'measured', 'zone' => 'top', 'way' => 'slug', 'um' => '650', 'unit' => 'mm'])->assertSessionHasErrors('um');
        $this->reading($this->makePart(['letter' => 'B']), ['kind' => 'part_weighed', 'part_g' => '500'])->assertSessionHasErrors('act');
        self::assertSame(0, PartFact::query()->whereIn('kind', ['part_weighed', 'measured'])->count());
        $this->reading($part, ['kind' => 'measured', 'zone' => 'top', 'way' => 'slug', 'um' => '0.65', 'unit' => 'mm'])->assertSessionHasNoErrors();
        self::assertSame(650, (int) (PartFact::query()->where('kind', 'measured')->firstOrFail()->data['um']));
    }

    public function testTheSamePressTwiceIsOneReading(): void
    {
        $part = $this->cured();
        foreach ([1, 2] as $time) {
            $this->reading($part, ['kind' => 'part_weighed', 'part_g' => '812', 'token' => 'same']);
        }
        self::assertSame(1, PartFact::query()->where('kind', 'part_weighed')->count());
    }

    public function testPassesAreLoggedByZoneAndTheNextPaperFollows(): void
    {
        $part = $this->cured();
        $this->get("/parts/{$part->id}/sand")->assertOk()->assertSee(__('sand.log'))->assertSee('Uniformly matt')->assertSee('Fresh paper')->assertSee('Must stay')->assertSee('Scratches, depth and width');
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'nowhere', 'end' => 'matt'])->assertSessionHasErrors('act');
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'open'])->assertSessionHasErrors('minutes');
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'open', 'minutes' => '4', 'how' => 'orbital']);
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'lows', 'minutes' => '2']);
        self::assertFalse($this->planned($part)->plan->step('flat')?->isDone());
        foreach ($this->planned($part)->plan->brief->coatedZones() as $zone) {
            $this->act($part, 'sanded', 'flat', ['grit' => 240, 'zone' => $zone->name, 'end' => 'matt'])->assertSessionHasNoErrors();
        }
        self::assertTrue($this->planned($part)->plan->step('flat')?->isDone());
        $this->get("/parts/{$part->id}/record")->assertSee('orbital, 4 min: not looked')->assertSee('shiny lows');
    }

    public function testWeaveShowingStopsAndOffersFinishCoats(): void
    {
        $part = $this->cured();
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'weave', 'to' => 'part'])->assertSessionHas('notice', fn (string $n): bool => str_contains($n, __('words.film_answer.stop_bare.what')));
        $this->get("/parts/{$part->id}/sand")->assertSee('No more paper.');
        $this->get("/parts/{$part->id}?after=flat")->assertDontSee('bare-line', false);
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'flank', 'end' => 'weave', 'minutes' => '45']);
        $this->get("/parts/{$part->id}?after=flat")->assertSee('bare-line', false);
        $this->get("/parts/{$part->id}/film")->assertSee(__('film.more.finish_coats', ['n' => '2']));
        $this->put("/parts/{$part->id}/choice", ['field' => 'finish_coats', 'value' => '2'])->assertSessionHasNoErrors();
        self::assertSame(2, $part->fresh()?->finish_coats);
        self::assertSame(FilmAnswer::STOP, FilmAnswer::of($this->planned($part)->plan)->code);
    }

    public function testAnotherWayToDriveIsOneTapUntilItIsBegun(): void
    {
        $part = $this->cured();
        $this->get("/parts/{$part->id}/sand")->assertSee('Orbital sander, from P150');
        $tools = $this->shop->tools;
        $this->shop->update(['tools' => array_values(array_diff($tools, ['sander']))]);
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/sand")->assertDontSee('Orbital sander');
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'orbital-150'])->assertSessionHasErrors(['act' => __('sand.no_machine')]);
        $this->shop->update(['tools' => $tools]);
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'orbital-150'])->assertSessionHasNoErrors();
        self::assertSame('orbital', $this->planned($part)->plan->step('flat')?->ladder?->method->value);
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'hammer-150'])->assertSessionHasErrors('way');
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'orbital-151'])->assertSessionHasErrors('act');
        $this->act($part, 'sanded', 'flat', ['grit' => 150, 'zone' => 'top', 'end' => 'matt']);
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'wet_block-150'])->assertSessionHasErrors('act');
    }

    public function testAGapOnTheShelfNamesThePaperToBuyAndPiecesAreCounted(): void
    {
        $part = $this->cured();
        Paper::query()->where('shop_id', $this->shop->id)->whereIn('grit', [240, 320])->whereIn('form', ['dry sheet', 'wet sheet'])->update(['sheets' => 0]);
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/sand")->assertSee('The shelf has a gap for dry, on a block.')->assertSee('Buy P240')->assertSee('Half sheets');
        foreach (['water', 'paper', 'paper'] as $n => $what) {
            app()->forgetScopedInstances();
            $this->post("/parts/{$part->id}/sand/flat/change", ['what' => $what, 'token' => "t{$n}"])->assertSessionHas('notice', 'Kept.');
        }
        $this->get("/parts/{$part->id}/sand")->assertSeeInOrder(['Fresh paper', '2']);
        $this->post("/parts/{$part->id}/sand/polish/change", ['what' => 'water', 'token' => 't9'])->assertSessionHasErrors('act');
    }

    public function testTheLastFlattingMayWaitForTheShrinkage(): void
    {
        $part = $this->cured();
        $this->get("/parts/{$part->id}/film")->assertSee('Print-through:')->assertSee(__('film.wait'));
        $before = $this->planned($part)->schedule->slot('wet-flat')->startMin ?? 0.0;
        $this->post("/parts/{$part->id}/sand/wet-flat/wait")->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        self::assertGreaterThan($before + 600.0, $planned->schedule->slot('wet-flat')?->startMin);
        self::assertNull($planned->print()['waitUntilMin'] ?? null);
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/sand/flat/wait")->assertSessionHasErrors('act');
    }

    public function testEachTopIsPricedAndTaken(): void
    {
        $part = $this->cured();
        $this->get("/parts/{$part->id}/clear")->assertOk()->assertSee('Glasswing 2K gloss')->assertSee('must stay')->assertSee('Lockgate UV varnish')->assertSee('Bench 1K gloss in cans')->assertSee('Mole gel filler clear')->assertSee('Of another sheen')->assertSee('84 to 93');
        $varnish = (int) Clear::query()->where('shop_id', $this->shop->id)->where('kind', 'varnish')->value('id');
        $filler = (int) Clear::query()->where('shop_id', $this->shop->id)->where('kind', 'filler')->value('id');
        foreach ([['clear_id', $varnish], ['filler_id', $filler], ['stripes', 2]] as [$field, $value]) {
            app()->forgetScopedInstances();
            $this->put("/parts/{$part->id}/choice", ['field' => $field, 'value' => (string) $value])->assertSessionHasNoErrors();
        }
        $keys = array_map(fn ($s): string => $s->step->key, $this->planned($part)->plan->steps);
        foreach (['filler', 'release-film', 'mask-line-2', 'varnish-2'] as $step) {
            self::assertContains($step, $keys);
        }
        $this->get("/parts/{$part->id}")->assertSee(__('steps.film_over.title'))->assertSee('Varnish coat 1 of');
        app()->forgetScopedInstances();
        $this->put("/parts/{$part->id}/choice", ['field' => 'filler_id', 'value' => ''])->assertSessionHasNoErrors();
        self::assertNull($part->fresh()?->filler_id);
        app()->forgetScopedInstances();
        $this->put("/parts/{$part->id}/choice", ['field' => 'top', 'value' => 'polish_resin']);
        $this->get("/parts/{$part->id}/clear")->assertSee(__('clear.polish_resin'));
        self::assertNotContains('varnish-1', array_map(fn ($s): string => $s->step->key, $this->planned($part)->plan->steps));
    }

    public function testVarnishNeedsNoBoothAndFillerItsOwnWarmth(): void
    {
        $part = $this->cured();
        $id = fn (string $kind): int => (int) Clear::query()->where('shop_id', $this->shop->id)->where('kind', $kind)->value('id');
        $part->update(['clear_id' => $id('varnish'), 'filler_id' => $id('filler')]);
        $uses = $coldest = [];
        foreach ($this->planned($part)->schedule->chain->steps(new Crew([WorkingTime::of([[0.0, 1.0]])], ['booth' => 1]), Leniency::None) as $step) {
            $uses[$step->id] = $step->uses;
            $coldest[$step->id] = $step->minC;
        }
        self::assertArrayHasKey('booth', $uses['filler']);
        self::assertSame([], $uses['varnish-1']);
        self::assertSame([16.0, 12.0], [$coldest['filler'], $coldest['varnish-1']]);
    }

    public function testZonesNeedNamesOfTheirOwn(): void
    {
        $zone = ['name' => 'Side', 'kind' => 'flank', 'slope_deg' => '70', 'length_mm' => '200', 'area_cm2' => '300', 'radius_mm' => '', 'visibility' => 'show'];
        $this->post('/parts', $this->form(['shape' => 'faces', 'sizes' => [], 'zones_typed' => '1', 'zones' => [$zone, ['name' => 'side'] + $zone]]))->assertSessionHasErrors(['zones.0.name' => __('form.zone_name')]);
    }

    public function testAWrongClearIsRefused(): void
    {
        $part = $this->cured();
        $id = fn (string $like): int => (int) Clear::query()->where('shop_id', $this->shop->id)->where('name', 'like', $like)->value('id');
        $this->put("/parts/{$part->id}/choice", ['field' => 'clear_id', 'value' => (string) $id('%matt')])->assertSessionHasErrors('choice');
        $this->put("/parts/{$part->id}/choice", ['field' => 'clear_id', 'value' => (string) $id('Mole%')])->assertSessionHasErrors('value');
        $this->put("/parts/{$part->id}/choice", ['field' => 'filler_id', 'value' => (string) $id('%2K gloss')])->assertSessionHasErrors('value');
        $this->put("/parts/{$part->id}/choice", ['field' => 'stripes', 'value' => '9'])->assertSessionHasErrors('value');
        $matt = $this->cured(['letter' => 'M', 'finish' => 'matt', 'clear_id' => $id('%matt')]);
        $this->get("/parts/{$matt->id}/clear")->assertSee('Matt is never polished')->assertSee(__('clear.resin.always_gloss'));
    }

    public function testGlossIsTypedOrReadByTheMeterAndCompared(): void
    {
        $part = $this->cured();
        $gloss = fn (array $more): TestResponse => $this->post("/parts/{$part->id}/gloss", ['token' => Str::random(12)] + $more);
        $gloss(['by' => 'hand', 'gu' => ''])->assertSessionHasErrors(['gu' => __('clear.type_gloss')]);
        $gloss(['by' => 'hand', 'gu' => '140'])->assertSessionHasErrors('gu');
        $gloss(['by' => 'hand', 'gu' => '71.5'])->assertSessionHas('notice', fn (string $n): bool => str_contains($n, '71.5 GU'));
        $gloss(['by' => 'meter'])->assertSessionHasErrors(['gu' => __('clear.no_meter')]);
        $this->shop->update(['meter_url' => 'http://meter.example/']);
        $this->user->refresh();
        Http::fake(['meter.example/*' => Http::sequence()->push(['gu_60' => 88.0])->push(['gu_60' => 89.0])->push(['gu_60' => 90.0])->push('junk')->push(['gu_60' => 300])->push([], 503)]);
        $gloss(['by' => 'meter'])->assertSessionHasNoErrors();
        foreach ([1, 2, 3] as $time) {
            $gloss(['by' => 'meter'])->assertSessionHasErrors('gu');
        }
        self::assertSame([71.5, 89.0], PartFact::query()->where('kind', 'gloss_read')->orderBy('id')->get()->map(fn (PartFact $f): float => (float) $f->data['gu'])->all());
        $this->get("/parts/{$part->id}/clear")->assertSeeInOrder(['89.0', __('clear.by_meter'), '71.5', 'typed'])->assertSee('outside');
    }

    public function testOnlyOnesOwnShopIsReadAndMeasured(): void
    {
        $part = $this->cured();
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'));
        foreach (['film', 'sand', 'clear'] as $room) {
            $this->get("/parts/{$part->id}/{$room}")->assertForbidden();
        }
        $this->reading($part, ['kind' => 'part_weighed', 'part_g' => '800'])->assertForbidden();
        $this->post("/parts/{$part->id}/gloss", ['token' => 'x', 'by' => 'hand', 'gu' => '80'])->assertForbidden();
        $this->post("/parts/{$part->id}/sand/flat", ['way' => 'orbital-150'])->assertForbidden();
    }

    /**
     * A part whose five build coats have cured: flatting is next.
     *
     * @param array<string, mixed> $other
     */
    private function cured(array $other = []): Part
    {
        $part = $this->makePart($other);
        foreach ([['done', 'strip', '06 08:20'], ['wiped', 'wipe-1', '06 08:25'], ['sanded', 'key', '06 08:40', ['grit' => 150]], ['wiped', 'wipe-2', '06 09:00'], ['coat_on', 'base', '06 09:10', ['grams' => 27.0]],
            ['done', 'lay', '06 12:00'], ['coat_on', 'wet-out', '06 15:00', ['grams' => 33.0]], ['sanded', 'nibs', '07 10:30', ['grit' => 240]], ['wiped', 'wipe-3', '07 10:40'],
            ...array_map(fn (int $n): array => ['coat_on', "build-{$n}", sprintf('%02d %02d:00', $n < 4 ? 7 : 8, [11, 14, 17, 8, 11][$n - 1]), ['grams' => 24.0]], range(1, 5)),
            ...(isset($other['build_coats']) ? [] : [['wiped', 'wash-flat', '10 14:00']])] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }

        return $part;
    }

    /** @param array<string, string> $more */
    private function reading(Part $part, array $more): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post("/parts/{$part->id}/film", $more + ['token' => Str::random(20)]);
    }
}
