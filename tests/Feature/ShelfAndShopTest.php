<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cloth;
use App\Models\Paper;
use App\Models\Resin;
use App\Shelf\Kind\Resins;
use App\Shelf\ShelfKinds;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

final class ShelfAndShopTest extends ShopCase
{
    public function testTheShippedShelfKeepsItsSchemaAndMakesSense(): void
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            $schema = (string) json_encode($kind->schema());
            $rows = json_decode((string) file_get_contents(database_path("catalogue/{$name}.json")), false, 32, JSON_THROW_ON_ERROR);
            foreach ($rows as $row) {
                $result = (new Validator())->validate($row, $schema);
                self::assertTrue($result->isValid(), "{$name}: ".json_encode($result->error()?->args()));
                $kind->check($kind->make((array) $row));
                // Each field that it needs is missed, and each range has an end.
                foreach ($kind->schema()['required'] as $field) {
                    $less = clone $row;
                    unset($less->{$field});
                    self::assertFalse((new Validator())->validate($less, $schema)->isValid(), "{$name} without {$field}");
                }
            }
            self::assertCount(count($rows), $kind->of($this->shop));
        }
    }

    public function testEveryKindIsListedAndOpens(): void
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            $item = $kind->of($this->shop)->firstOrFail();
            $this->get("/shelf?kind={$name}")->assertOk()->assertSee($kind->title($item));
            $this->get('/shelf?q='.urlencode(mb_strtoupper($kind->title($item))))->assertOk()->assertSee("/shelf/{$name}/{$item->id}");
            $this->get("/shelf/{$name}/{$item->id}")->assertOk()->assertSee($item->name);
            $this->get("/shelf/{$name}/new")->assertOk();
        }
        $this->get('/shelf/spoons/new')->assertNotFound();
        $this->get('/shelf/resins/99999')->assertNotFound();
    }

    public function testASectionOfASheetIsSavedOnItsOwn(): void
    {
        $resin = $this->resin('Tarn%medium%');
        $before = $resin->only(['hardener_phr', 'sandable_age_min', 'uv_stable', 'sheet', 'ratio_kind', 'name']);
        $this->put("/shelf/resins/{$resin->id}", ['section' => '2', 'pump_resin_g' => '12.5', 'pump_hardener_g' => '4'])->assertSessionHasNoErrors();
        $new = Resin::query()->findOrFail($resin->fresh()?->superseded_by_id);
        self::assertSame(12.5, $new->getAttribute('pump_resin_g'));
        self::assertEquals($before, $new->only(array_keys($before)), 'nothing outside the section moved');
        $this->put("/shelf/resins/{$new->id}", ['section' => '0', 'sandable_age_min' => 'soon'])->assertSessionHasErrors('sandable_age_min');
        $flow = collect(app(Resins::class)->groups()['Flow'])->mapWithKeys(fn ($f): array => [$f->name => $new->getAttribute($f->name)])->all();
        $this->put("/shelf/resins/{$new->id}", ['section' => '4', 'uv_stable' => '1'] + $flow)->assertSessionHasNoErrors();
        $stable = Resin::query()->findOrFail($new->fresh()?->superseded_by_id);
        self::assertTrue((bool) $stable->uv_stable);
        $this->put("/shelf/resins/{$stable->id}", ['section' => '4', 'uv_stable' => null] + $flow)->assertSessionHasNoErrors();
        self::assertFalse((bool) Resin::query()->findOrFail($stable->fresh()?->superseded_by_id)->uv_stable, 'an empty box in the section is no');
        foreach (['stock', 'sheet', '0', '1', '4', 'none'] as $section) {
            $this->get("/shelf/resins/{$resin->id}?section={$section}")->assertRedirect();
        }
    }

    public function testASectionOfTheShopIsSavedOnItsOwn(): void
    {
        $before = $this->shop->refresh()->only(['working_hours', 'day_curves', 'tools', 'things', 'target_burn_through', 'meter_url']);
        $this->put('/shop', ['section' => 'places', 'cool_place_c' => '7', 'hours' => 'nonsense of another section'])->assertSessionHasNoErrors();
        self::assertSame(7.0, (float) $this->shop->refresh()->cool_place_c);
        self::assertEquals($before, $this->shop->only(array_keys($before)));
        $this->put('/shop', ['section' => 'bench', 'scale_step_g' => '0'])->assertSessionHasErrors('scale_step_g');
        $this->put('/shop', ['section' => 'week', 'cool_place_c' => '9'])->assertSessionHasErrors('hours');
        self::assertSame(7.0, (float) $this->shop->refresh()->cool_place_c);
    }

    public function testWhatIsSoughtOnTheShelfIsFoundAndWhatIsNotIsSaid(): void
    {
        $this->get('/shelf?q=twill')->assertOk()->assertSee('Twill 2×2')->assertDontSee('Tarn 60');
        $this->get('/shelf?q=%25zz')->assertOk()->assertSee(__('shelf.not_found', ['q' => '%zz']));
        $this->get('/shelf?kind=spoons')->assertOk()->assertSee('Tarn 60');
    }

    public function testAResinShowsItsCurveAndWhereItsActivationComesFrom(): void
    {
        $this->get('/shelf/resins/'.$this->resin('Tarn%medium%')->id)->assertSee(__('shelf.curve.title'))->assertSee('fitted through the rows')->assertSee('recoat until')->assertSee('28 °C');
        $this->get('/shelf/resins/'.$this->resin('Quickset%')->id)->assertSee('assumed, since fewer than two temperatures are known');
    }

    public function testAChangedSheetIsANewRowAndBegunPartsKeepTheOld(): void
    {
        $resin = $this->resin('Tarn%medium%');
        $begun = $this->partWithBuildCoat();
        $waiting = $this->makePart(['letter' => 'W']);
        $before = $this->planned($begun)->next?->window;
        $this->put("/shelf/resins/{$resin->id}", $this->sheet($resin, ['tack_until_age_min' => 500]))->assertSessionHasNoErrors();
        $new = Resin::query()->where('tack_until_age_min', 500)->firstOrFail();
        self::assertSame($new->id, $resin->fresh()?->superseded_by_id);
        self::assertEquals($before, $this->planned($begun)->next?->window);
        self::assertSame($new->id, $waiting->fresh()?->skinResin->id);
        $this->get('/shelf')->assertDontSee("/shelf/resins/{$resin->id}\"", false);
        $this->get("/shelf/resins/{$resin->id}")->assertRedirect("/shelf/resins/{$new->id}");
    }

    public function testTheSecondOfTwoWhoChangeASheetIsShownWhatTheFirstChanged(): void
    {
        $resin = $this->resin('Tarn%medium%');
        $this->put("/shelf/resins/{$resin->id}", $this->sheet($resin, ['tack_until_age_min' => 500]))->assertSessionHasNoErrors();
        $new = Resin::query()->where('tack_until_age_min', 500)->sole();
        $this->actingAs($this->makeUser($this->shop, 'bo@sample.example'));

        $mine = $this->sheet($resin, ['min_c' => 12.5]);
        $this->put("/shelf/resins/{$resin->id}", $mine)->assertRedirect("/shelf/resins/{$new->id}")->assertSessionHasErrors('tack_until_age_min');
        self::assertStringContainsString("Ada Sample changed it from {$resin->tack_until_age_min} to 500", session('errors')->first('tack_until_age_min'));
        self::assertNull($new->refresh()->superseded_by_id);
        $this->get("/shelf/resins/{$new->id}")->assertOk()->assertSee('value="12.5"', false)->assertSee('Ada Sample changed it');

        $this->put("/shelf/resins/{$new->id}", ['tack_until_age_min' => 500] + $mine)->assertSessionHasNoErrors();
        self::assertSame([500.0, 12.5], [Resin::query()->current()->where('name', $resin->name)->sole()->tack_until_age_min, Resin::query()->current()->where('name', $resin->name)->sole()->min_c]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongSheets(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a window that closes before it opens' => [['tack_until_age_min' => 100], 'tack_until_age_min'];
        yield 'sandable before it stops bonding' => [['sandable_age_min' => 200], 'sandable_age_min'];
        yield 'a density of lead' => [['density_mixed_g_cm3' => 11], 'density_mixed_g_cm3'];
        yield 'by weight without a weight' => [['hardener_phr' => ''], 'hardener_phr'];
        yield 'by volume without volumes' => [['ratio_kind' => 'volume'], 'volume_resin'];
        yield 'a resin at 400 degrees' => [['reference_c' => 400], 'reference_c'];
        yield 'viscosity in words' => [['viscosity_pa_s' => 'thick'], 'viscosity_pa_s'];
        yield 'a row without minutes' => [['sheet' => [['c' => 20, 'minutes' => '']]], 'sheet.0.minutes'];
        yield 'rows on which cold is faster' => [['sheet' => [['c' => 10, 'minutes' => 50], ['c' => 30, 'minutes' => 90]]], 'sheet'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrongSheets')]
    public function testAWrongSheetIsRefusedAtItsFieldAndNothingTypedIsLost(array $change, string $field): void
    {
        $resin = $this->resin('Tarn%medium%');
        $count = Resin::query()->count();
        $this->from("/shelf/resins/{$resin->id}")->put("/shelf/resins/{$resin->id}", $this->sheet($resin, $change))->assertSessionHasErrors($field);
        self::assertSame($count, Resin::query()->count());
        $this->get("/shelf/resins/{$resin->id}")->assertSee('Not kept yet')->assertSee('value="54000"', false);
    }

    public function testNewThingsComeOnTheShelf(): void
    {
        $this->post('/shelf/cloths', ['name' => 'Spread tow 90', 'weave' => 'plain', 'fibre' => 'carbon', 'areal_g_m2' => '90', 'width_mm' => '500', 'fibre_fraction' => '0.5', 'texture_ratio' => '0.3'])->assertSessionHasNoErrors();
        self::assertSame(90.0, Cloth::query()->where('name', 'Spread tow 90')->firstOrFail()->areal_g_m2);
        $this->post('/shelf/papers', ['name' => 'x', 'grit' => '333', 'form' => 'disc', 'sheets' => '3'])->assertSessionHasErrors('grit');
        $this->post('/shelf/papers', ['name' => 'Disc P80', 'grit' => '80', 'form' => 'disc', 'sheets' => '3'])->assertSessionHasNoErrors();
        self::assertSame(3, Paper::query()->where('grit', 80)->firstOrFail()->sheets);
    }

    public function testHoursAndAirAreKeptAndReplanEverything(): void
    {
        $part = $this->makePart();
        $ready = $this->planned($part)->schedule->readyMin();
        $this->put('/shop', $this->shopForm(hours: ['08:00', '12:00']))->assertSessionHasNoErrors();
        $this->shop->refresh();
        self::assertSame([[480, 720]], $this->shop->working_hours[1]);
        self::assertGreaterThan($ready, $this->planned($part)->schedule->readyMin());
        $this->get('/shop')->assertOk()->assertSee('value="12:00"', false);
    }

    public function testTypedPointsTakeTheCurvesPlace(): void
    {
        $form = $this->shopForm();
        $form['typed'] = [['at' => '2027-03-10T12:00', 'c' => '26'], ['at' => '2027-03-10T20:00', 'c' => '24'], ['at' => '', 'c' => '']];
        $this->put('/shop', $form)->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $floor = app(\App\Planning\Planner::class)->floor($this->shop->refresh());
        self::assertEqualsWithDelta(26.0 - 2.0 * 274.0 / 480.0, $floor->airNowC(), 1e-6);
    }

    public function testWrongHoursAndAirAreRefusedAtTheirField(): void
    {
        $backward = $this->shopForm(hours: ['18:00', '08:00']);
        $this->put('/shop', $backward)->assertSessionHasErrors('hours.1.0.0');
        $half = $this->shopForm();
        $half['hours'][2] = [['08:00', ''], ['', '']];
        $this->put('/shop', $half)->assertSessionHasErrors('hours.2.0.0');
        $words = $this->shopForm();
        $words['hours'][2][0][0] = 'eight';
        $this->put('/shop', $words)->assertSessionHasErrors('hours.2.0.0');
        $cold = $this->shopForm();
        $cold['air'][3]['warmest_c'] = '5';
        $this->put('/shop', $cold)->assertSessionHasErrors('air.3.warmest_c');
        $none = $this->shopForm();
        $none['hours'] = array_fill(1, 7, [['', ''], ['', '']]);
        $this->put('/shop', $none)->assertSessionHasErrors('hours.1.0.0');
        $lonely = $this->shopForm();
        $lonely['typed'] = [['at' => '2027-03-10T12:00', 'c' => '']];
        $this->put('/shop', $lonely)->assertSessionHasErrors('typed.0.c');
        self::assertSame([['08:00', '18:00']], $this->shop->refresh()->working_hours[1]);
    }

    public function testTheClockOfTheZoneRulesOverSummerTime(): void
    {
        $time = new \App\Time\ShopTime('Europe/Vienna');
        $work = $time->workingTime(array_fill(1, 7, [['08:00', '18:00']]), $this->minute('2027-03-27 00:00'), $this->minute('2027-03-29 00:00'));
        self::assertCount(2, $work->windows);
        self::assertSame(23.0 * 60.0, $work->windows[1][0] - $work->windows[0][0], 'the night is an hour shorter');
        self::assertSame('08:00', $time->local($work->windows[1][0])->format('H:i'));
    }

    private function resin(string $like): Resin
    {
        return Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', $like)->firstOrFail();
    }

    /** @param array<string, mixed> $change @return array<string, mixed> */
    private function sheet(Resin $resin, array $change): array
    {
        return $change + array_diff_key($resin->toArray(), array_flip(['id', 'shop_id', 'superseded_by_id', 'created_at', 'updated_at', 'uv_stable', 'assumed', 'made_up']));
    }

    /** @param array{string, string} $hours @return array<string, mixed> */
    private function shopForm(array $hours = ['08:00', '18:00']): array
    {
        return [
            'hours' => array_fill(1, 7, [[$hours[0], $hours[1]], ['', '']]),
            'air' => array_fill(1, 7, ['coldest_c' => '20', 'coldest_at' => '05:00', 'warmest_c' => '20', 'warmest_at' => '14:00']),
            'cup_loss_g' => '7', 'scale_step_g' => '0.1', 'target_percent' => '1',
        ];
    }
}
