<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\PartSlot;
use App\Models\Resin;
use App\Models\StoredItem;
use Illuminate\Testing\TestResponse;
use OakGloss\Film\FilmSource;
use OakGloss\Method\Role;
use OakGloss\Plan\SheetPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** What a form of each way of working asks, keeps and refuses. */
final class WaysOfWorkingTest extends ShopCase
{
    private const SHEET = ['method' => 'flat_sheet', 'shape' => 'sheet', 'sizes' => ['length' => 24, 'width' => 16, 'part_length' => 6, 'part_width' => 4], 'unit' => 'in', 'plies' => '3', 'faces' => 'both'];

    /** @return iterable<string, array{array<string, mixed>, string}> form, field */
    public static function refused(): iterable
    {
        yield 'no such way' => [['method' => 'by_magic'], 'method'];
        yield 'metal that is none' => [['method' => 'sheet_metal', 'filler_id' => '{filler}'], 'method'];
        yield 'metal without filler clear' => [['method' => 'sheet_metal', 'substrate' => 'steel', 'filler_id' => ''], 'filler_id'];
        yield 'an untinted base on metal' => [['method' => 'sheet_metal', 'substrate' => 'steel', 'filler_id' => '{filler}', 'backing' => 'untinted'], 'backing'];
        yield 'a rescue of nothing' => [['method' => 'rescue', 'film_um' => '', 'film_relief_um' => '80', 'film_known_by' => 'guessed'], 'film_um'];
        yield 'a film known by nobody' => [['method' => 'rescue', 'film_um' => '120', 'film_relief_um' => '80', 'film_known_by' => 'rumour'], 'film_known_by'];
        yield 'a sheet that is bent' => [['method' => 'flat_sheet'], 'shape'];
        yield 'a skin on a plate' => [['shape' => 'sheet', 'sizes' => self::SHEET['sizes']], 'shape'];
        yield 'a sheet without parts' => [['sizes' => ['length' => 24, 'width' => 16]] + self::SHEET, 'sizes.part_length'];
        yield 'three plies of a skin' => [['plies' => '3'], 'plies'];
        yield 'adhesive in the sun' => [['holding' => 'adhesive', 'sun' => '1'], 'holding'];
    }

    /** @param array<string, mixed> $form */
    #[DataProvider('refused')]
    public function testIsRefusedAtItsFieldAndNothingTypedIsLost(array $form, string $field): void
    {
        $filler = (string) Clear::query()->where('shop_id', $this->shop->id)->where('kind', 'filler')->value('id');
        $form = array_map(fn (mixed $v): mixed => $v === '{filler}' ? $filler : $v, $form);
        $this->from('/parts/new')->post('/parts', $this->form($form))->assertRedirect('/parts/new')->assertSessionHasErrors($field);
        self::assertSame('Stern cowl', session()->getOldInput('name'));
        $this->get('/parts/new')->assertOk()->assertSee('Stern cowl');
    }

    /** The fields that another way asks for are answered as they will stand, in the same go. */
    public function testAnotherWayIsAnsweredAtOnce(): void
    {
        $this->makePart(['letter' => 'S', 'base_resin_id' => Resin::query()->where('name', 'like', 'Tarn 60%fast%')->value('id')]);
        $this->makePart(['letter' => 'T', 'method' => 'rescue', 'base_resin_id' => null]);
        $form = $this->form(['with_for' => 'brush_on', 'method' => 'sheet_metal', 'primed' => '1', 'plies' => '2', 'filler_id' => '', 'base_resin_id' => '']);
        $page = $this->post('/parts/answer', $form)->assertOk()->assertDontSee('Grows while you type')->assertSee(__('answer.ready'));
        self::assertSame(['steel', 'aluminium'], $this->offered($page, 'substrate'));
        $page->assertSee('selected>Tarn 60 laminating, fast hardener</option>', false);

        $sheet = $this->post('/parts/answer', ['sizes' => self::SHEET['sizes'], 'method' => 'flat_sheet'] + $form)->assertOk();
        $sheet->assertDontSee('Grows while you type')->assertSee('name="plies"', false);
        self::assertSame([], $this->offered($sheet, 'substrate'), 'a sheet is its own part');
        // Back again: four plies are no choice of a skin.
        $skin = $this->post('/parts/answer', ['with_for' => 'flat_sheet', 'method' => 'brush_on', 'plies' => '4'] + $form)->assertOk();
        $skin->assertDontSee('Grows while you type');
        self::assertCount(12, $this->offered($skin, 'substrate'));
    }

