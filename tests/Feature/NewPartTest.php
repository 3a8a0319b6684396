<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Part;
use App\Models\Resin;
use App\Planning\FewCups;
use App\Planning\FromPart;
use OakGloss\Method\Role;
use OakGloss\Plan\CupNotices;
use PHPUnit\Framework\Attributes\DataProvider;

final class NewPartTest extends ShopCase
{
    private const BONNET = ['length' => 1500, 'top' => 800, 'flank' => 200, 'bend_deg' => 30, 'bend_radius' => 10, 'edge_radius' => 3];

    public function testAPartIsMadeAndPlanned(): void
    {
        $this->post('/parts', $this->form(['needed_by' => '2027-04-01T12:00', 'sun' => '1']))->assertSessionHasNoErrors();
        $part = Part::query()->where('name', 'Stern cowl')->firstOrFail();
        self::assertSame(['M', true, false, '2027-04-01 10:00'], [$part->letter, $part->sun, $part->wear, $part->needed_by?->format('Y-m-d H:i')]);
        $this->get("/parts/{$part->id}")->assertOk()->assertSee('Stern cowl')->assertSee(__('section.title'))->assertSee(__('parts.day.title'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a tag of three letters' => [['letter' => 'ABC'], 'letter'];
        yield 'a material nobody knows' => [['substrate' => 'cheese'], 'substrate'];
        yield 'a size in words' => [['sizes' => ['length' => 'long', 'top' => 200, 'flank' => 120, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 3]], 'sizes.length'];
        yield 'a size that is missing' => [['sizes' => ['length' => 400, 'flank' => 120, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 3]], 'sizes.top'];
        yield 'a bend past upright' => [['sizes' => ['length' => 400, 'top' => 200, 'flank' => 120, 'bend_deg' => 100, 'bend_radius' => 10, 'edge_radius' => 3]], 'sizes.bend_deg'];
        yield 'a radius of nothing' => [['sizes' => ['length' => 400, 'top' => 200, 'flank' => 120, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 0.02]], 'sizes'];
        yield 'a date in words' => [['needed_by' => 'soon'], 'needed_by'];
        yield 'a thousand holes' => [['holes' => 1000], 'holes'];
        yield 'resin will not hold' => [['substrate' => 'polypropylene'], 'substrate'];
        yield 'the light part shows' => [['tone' => 'light', 'backing' => 'untinted'], 'backing'];
        yield 'yellows in the sun' => [['top' => 'polish_resin', 'sun' => '1'], 'top'];
        yield 'polished satin' => [['top' => 'polish_resin', 'finish' => 'satin'], 'top'];
        yield 'gloss clear for matt' => [['finish' => 'matt'], 'clear_id'];
        yield 'typed zones and none there' => [['zones_typed' => '1'], 'zones'];
        yield 'an edge without a radius' => [['zones_typed' => '1', 'zones' => [['name' => 'rim', 'kind' => 'edge', 'slope_deg' => 30, 'length_mm' => 50, 'area_cm2' => 20, 'radius_mm' => '', 'visibility' => 'show']]], 'zones.0.radius_mm'];
        yield 'only a bare zone' => [['zones_typed' => '1', 'zones' => [['name' => 'hole', 'kind' => 'bare', 'slope_deg' => 0, 'length_mm' => 50, 'area_cm2' => 20, 'visibility' => 'show']]], 'zones'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrong')]
    public function testAWrongFieldIsNamedAndNothingTypedIsLost(array $change, string $field): void
    {
        $form = $this->form($change);
        $this->from('/parts/new')->post('/parts', $form)->assertRedirect('/parts/new')->assertSessionHasErrors($field);
        self::assertSame(0, Part::query()->count());
        $back = $this->get('/parts/new')->assertOk();
        foreach (array_intersect_key($form, array_flip(['name', 'needed_by', 'holes', 'wrap_mm'])) as $typed) {
            $back->assertSee('value="'.e((string) $typed).'"', false);
        }
        foreach (is_array($form['sizes']) ? $form['sizes'] : [] as $size) {
            $back->assertSee('value="'.e((string) $size).'"', false);
        }
        $back->assertSee('Not kept yet')->assertSee('<strong>', false);
    }

    public function testARefusalSaysWhatCouldBeDone(): void
    {
        $this->post('/parts', $this->form(['substrate' => 'polypropylene']));
        self::assertStringContainsString('Resin does not hold on polypropylene', session('errors')->first('substrate'));
        self::assertStringContainsString('ABS or glass fibre', session('errors')->first('substrate'));
    }

    public function testBareMetalIsTakenWithPrimerInItsPlan(): void
    {
        $this->post('/parts', $this->form(['substrate' => 'steel']))->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        $this->get("/parts/{$part->id}")->assertSee(__('steps.prime.title'))->assertSee('Bare steel demands a primer');
        $this->put("/parts/{$part->id}", $this->form(['substrate' => 'steel', 'primed' => '1']))->assertSessionHasNoErrors();
        $this->get("/parts/{$part->id}")->assertDontSee(__('steps.prime.title'));
    }

    public function testInchesAreTheSamePart(): void
    {
        $this->post('/parts', $this->form(['letter' => 'A']));
        $inches = array_map(fn (float|int $mm): float => $mm / 25.4, ['length' => 400, 'top' => 200, 'flank' => 120, 'bend_radius' => 10, 'edge_radius' => 3]) + ['bend_deg' => 60];
        $this->post('/parts', $this->form(['letter' => 'B', 'unit' => 'in', 'sizes' => $inches]))->assertSessionHasNoErrors();
        [$a, $b] = Part::query()->orderBy('letter')->get()->all();
        self::assertEqualsWithDelta(FromPart::brief($a)->coatedAreaM2(), FromPart::brief($b)->coatedAreaM2(), 1e-9);
        $this->get("/parts/{$b->id}/edit")->assertOk()->assertSee('15.748031', false);
    }

    public function testEveryShapeGivesItsZones(): void
    {
        foreach (['panel' => ['length' => 300, 'width' => 200, 'edge_radius' => 3], 'dome' => ['diameter' => 300, 'height' => 80, 'edge_radius' => 3], 'half_tube' => ['length' => 300, 'tube_radius' => 80, 'edge_radius' => 3], 'box' => ['length' => 300, 'width' => 200, 'height' => 90, 'edge_radius' => 3]] as $shape => $sizes) {
            $this->post('/parts/answer', $this->form(['shape' => $shape, 'sizes' => $sizes]))->assertOk()->assertSee('ready by')->assertSee('Stays after flatting');
        }
    }

    public function testAreasMayBeTypedFaceByFace(): void
    {
        $zones = [
            ['name' => 'top', 'kind' => 'level', 'slope_deg' => 0, 'length_mm' => 300, 'area_cm2' => 900, 'radius_mm' => '', 'visibility' => 'show'],
            ['name' => 'bearing', 'kind' => 'bare', 'slope_deg' => 0, 'length_mm' => 30, 'area_cm2' => 50, 'radius_mm' => '', 'visibility' => 'hidden'],
        ];
        $this->post('/parts', $this->form(['shape' => 'faces', 'sizes' => [], 'zones' => $zones, 'zones_typed' => '1']))->assertSessionHasNoErrors();
        $brief = FromPart::brief(Part::query()->firstOrFail());
        self::assertEqualsWithDelta(0.09, $brief->coatedAreaM2(), 1e-12);
        self::assertCount(2, $brief->zones);
    }

    public function testTheAnswerGrowsWhileTyping(): void
    {
        $empty = $this->post('/parts/answer', ['shape' => 'bent_panel', 'unit' => 'mm'])->assertOk();
        $empty->assertSee(__('answer.open'))->assertDontSee('Still missing');
        $bare = array_diff_key($this->form(), ['sizes' => true]);
        $this->post('/parts/answer', $bare)
            ->assertSee(__('answer.still', ['what' => 'length, top, flank, bend, bend radius, edge radius']), false);
        $this->post('/parts/answer', ['sizes' => ['length' => 'long', 'top' => 200]] + $this->form())
            ->assertSee('Not read as length')->assertSee(__('answer.still', ['what' => 'flank, bend, bend radius, edge radius']), false);
        $this->post('/parts/answer', $this->form(['name' => '', 'letter' => '']))->assertSee('ready by')->assertSee('cloth piece')->assertSee('480 × 400 mm')->assertDontSee(__('answer.open'));
        $this->post('/parts/answer', $this->form(['substrate' => 'polypropylene']))->assertSee('Resin does not hold on polypropylene');
        self::assertSame(0, Part::query()->count());
    }

    public function testAnAnswerStillUnderWayDoesNotSwallowTheMessagesOfTheNextPage(): void
    {
        $this->from('/parts/new')->post('/parts', $this->form(['name' => '']))->assertSessionHasErrors('name');
        $this->post('/parts/answer', $this->form(), ['HX-Request' => 'true'])->assertOk();
        $this->get('/', ['HX-Request' => 'true'])->assertOk();
        $this->get('/parts/new')->assertSee('Not kept yet')->assertSee('Still missing: name');
    }

    public function testChangingTheShapeBringsItsSizes(): void
    {
        $this->post('/parts/answer', ['shape' => 'dome', 'unit' => 'in', 'sizes_for' => 'panel/in'])->assertSee('sizes[diameter]', false)->assertDontSee('sizes[flank]', false);
        $this->post('/parts/answer', ['shape' => 'dome', 'unit' => 'in', 'sizes_for' => 'dome/in'])->assertDontSee('sizes[diameter]', false);
        $this->post('/parts/answer', $this->form(['zones_typed' => '1']), ['HX-Trigger-Name' => 'zones_edit'])->assertSee('name="zones[0][area_cm2]"', false);
    }

    public function testTheBriefStandsWhereWorkRestsOnIt(): void
    {
        $part = $this->makePart();
        $this->get("/parts/{$part->id}/edit")->assertOk();
        $this->act($part, 'done', 'strip');
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/edit")->assertOk()->assertSee('by Strip to a sound surface');
        $this->put("/parts/{$part->id}", ['substrate' => 'wood'] + $this->form())->assertSessionHasErrors('substrate');
    }

    public function testAResinThatIsUvStableMayBePolishedInTheSun(): void
    {
        $uv = Resin::query()->where('uv_stable', true)->value('id');
        $this->post('/parts', $this->form(['top' => 'polish_resin', 'sun' => '1', 'skin_resin_id' => $uv, 'clear_id' => '']))->assertSessionHasNoErrors();
        $satin = Clear::query()->where('sheen', 'satin')->value('id');
        $this->post('/parts', $this->form(['letter' => 'N', 'finish' => 'satin', 'clear_id' => $satin]))->assertSessionHasNoErrors();
        self::assertSame(2, Part::query()->count());
    }

    /** A fast base in five cups for a bonnet: nobody picked it, so the form offers one that hands spread in time; what was picked stays. */
    public function testTheBaseIsOfferedByAreaAndHands(): void
    {
        $base = function (array $more): ?Resin {
            $form = $this->form(['sizes' => self::BONNET, 'method' => 'brush_on', 'with_for' => 'brush_on', ...$more]);
            preg_match('/<select[^>]*name="base_resin_id".*?<option value="(\d+)"[^>]*selected/s', (string) $this->post('/parts/answer', $form)->getContent(), $is);

            return Resin::query()->find((int) ($is[1] ?? 0));
        };
        $fast = Resin::query()->where('name', 'like', 'Quickset%')->firstOrFail();
        $offered = $base(['base_resin_id' => (string) $fast->id]);
        self::assertNotNull($offered);
        self::assertSame($fast->chemistry, $offered->chemistry);
        self::assertNull($base(['base_resin_id' => (string) $fast->id, 'picked' => 'tone base_resin_id skin_resin_id']), 'what was picked stays');
        self::assertNull($base(['base_resin_id' => (string) $fast->id, 'sizes' => ['flank' => 60, 'top' => 120, 'length' => 200] + self::BONNET, 'picked' => 'skin_resin_id'])?->name, 'and what is spread in time');
        $cups = function (Resin $of): float {
            $part = $this->makePart(['sizes' => self::BONNET, 'base_resin_id' => $of->id]);
            $plan = $this->planned($part)->plan;
            $part->delete();

            return CupNotices::cups($plan, $plan->first(Role::Base) ?? self::fail('no base'))->cups ?? INF;
        };
        self::assertGreaterThan(FewCups::MOST, $cups($fast));
        self::assertLessThanOrEqual(FewCups::MOST, $cups($offered));
    }
}
