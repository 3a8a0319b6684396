<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use OakGloss\Choosing\Lies;
use OakGloss\Cloth\SheetYield;
use OakGloss\Method\Methods;
use PHPUnit\Framework\Attributes\DataProvider;

/** The questions that a new part begins with, and what its form begins with then. */
final class ChoosingTest extends ShopCase
{
    public function testAskedNothingItProposesAndPlansBoth(): void
    {
        $page = $this->get('/parts/choose')->assertOk()->assertSee('Brush-on skin')->assertSee('runner-up')->assertSee(__('choose.schools'));
        self::assertSame(2, substr_count((string) $page->getContent(), 'class="way-figures'));
        $this->get('/parts/choose', ['HX-Request' => 'true'])->assertOk()->assertDontSee('<html', false)->assertSee('id="ways"', false);
        $this->get('/parts/choose?purpose=brake')->assertOk()->assertSee(__('choose.none'))->assertSee('Nothing of the brakes')->assertDontSee(__('choose.take'));
        $this->get('/parts/choose?substrate=polyethylene')->assertOk()->assertSee('Resin does not hold on this plastic');
    }

    #[DataProvider('lies')]
    public function testWhateverLiesThereHasAWayThatCanBePlannedAsItStands(string $lies): void
    {
        $found = (string) $this->get("/parts/choose?lies={$lies}&substrate=glass_fibre&form=flat&length=500&width=300")->assertOk()->getContent();
        preg_match('~href="([^"]+/parts/new\?method=[^"]+)"~', $found, $link);
        self::assertNotSame([], $link, $lies);
        $form = (string) $this->get(html_entity_decode($link[1]))->assertOk()->getContent();
        preg_match('~name="method".*?value="(\w+)" *selected~s', $form, $picked);
        self::assertArrayHasKey($picked[1] ?? '', Methods::all());
        self::assertMatchesRegularExpression('~name="sizes\[\w+\]"[^>]*value="\d+~', $form, 'its sizes are the ones that were said');
        self::assertStringNotContainsString('is-wrong', $form);
    }

    /** @return iterable<string, array{string}> */
    public static function lies(): iterable
    {
        foreach (Lies::cases() as $lies) {
            yield $lies->value => [$lies->value];
        }
    }

    /** @return array<string, string> sizes that the form of a way begins with */
    private function sizes(string $page): array
    {
        preg_match_all('~name="sizes\[(\w+)\]"[^>]*?value="([\d.]+)"~s', $page, $found);

        return array_combine($found[1], $found[2]);
    }

    /** Four plates of 200 × 120 are cut from a sheet that holds them, not made smaller. */
    public function testWhatIsTypedIsKept(): void
    {
        $sizes = $this->sizes((string) $this->get('/parts/new?method=flat_sheet&form=flat&length=200&width=120&pieces=4')->assertOk()->getContent());
        self::assertSame(['200', '120'], [$sizes['part_length'], $sizes['part_width']]);
        self::assertGreaterThanOrEqual(4, SheetYield::of((float) $sizes['length'], (float) $sizes['width'], 200.0, 120.0)->count());
        self::assertLessThan(2.0 * 4 * 200 * 120, (float) $sizes['length'] * (float) $sizes['width'], 'and no more than it takes');
        $panel = (string) $this->get('/parts/new?method=brush_on&form=flat&length=200&width=120')->assertOk()->getContent();
        self::assertSame(['200', '120'], [$this->sizes($panel)['length'], $this->sizes($panel)['width']]);
        // To another way and back it stays flat, and as long and wide.
        $plate = ['method' => 'flat_sheet', 'shape' => 'panel', 'sizes_for' => 'panel/mm', 'sizes' => ['length' => '200', 'width' => '120', 'edge_radius' => '3'], 'unit' => 'mm'];
        $there = $this->sizes((string) $this->post('/parts/answer', $plate, ['HX-Request' => 'true'])->assertOk()->getContent());
        self::assertSame(['200', '120'], [$there['part_length'], $there['part_width']]);
        $back = (string) $this->post('/parts/answer', ['method' => 'brush_on', 'shape' => 'sheet', 'sizes_for' => 'sheet/mm', 'sizes' => $there + ['length' => '500', 'width' => '300']] + $plate, ['HX-Request' => 'true'])->assertOk()->getContent();
        self::assertSame(['200', '120'], [$this->sizes($back)['length'], $this->sizes($back)['width']]);
        self::assertStringContainsString('name="sizes_for" value="panel/mm"', $back);
        // From 3 mm, and every way's link carries what was typed.
        $this->get('/parts/choose?length=3&width=3')->assertOk()->assertDontSee(__('choose.none'))->assertSee('length=3&amp;width=3', false);
        $this->get('/parts/choose?length=2', ['HX-Request' => 'true'])->assertSee('Between 3 and 3000: length.');
    }