    /**
     * @param TestResponse<Response> $page
     *
     * @return list<string>
     */
    private function offered(TestResponse $page, string $field): array
    {
        preg_match('/<select[^>]*name="'.$field.'".*?<\/select>/s', (string) $page->getContent(), $select);
        preg_match_all('/<option value="([^"]*)"/', $select[0] ?? '', $options);

        return $options[1];
    }

    public function testASheetIsKeptInMillimetresWithItsPartsAndFlaws(): void
    {
        $heavy = Cloth::query()->where('shop_id', $this->shop->id)->where('areal_g_m2', 285)->sole();
        $this->post('/parts', $this->form(['inner_cloth_id' => $heavy->id] + self::SHEET))->assertSessionHasNoErrors();
        $part = Part::query()->where('letter', 'M')->sole();
        self::assertSame(285.0, $this->planned($part)->plan->step('ply-2')?->laidGM2);
        $this->get("/parts/{$part->id}")->assertSee($heavy->name);
        self::assertNull($part->base_resin_id, 'no base is laid');
        $sheet = SheetPlan::of($this->planned($part)->plan) ?? self::fail('no sheet');
        self::assertEqualsWithDelta([609.6, 406.4, 152.4, 101.6], [$sheet->yield->lengthMm, $sheet->yield->widthMm, $sheet->yield->blankLengthMm, $sheet->yield->blankWidthMm], 1e-6);
        $this->get("/parts/{$part->id}/film")->assertOk();
        $this->get('/')->assertOk()->assertSee(__('steps.wipe_plate.title'));
        $this->act($part, 'flawed', 'look', ['along' => '80', 'across' => '50', 'radius' => '0'])->assertSessionHasErrors('radius');
        $this->act($part, 'flawed', 'wipe-plate', ['along' => '80', 'across' => '50', 'radius' => '10'])->assertSessionHasErrors();
        self::assertSame(0, $part->facts()->count());
    }

    /** Waits of wax, film and primer are those of their sheets; a sheet that changes is followed until the part is begun. */
    public function testAidsBringTheirWaits(): void
    {
        $aid = fn (string $what): StoredItem => StoredItem::query()->where('shop_id', $this->shop->id)->where('kind', 'aids')->where('data->what', $what)->sole();
        $this->post('/shelf/aids', ['name' => 'Slow wax', 'what' => 'wax', 'coats' => '5', 'between_min' => '25', 'ready_min' => '90', 'holds_min' => '0'])->assertSessionHasNoErrors();
        $slow = StoredItem::query()->where('name', 'Slow wax')->sole();
        $this->post('/parts', $this->form(['wax_id' => $slow->id, 'release_film_id' => $aid('release_film')->id] + self::SHEET))->assertSessionHasNoErrors();
        $part = Part::query()->where('letter', 'M')->sole();
        $plan = $this->planned($part)->plan;
        self::assertSame([25.0, 90.0, 30.0], array_map(fn (string $key): ?float => $plan->step($key)?->step->follow->leastMin, ['wax-5', 'release-film', 'ply-1']));
        $this->put("/shelf/aids/{$slow->id}", ['name' => 'Slow wax', 'what' => 'wax', 'coats' => '2', 'between_min' => '25', 'ready_min' => '120', 'holds_min' => '0'])->assertSessionHasNoErrors();
        self::assertSame(120.0, $this->planned($part)->plan->step('release-film')?->step->follow->leastMin);
        self::assertNull($this->planned($part)->plan->step('wax-3'));
        $this->post('/parts', $this->form(['letter' => 'N', 'wax_id' => $aid('primer')->id] + self::SHEET))->assertSessionHasErrors('wax_id');
        $this->post('/shelf/aids', ['name' => 'Odd mist', 'what' => 'adhesive', 'coats' => '1', 'between_min' => '0', 'ready_min' => '30', 'holds_min' => '5'])->assertSessionHasErrors();
    }

