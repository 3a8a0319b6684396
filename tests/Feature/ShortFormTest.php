<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Planning\PaceBook;
use App\Shelf\FromShelf;
use OakGloss\Cure\Spread;
use OakGloss\Method\Finding;
use PHPUnit\Framework\Attributes\TestWith;

/** One's own resin, clear and cloth off the label: what is asked, what is assumed, and what is never. */
final class ShortFormTest extends ShopCase
{
    private const EPOXY = ['short' => 'epoxy', 'name' => 'Cove', 'opacity' => 'clear', 'pot_life_min' => '40', 'pot_mass_g' => '150', 'pot_c' => '20', 'reference_c' => '20', 'tack_from_age_min' => '150', 'tack_until_age_min' => '360', 'sandable_age_min' => '1440', 'full_age_min' => '10080'];

    private const BY_VOLUME = ['ratio_kind' => 'volume', 'volume_resin' => '2', 'volume_hardener' => '1'];

    /** @param array<string, mixed> $typed */
    private function epoxy(array $typed): Resin
    {
        $this->post('/shelf/resins', $typed + self::EPOXY)->assertSessionHasNoErrors();

        return Resin::query()->where('name', 'Cove')->current()->sole();
    }

    public function testAnEpoxyByWeightIsAssumedWhereItsLabelIsSilentAndDoubtedMore(): void
    {
        $resin = $this->epoxy(['ratio_kind' => 'weight', 'hardener_phr' => '32']);
        self::assertSame([32.0, 150.0, 1.2, 126.0, false], [$resin->hardener_phr, $resin->tack_from_age_min, $resin->viscosity_pa_s, $resin->gel_age_min, $resin->made_up]);
        self::assertEqualsCanonicalizing(['stall_c', 'min_c', 'ultimate_tg_c', 'density_resin_g_cm3', 'density_hardener_g_cm3', 'density_mixed_g_cm3', 'pigment_fraction', 'viscosity_pa_s', 'viscosity_ea_j_mol', 'shrinkage', 'gel_age_min', 'sheet'], $resin->assumed());
        self::assertSame(Spread::ASSUMED_SIGMA, FromShelf::resin($resin)->rateSigma);
        self::assertFalse($resin->isByCup());
        $this->get("/shelf/resins/{$resin->id}")->assertOk()->assertSee(__('shelf.unproven.ask'))->assertSee('Viscosity mixed')->assertSee(__('shelf.unproven.mark'));

        // What somebody types is assumed no more; the rest is.
        $this->put("/shelf/resins/{$resin->id}", ['section' => '4', 'viscosity_pa_s' => '0.9', 'viscosity_ea_j_mol' => '54000', 'gel_age_min' => '126', 'shrinkage' => '0.03'])->assertSessionHasNoErrors();
        $typed = Resin::query()->where('name', 'Cove')->current()->sole();
        self::assertNotContains('viscosity_pa_s', $typed->assumed());
        self::assertContains('shrinkage', $typed->assumed());

        $this->post("/shelf/resins/{$typed->id}/confirm")->assertSessionHasNoErrors();
        self::assertSame([[], Spread::SHEET_SIGMA], [$typed->refresh()->assumed(), FromShelf::resin($typed)->rateSigma]);
        $this->get('/people/audit')->assertSee('confirmed the data sheet of Cove');
    }

    /** @param array<string, string> $typed */
    #[TestWith([['ratio_kind' => 'weight'], 'hardener_phr'])]
    #[TestWith([['ratio_kind' => 'volume', 'volume_resin' => '2'], 'volume_hardener'])]
    #[TestWith([['ratio_kind' => 'weight', 'hardener_phr' => '32', 'tack_from_age_min' => ''], 'tack_from_age_min'])]
    public function testWhatIsNeverAssumedIsAskedAtItsField(array $typed, string $field): void
    {
        $this->from('/shelf/short/epoxy')->post('/shelf/resins', $typed + self::EPOXY)->assertSessionHasErrors($field);
        $this->get('/shelf/short/epoxy')->assertOk()->assertSee('Still missing')->assertSee('value="Cove"', false);
        self::assertSame(0, Resin::query()->where('name', 'Cove')->count());
    }