    public function testWhatTheShopLacksIsSaidAndCounts(): void
    {
        $this->shop->update(['tools' => ['spray_gun']]);
        $this->get('/parts/choose?form=deep')->assertSee(__('choose.lacks', ['tools' => 'vacuum pump']));
        $week = ['hours' => array_fill(1, 7, [['08:00', '18:00'], [null, null]]), 'air' => $this->shop->day_curves, 'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1];
        $this->put('/shop', $week + ['tools' => ['vacuum_pump', 'spray_gun'], 'leak_mbar' => '8', 'things' => ['oven' => 1]])->assertSessionHasNoErrors();
        self::assertSame([['vacuum_pump', 'spray_gun'], 8.0, 1], [$this->shop->refresh()->tools, $this->shop->leak_mbar, $this->shop->things['oven']]);
        $this->get('/parts/choose?form=deep')->assertDontSee('The shop lacks: vacuum pump');
        $this->put('/shop', $week + ['tools' => ['anvil']])->assertSessionHasErrors('tools.0');
        $this->put('/shop', $week)->assertSessionHasNoErrors();
        self::assertSame(['vacuum_pump', 'spray_gun'], $this->shop->refresh()->tools, 'a form without tools takes none away');
    }

    /** A part that is finished is no part of the plan's state, and still says what a new one begins with. */
    public function testAnotherResinIsAnotherProposal(): void
    {
        $grams = function (): string {
            preg_match_all('~<dd>([\d. ]+ g)</dd>~', (string) $this->get('/parts/choose')->assertOk()->getContent(), $found);

            return implode($found[1]);
        };
        $before = $grams();
        $other = Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', 'Willow 9%')->firstOrFail();
        $this->makePart(['letter' => 'Z', 'base_resin_id' => $other->id, 'skin_resin_id' => $other->id, 'finished_at' => '2027-03-01 10:00:00']);
        app()->forgetScopedInstances();
        self::assertNotSame('', $before);
        self::assertNotSame($before, $grams());
    }

    public function testALookThatIsNotGlossBringsItsClear(): void
    {
        $satin = Clear::query()->where('shop_id', $this->shop->id)->where('sheen', 'satin')->value('id');
        $form = (string) $this->get('/parts/new?method=brush_on&finish=satin')->assertOk()->getContent();
        self::assertMatchesRegularExpression("~name=\"clear_id\".*?value=\"{$satin}\" *selected~s", $form);
    }

    public function testNonsenseIsAnsweredInWords(): void
    {
        $this->get('/parts/choose?lies=elephant')->assertStatus(422);
        $this->get('/parts/choose?pieces=0', ['HX-Request' => 'true'])->assertOk()->assertSee(__('choose.fields.pieces'))->assertSee('id="ways"', false);
        $this->get('/parts/new?method=elephant')->assertOk();
    }

    /** Catalyst goes by the air as it is, in whole drops; a form keeps its sheet. */
    public function testAPolyesterIsCountedInDropsAtTheScale(): void
    {
        $polyester = Resin::query()->where('shop_id', $this->shop->id)->where('chemistry', 'polyester')->sole();
        $this->post('/parts', ['method' => 'glue_down', 'substrate' => 'glass_fibre', 'skin_resin_id' => $polyester->id, 'top' => 'polish_resin', 'plies' => '1', 'hard_top' => 'wax'] + $this->form())->assertSessionHasNoErrors();
        $part = Part::query()->where('letter', 'M')->sole();
        foreach (['strip', 'wipe-1', 'key', 'wipe-2', 'mist-1', 'unroll-1', 'trim'] as $step) {
            $this->fact($part, 'skipped', $step, self::NOW);
        }
        $this->fact($part, 'ready', 'wet-out', self::NOW);
        $page = $this->get("/parts/{$part->id}/weigh/wet-out")->assertOk()->assertSee('drops</b> of catalyst', false)->assertSee('of the resin; its data sheet has 1.0 to 2.0 %');
        preg_match('~<b>(\d+) drops</b>~', (string) $page->getContent(), $drops);
        $this->post("/parts/{$part->id}/weigh/wet-out", ['component' => 'resin', 'grams' => '33.1', 'token' => 'a1'])->assertSessionHasNoErrors();
        $this->get("/parts/{$part->id}/weigh/wet-out")->assertSee('name="drops"', false);
        $this->post("/parts/{$part->id}/weigh/wet-out", ['component' => 'hardener', 'drops' => '0', 'token' => 'a2'])->assertSessionHasErrors('drops');
        $this->post("/parts/{$part->id}/weigh/wet-out", ['component' => 'hardener', 'drops' => $drops[1], 'token' => 'a3'])->assertSessionHasNoErrors();
        $weighed = PartFact::query()->where('part_id', $part->id)->where('kind', 'weighed')->latest('id')->firstOrFail();
        self::assertEqualsWithDelta((int) $drops[1] * 1.18 / 22.0, $weighed->data['grams'] ?? null, 0.001);
        $this->put("/shelf/resins/{$polyester->id}", ['catalyst_rows' => [['c' => '18', 'percent' => '1.8'], ['c' => '24', 'percent' => '1.2']], 'catalyst_density' => '1.15', 'catalyst_drops' => '20', 'uv_stable' => '1'] + $polyester->only(['name', 'sheet', 'reference_c', 'tack_from_age_min', 'tack_until_age_min', 'sandable_age_min', 'full_age_min', 'ratio_kind', 'hardener_phr', 'density_resin_g_cm3', 'density_hardener_g_cm3', 'density_mixed_g_cm3', 'viscosity_pa_s', 'viscosity_ea_j_mol', 'gel_age_min', 'shrinkage', 'pot_life_min', 'pot_mass_g', 'pot_c', 'min_c', 'max_c', 'ultimate_tg_c', 'chemistry', 'use', 'pigment_fraction']))->assertSessionHasNoErrors();
        $new = Resin::query()->where('shop_id', $this->shop->id)->where('chemistry', 'polyester')->latest('id')->firstOrFail();
        self::assertEquals(['rows' => [['c' => 18.0, 'percent' => 1.8], ['c' => 24.0, 'percent' => 1.2]], 'density' => 1.15, 'drops_per_ml' => 20.0], $new->catalyst);
        $this->get("/shelf/resins/{$new->id}?section=sheet")->assertOk()->assertSee(__('shelf.catalyst.drops'));
        $this->put("/shelf/resins/{$new->id}", ['catalyst_rows' => [['c' => '18', 'percent' => '40']]] + $new->only(['name']))->assertSessionHasErrors(['catalyst_rows.0.percent', 'catalyst_density']);
    }
}