    /** A slug measured before the first block is worth a round, and what it says stands on the film page. */
    public function testARescueIsReadBeforeItIsBegun(): void
    {
        $this->post('/parts', $this->form(['method' => 'rescue', 'substrate' => 'carbon', 'film_um' => '150', 'film_relief_um' => '110', 'film_known_by' => 'guessed']))->assertSessionHasNoErrors();
        $part = Part::query()->where('letter', 'M')->sole();
        self::assertSame(FilmSource::Guessed, $part->film_known_by);
        $this->get("/parts/{$part->id}")->assertOk()->assertSee('Measured, the same film would ask for fewer rounds');
        $before = $this->planned($part)->plan;
        self::assertSame(2, $before->buildCoats);
        foreach ($before->zonesNow as $zone) {
            app()->forgetScopedInstances();
            $this->post("/parts/{$part->id}/film", ['kind' => 'measured', 'zone' => $zone->zone->name, 'way' => 'cut_face', 'unit' => 'um', 'um' => '280', 'n' => '5'])->assertSessionHasNoErrors();
        }
        $after = $this->planned($part)->plan;
        self::assertSame(0, $after->buildCoats);
        self::assertLessThan($before->zonesNow[0]->meanDoubtUm(), $after->zonesNow[0]->meanDoubtUm());
        $this->get("/parts/{$part->id}/film")->assertOk()->assertSee('Go on.');
    }

    /** A part that is not begun may be planned another way; what the new way has no slot for goes, and comes back with it. */
    public function testAnotherWayOfWorkingForAPartThatIsNotBegun(): void
    {
        $part = $this->makePart(['letter' => 'M', 'substrate' => 'carbon']);
        $form = $this->form(['method' => 'rescue', 'substrate' => 'carbon', 'film_um' => '140', 'film_relief_um' => '90', 'film_known_by' => 'gauged', 'editing' => $part->id]);
        $this->put("/parts/{$part->id}", $form)->assertSessionHasNoErrors();
        self::assertNotNull($this->planned($part)->plan->step('block-1'));
        self::assertSame(['clear', 'cloth', 'skin'], PartSlot::query()->where('part_id', $part->id)->orderBy('slot')->pluck('slot')->map(fn ($s): string => $s->value)->all());
        $this->put("/parts/{$part->id}", $this->form(['substrate' => 'carbon', 'editing' => $part->id]))->assertSessionHasNoErrors();
        self::assertNotNull($this->planned($part)->plan->first(Role::Base));
        self::assertSame(4, PartSlot::query()->where('part_id', $part->id)->count());
    }

    /** Each fact keeps what its step was, so that a coat stays where it lies whatever the plan becomes. */
    public function testACoatStaysWhenItsStepIsGone(): void
    {
        $part = $this->partWithBuildCoat();
        $before = $this->planned($part)->plan->zonesNow[0]->after->meanUm;
        $this->fact($part, 'coat_on', 'old-key', '2027-03-10 14:50', ['grams' => 20.0]);
        self::assertNull($this->planned($part)->plan->step('old-key'), 'what it is nobody knows');
        PartFact::query()->create(['role' => 'build', 'nth' => 2, 'token' => 'with a role', 'step' => 'older-key'] + $part->facts()->reorder('id', 'desc')->firstOrFail()->only(['part_id', 'user_id', 'air_c', 'happened_at', 'recorded_at']) + ['kind' => 'coat_on', 'data' => ['grams' => 20.0]]);
        $plan = $this->planned($part)->plan;
        self::assertSame(Role::Build, $plan->step('older-key')?->step->role);
        self::assertGreaterThan($before + 20.0, $plan->zonesNow[0]->after->meanUm, 'and its film counts');
    }

    public function testACopiedPartTakesWhatItIsMadeWith(): void
    {
        $part = $this->makePart()->load('slots');
        $copy = $part->replicate()->fill(['letter' => 'C']);
        $copy->save();
        self::assertSame($part->sheetIds(), $copy->fresh()?->sheetIds());
        $other = (int) Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', '%slow%')->value('id');
        $copy->update(['skin_resin_id' => $other]);
        self::assertSame([$other, $part->skin_resin_id], [$copy->fresh()?->skin_resin_id, $part->fresh()?->skin_resin_id]);
    }
}