    public function testAPolyesterGoesByItsGelAndIsNeverCatalysedByAGuess(): void
    {
        $label = ['short' => 'polyester', 'name' => 'Wick', 'opacity' => 'clear', 'pot_life_min' => '20', 'pot_c' => '20', 'catalyst_drops_g' => '22'];
        $this->from('/shelf/short/polyester')->post('/shelf/resins', $label)->assertSessionHasErrors('catalyst_rows.0.percent');
        $rows = ['catalyst_rows' => [['c' => '15', 'percent' => '2'], ['c' => '20', 'percent' => '1.5']]];
        $this->post('/shelf/resins', array_diff_key($label, ['catalyst_drops_g' => '']) + $rows)->assertSessionHasErrors('catalyst_drops');
        $this->post('/shelf/resins', $label + $rows)->assertSessionHasNoErrors();
        $this->post('/shelf/resins', ['name' => 'Wick, waxed', 'waxed' => '1'] + $label + $rows)->assertSessionHasNoErrors();
        [$open, $waxed] = [Resin::query()->where('name', 'Wick')->sole(), Resin::query()->where('name', 'Wick, waxed')->sole()];
        self::assertSame(['polyester', 1.5, 38.0, 260.0], [$open->chemistry, $open->hardener_phr, $open->tack_from_age_min, $open->tack_until_age_min]);
        self::assertLessThan($open->tack_until_age_min, $waxed->tack_until_age_min, 'wax closes its face');
        self::assertEquals([15.0, 20.0], array_column($open->catalyst['rows'] ?? [], 'c'));
        self::assertNotContains('hardener_phr', $open->assumed());
        self::assertSame(20.0, FromShelf::resin($open)->catalyst?->hottestC(), 'no row beyond what the label has');
    }

    public function testAClearAndACloth(): void
    {
        $label = ['short' => 'clear', 'name' => 'Heron satin', 'kind' => 'two_part', 'sheen' => 'satin', 'isocyanate' => '1', 'hardener_parts' => '50', 'reducer_parts' => '10', 'flash_min' => '12', 'ready_after_min' => '960', 'volume_solids' => '0.4'];
        $this->post('/shelf/clears', $label)->assertSessionHasErrors('sheet_gu');
        $this->post('/shelf/clears', ['sheet_gu' => '38'] + $label)->assertSessionHasNoErrors();
        $clear = Clear::query()->where('name', 'Heron satin')->sole();
        self::assertSame([58.0, true, 0.4], [$clear->wet_um, $clear->isocyanate, $clear->volume_solids]);
        self::assertContains('wet_um', $clear->assumed());
        self::assertNotContains('volume_solids', $clear->assumed());
        $this->post('/shelf/cloths', ['short' => 'cloth', 'name' => 'Kelp', 'weave' => 'plain', 'fibre' => 'carbon', 'areal_g_m2' => '240', 'width_mm' => '1200'])->assertSessionHasNoErrors();
        self::assertSame([0.6, ['fibre_fraction', 'texture_ratio']], [Cloth::query()->where('name', 'Kelp')->sole()->texture_ratio, Cloth::query()->where('name', 'Kelp')->sole()->assumed()]);
    }

    /** By volume without densities no page says grams of it, until 100 ml of each were weighed. */
    public function testAnEpoxyByVolumeIsMeasuredInACupUntilItsJarsAreWeighed(): void
    {
        $resin = $this->epoxy(self::BY_VOLUME);
        self::assertTrue($resin->isByCup());
        $part = $this->makePart(['skin_resin_id' => $resin->id, 'base_resin_id' => $resin->id]);
        foreach ([['done', 'strip', '10 08:20'], ['wiped', 'wipe-1', '10 08:25'], ['sanded', 'key', '10 08:40', ['grit' => 150]], ['wiped', 'wipe-2', '10 16:30'], ['ready', 'base', '10 16:31']] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }
        foreach (["/parts/{$part->id}", "/parts/{$part->id}/weigh/base", '/', "/parts/{$part->id}/money", '/shelf/to-buy'] as $page) {
            app()->forgetScopedInstances();
            $said = preg_replace('~<(script|style|svg)\b.*?</\1>|<details.*?</details>~su', '', (string) $this->get($page)->assertOk()->getContent());
            preg_match_all('/[\d.]+ g (?:resin|hardener|<)|Cove,? (?:resin|hardener|pigment)\W*<td[^>]*>\W*[\d.]+ g\b/u', strip_tags((string) $said, ['td']), $grams);
            self::assertSame([], $grams[0], $page);
        }
        self::assertContains('mix.too_small_ml', array_map(fn (Finding $f): string => $f->code, $this->planned($part)->findings()));
        $this->get("/parts/{$part->id}")->assertSee('Measure it with a syringe')->assertDontSee('too small for a scale');
        $weigh = $this->get("/parts/{$part->id}/weigh/base")->assertSee('by volume, in a graduated cup')->assertSee('name="ml"', false)->assertDontSee('name="grams"', false);
        preg_match('~pour-title.*?num">([\d.]+)\x{A0}ml~su', (string) $weigh->getContent(), $mark);
        $ml = (float) ($mark[1] ?? self::fail('no mark in millilitres'));
        $this->post("/parts/{$part->id}/weigh/base", ['component' => 'resin', 'ml' => (string) $ml])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($ml * 1.14, PartFact::query()->where('kind', 'weighed')->sole()->data['grams'], 0.01);
        $this->post("/parts/{$part->id}/weigh/base", ['component' => 'pigment', 'ml' => '0.5'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        preg_match('~pour-title.*?num">([\d.]+)\x{A0}ml~su', (string) $this->get("/parts/{$part->id}/weigh/base")->getContent(), $hardener);
        self::assertEqualsWithDelta(0.5, (float) ($hardener[1] ?? 0) / $ml, 0.02, 'two to one by the marks');

        $this->post("/shelf/resins/{$resin->id}/densities", ['resin_100_ml' => '9', 'hardener_100_ml' => '98'])->assertSessionHasErrors('resin_100_ml');
        // A press that all is right weighs no jar.
        $this->post("/shelf/resins/{$resin->id}/confirm")->assertSessionHasNoErrors();
        self::assertTrue($resin->refresh()->isByCup());
        $this->post("/shelf/resins/{$resin->id}/densities", ['resin_100_ml' => '112', 'hardener_100_ml' => '98'])->assertSessionHasNoErrors();
        // Who weighed them too, a moment later, makes no second sheet of it.
        $this->post("/shelf/resins/{$resin->id}/densities", ['resin_100_ml' => '113', 'hardener_100_ml' => '98'])->assertSessionHasErrors('sheet');
        $weighed = Resin::query()->where('name', 'Cove')->current()->sole();
        self::assertSame([1.12, 0.98, 1.073, false], [$weighed->density_resin_g_cm3, $weighed->density_hardener_g_cm3, $weighed->density_mixed_g_cm3, $weighed->isByCup()]);
        $fresh = $this->makePart(['skin_resin_id' => $weighed->id, 'base_resin_id' => $weighed->id, 'letter' => 'X']);
        $this->get("/parts/{$fresh->id}")->assertOk()->assertSee(' g</b>', false);
    }

    public function testWhatIsMadeUpSaysSoOnPlanQuoteAndCupUntilSomebodyConfirmsIt(): void
    {
        $part = $this->partWithBuildCoat();
        $this->fact($part, 'ready', 'build-2', self::NOW);
        $skin = Resin::query()->findOrFail($part->getAttribute('skin_resin_id'));
        $pages = ["/parts/{$part->id}", "/parts/{$part->id}/money", "/parts/{$part->id}/weigh/build-2"];
        foreach ($pages as $page) {
            $this->get($page)->assertOk()->assertDontSee(__('shelf.unproven.made_up'));
        }
        $skin->update(['made_up' => true]);
        foreach ($pages as $page) {
            app()->forgetScopedInstances();
            $this->get($page)->assertSee(__('shelf.unproven.made_up'))->assertSee(route('shelf.edit', ['resins', $skin->id]), false);
        }
        $this->get("/shelf/resins/{$skin->id}")->assertSee('Made-up example.');
        $this->post("/shelf/resins/{$skin->id}/confirm")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get($pages[0])->assertDontSee(__('shelf.unproven.made_up'));
    }

    /** A label of one's own goes before an example, wherever something is begun. */
    public function testOnesOwnGoesBeforeAnExample(): void
    {
        Resin::query()->where('shop_id', $this->shop->id)->update(['made_up' => true]);
        Part::query()->where('shop_id', $this->shop->id)->delete();
        $resin = $this->epoxy(['ratio_kind' => 'weight', 'hardener_phr' => '32', 'name' => 'Cove']);
        $page = (string) $this->get('/parts/new?method=brush_on')->assertOk()->getContent();
        self::assertSame(2, preg_match_all("~<option value=\"{$resin->id}\" selected~", $page), 'as base and over the cloth');
    }

    public function testATrialPanelIsSmallAndSaysWhatItTaught(): void
    {
        $resin = $this->epoxy(['ratio_kind' => 'weight', 'hardener_phr' => '32']);
        $other = $this->makePart(['skin_resin_id' => $resin->id, 'letter' => 'X']);
        $this->get("/parts/{$other->id}")->assertOk()->assertSee(__('parts.new_here'))->assertSee("trial=1&amp;resin={$resin->id}", false);
        $form = (string) $this->get("/parts/new?trial=1&resin={$resin->id}")->assertOk()->assertSee('Trial panel, Cove')->getContent();
        self::assertStringContainsString('name="trial" value="1"', $form);
        $part = $this->makePart(['letter' => 'Y', 'shape' => 'panel', 'sizes' => ['length' => 150.0, 'width' => 150.0, 'edge_radius' => 3.0]]);
        $sent = array_map(fn (mixed $v): mixed => is_float($v) || is_int($v) ? (string) $v : $v, $this->form(['shape' => 'panel', 'sizes' => ['length' => '150', 'width' => '150', 'edge_radius' => '3'], 'skin_resin_id' => $resin->id, 'base_resin_id' => $resin->id, 'name' => 'Trial panel, Cove', 'letter' => 'Z', 'trial' => '1', 'wrap_mm' => '0', 'holes' => '0']));
        $this->post('/parts', $sent)->assertSessionHasNoErrors();
        $trial = Part::query()->where('name', 'Trial panel, Cove')->sole();
        self::assertTrue($trial->is_trial);
        $plan = $this->planned($trial)->plan;
        self::assertLessThan(150.0, $plan->handsAheadMin(), 'about two hours of hands');
        self::assertLessThan(0.5 * $this->planned($part)->plan->handsAheadMin() + 60.0, $plan->handsAheadMin());
        $this->get("/parts/{$trial->id}")->assertOk()->assertSee(__('parts.trial.title'))->assertSee(__('parts.trial.still.film'))->assertDontSee(__('parts.new_here'));
        foreach ([['done', 'strip', '09 08:20'], ['wiped', 'wipe-1', '09 08:25'], ['sanded', 'key', '09 08:40', ['grit' => 150]], ['wiped', 'wipe-2', '09 09:00'], ['coat_on', 'base', '10 13:00', ['grams' => 9.0]]] as $row) {
            $this->fact($trial, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }
        $this->act($trial, 'touched', 'base', ['touch' => 'print'])->assertSessionHasNoErrors();
        $this->act($trial, 'gloss_read', 'base')->assertSessionHasErrors();
        app()->forgetScopedInstances();
        self::assertNotNull(app(PaceBook::class)->pace($resin));
        $this->get("/parts/{$trial->id}")->assertOk()->assertSee('one touch: Cove at');
    }
}
