<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Lot;
use App\Models\Paper;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Models\StockMove;
use App\Models\StoredItem;
use App\Models\Why;
use App\Money\Billing;
use App\Stock\Jar;
use App\Stock\Ledger;
use App\Stock\Stocks;
use App\Words\Formatter;
use Carbon\CarbonImmutable;
use OakGloss\Cost\BillLine;
use OakGloss\Method\Role;
use OakGloss\Method\Slot;
use OakGloss\Plan\Decision;

/** Lots and what facts do to them. */
final class StockTest extends ShopCase
{
    private function lot(string $kind, int $item, string $jar, float $quantity, array $more = []): Lot
    {
        return app(Ledger::class)->receive($more + [
            'shop_id' => $this->shop->id, 'kind' => $kind, 'item_id' => $item, 'jar' => $jar, 'mark' => 'L', 'quantity' => $quantity,
            'received_at' => CarbonImmutable::parse('2027-03-01 08:00'),
        ], $this->user);
    }

    private function weigh(Part $part, string $jar, float $grams, string $step = 'build-2'): PartFact
    {
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/weigh/{$step}", ['component' => $jar, 'grams' => (string) $grams, 'sure' => "grams:{$jar}-{$grams}"])->assertSessionHasNoErrors();

        return PartFact::query()->where('kind', 'weighed')->latest('id')->firstOrFail();
    }

    private function ready(Part $part): void
    {
        $this->act($part, 'ready', 'build-2')->assertSessionHasNoErrors();
    }

    public function testWhatIsWeighedComesOffTheFirstLotToExpireAndGoesBackWhenStruck(): void
    {
        $part = $this->partWithBuildCoat();
        $resin = $part->resin(Slot::Skin)->id;
        $late = $this->lot('resins', $resin, 'resin', 500.0);
        $soon = $this->lot('resins', $resin, 'resin', 10.0, ['use_by' => '2027-05-01']);
        $other = $this->lot('resins', $resin, 'hardener', 300.0);
        $this->ready($part);
        $fact = $this->weigh($part, 'resin', 15.4);
        self::assertEqualsWithDelta(0.0, $soon->refresh()->left, 1e-9);
        self::assertEqualsWithDelta(494.6, $late->refresh()->left, 1e-9);
        self::assertNotNull($late->opened_at, 'a jar that is poured from is open');
        self::assertSame(300.0, $other->refresh()->left);
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike", ['reason' => 'read wrong'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(10.0, $soon->refresh()->left, 1e-9);
        self::assertEqualsWithDelta(500.0, $late->refresh()->left, 1e-9);
    }

    public function testWhatNoLotHasIsWrittenDownAndACountStandsOverWhatWasBeforeIt(): void
    {
        $part = $this->partWithBuildCoat();
        $resin = $part->resin(Slot::Skin)->id;
        $lot = $this->lot('resins', $resin, 'resin', 10.0);
        $this->ready($part);
        $fact = $this->weigh($part, 'resin', 12.5);
        self::assertEqualsWithDelta(-2.5, (float) StockMove::query()->whereNull('lot_id')->sum('quantity'), 1e-9);
        app(Ledger::class)->count($lot->refresh(), 7.0, CarbonImmutable::parse('2027-03-10 17:00', 'Europe/Vienna')->utc(), $this->user);
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike", ['reason' => 'other part'])->assertSessionHasNoErrors();
        self::assertSame(7.0, $lot->refresh()->left, 'who counted saw what was there');
        self::assertEqualsWithDelta(0.0, (float) StockMove::query()->where('part_id', $part->id)->whereIn('why', [Why::Used, Why::GivenBack])->sum('quantity'), 1e-9, 'the part has used nothing');
    }

    private function resin(string $like): Resin
    {
        return Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', $like)->current()->firstOrFail();
    }

    public function testAChangedSheetTakesItsLotsAlong(): void
    {
        $resin = $this->resin('Tarn%medium%');
        $lot = $this->lot('resins', $resin->id, 'resin', 100.0);
        $new = $resin->replicate()->fill(['shop_id' => $this->shop->id]);
        $new->save();
        $resin->update(['superseded_by_id' => $new->id]);
        $part = $this->makePart(['base_resin_id' => $new->id, 'skin_resin_id' => $new->id]);
        $fact = $this->fact($part, 'weighed', 'wet-out', '2027-03-10 14:00', ['component' => 'resin', 'grams' => 10.0]);
        $planned = $this->planned($part);
        app(Ledger::class)->take($fact, $this->shop->id, app(\App\Stock\TakenFrom::class)->byFact($planned, $fact));
        self::assertSame(90.0, $lot->refresh()->left);
    }

    public function testClothComesOffTheRollWhenItIsLaidAndPaperWithItsFirstPass(): void
    {
        $part = $this->makePart();
        foreach ([['done', 'strip', '10 08:20'], ['wiped', 'wipe-1', '10 08:25'], ['sanded', 'key', '10 08:40', ['grit' => 150]], ['wiped', 'wipe-2', '10 09:00'], ['coat_on', 'base', '10 13:10', ['grams' => 27.0]]] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }
        $piece = $this->planned($part)->plan->brief->piece();
        $offcut = $this->lot('cloths', $part->cloth->id, '', 5.0, ['width_mm' => $piece->widthMm - 1.0]);
        $roll = $this->lot('cloths', $part->cloth->id, '', 20.0, ['width_mm' => 1000.0]);
        $this->act($part, 'done', 'lay')->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(20.0 - $piece->lengthMm / 1000.0, $roll->refresh()->left, 1e-6);
        self::assertSame(5.0, $offcut->refresh()->left, 'a millimetre too narrow');
        $flat = $this->partWithBuildCoat('2027-03-08 16:00');
        $step = $this->planned($flat)->next?->step ?? self::fail('nothing is next');
        $paper = Paper::query()->where('shop_id', $this->shop->id)->where('grit', 240)->where('form', 'wet sheet')->firstOrFail();
        $sheets = $this->lot('papers', $paper->id, '', 50.0);
        $this->act($flat, 'sanded', $step->step->key, ['grit' => '240', 'how' => 'wet_block', 'end' => 'matt'])->assertSessionHasNoErrors();
        $once = $sheets->refresh()->left;
        self::assertLessThan(50.0, $once);
        $this->act($flat, 'sanded', $step->step->key, ['grit' => '240', 'how' => 'wet_block', 'end' => 'matt'])->assertSessionHasNoErrors();
        self::assertSame($once, $sheets->refresh()->left, 'over the next zone the same sheet goes on');
    }

    public function testAJarThatStoodOpenForLongIsEvidence(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 14:00');
        $resin = $part->resin(Slot::Skin)->id;
        $this->lot('resins', $resin, 'resin', 500.0, ['opened_at' => CarbonImmutable::parse('2026-03-01')]);
        $this->ready($part);
        $this->weigh($part, 'resin', 17.0);
        $this->weigh($part, 'hardener', 5.8);
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
        $found = new \OakGloss\Fact\Kind\Found(\OakGloss\Inspection\Defect::Soft, 'top');
        $planned = $this->planned($part);
        $ranking = \App\Inspection\CausesOf::of($planned, $found, $planned->floor->nowMin + 60.0, []);
        $old = array_values(array_filter($ranking->suspects, fn ($s): bool => $s->cause === \OakGloss\Inspection\Cause::LotOld))[0] ?? self::fail('not suspected');
        self::assertSame('lotOpenDays', $old->signs[0]->of);
        self::assertEqualsWithDelta(374.6, $old->signs[0]->figure, 0.5);
    }

    public function testOverAnySequenceOfFactsCountsAndStrikesEachLotIsTheSumOfItsMoves(): void
    {
        mt_srand(7);
        $part = $this->partWithBuildCoat();
        $resin = $part->resin(Slot::Skin)->id;
        $ledger = app(Ledger::class);
        $lots = [$this->lot('resins', $resin, 'resin', 60.0), $this->lot('resins', $resin, 'resin', 40.0, ['use_by' => '2027-03-20']), $this->lot('resins', $resin, 'resin', 25.0, ['use_by' => '2027-03-05'])];
        [$standing, $minute] = [[], 0];
        for ($i = 0; $i < 60; $i++) {
            $at = CarbonImmutable::parse('2027-03-10 08:00')->addMinutes(++$minute);
            $pick = $lots[mt_rand(0, 2)]->refresh();
            match (mt_rand(0, 5)) {
                0, 1, 2 => $standing[] = $this->poured($ledger, $part, $resin, mt_rand(5, 120) / 10.0, $at),
                3 => $standing === [] ?: $ledger->giveBack(array_splice($standing, mt_rand(0, count($standing) - 1), 1)[0], $this->user, $at),
                4 => $ledger->count($pick, mt_rand(0, 500) / 10.0, $at, $this->user),
                default => $ledger->remove($pick, 3.0, Why::Thrown, $at, $this->user),
            };
            foreach (Lot::query()->get() as $lot) {
                self::assertEqualsWithDelta($lot->left, (float) $lot->moves()->sum('quantity'), 1e-6);
                self::assertGreaterThanOrEqual(0.0, $lot->left);
            }
            $used = -(float) StockMove::query()->where('part_id', $part->id)->whereIn('why', [Why::Used, Why::GivenBack])->sum('quantity');
            self::assertEqualsWithDelta(array_sum(array_map(fn (PartFact $f): float => (float) $f->data['grams'], $standing)), $used, 1e-6, 'what stands is what was used');
        }
    }

    private function poured(Ledger $ledger, Part $part, int $resin, float $grams, CarbonImmutable $at): PartFact
    {
        $fact = $this->fact($part, 'weighed', 'build-2', $at->setTimezone('Europe/Vienna')->format('Y-m-d H:i'), ['component' => 'resin', 'grams' => $grams]);
        $ledger->take($fact, $this->shop->id, [new \App\Stock\Used(new \App\Stock\Jar('resins', $resin, 'resin'), $grams)]);

        return $fact;
    }

    /** Primer, tape, compounds come off the shelf with the step that uses them; what the shelf has no sheet of stands on the bill without a price. */
    public function testWhatIsUsedUpComesOffTheShelfWhereItIsCountedAndIsQuotedAlways(): void
    {
        $primer = StoredItem::query()->where('kind', 'aids')->get()->first(fn (StoredItem $i): bool => $i->getAttribute('what') === 'primer') ?? self::fail('no primer');
        $part = $this->makePart(['method' => 'sheet_metal', 'substrate' => 'steel', 'primed' => false, 'primer_id' => $primer->id, 'filler_id' => Clear::query()->where('kind', 'filler')->firstOrFail()->id]);
        foreach (['strip', 'wipe-1', 'key', 'wipe-primer'] as $n => $step) {
            $this->fact($part, str_starts_with($step, 'wipe') ? 'wiped' : 'done', $step, "2027-03-10 16:{$n}0");
        }
        $lot = $this->lot('aids', $primer->id, '', 500.0, ['price_minor' => 2500]);
        $before = $this->planned($part);
        $wants = 2.0 * 150.0 * $before->plan->brief->coatedAreaM2();
        $bill = app(Billing::class)->quoted($before);
        $line = array_values(array_filter($bill->lines, fn (BillLine $l): bool => $l->key === "aids:{$primer->id}:"))[0] ?? self::fail('not quoted');
        self::assertEqualsWithDelta($wants, $line->quantity, 0.001, 'two coats by its sheet');
        self::assertSame((int) round($line->quantity * 5.0), $line->minor());
        $this->get("/parts/{$part->id}")->assertSee(__('bench.about', ['what' => app(Formatter::class)->grams($wants).' '.__('words.supply.primer')]));

        $this->act($part, 'done', 'prime')->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(500.0 - $wants, $lot->refresh()->left, 0.001);

        StoredItem::query()->where('kind', 'aids')->whereKeyNot($primer->id)->delete();
        app()->forgetScopedInstances();
        $part = Part::query()->findOrFail($part->id);
        $unpriced = app(Billing::class)->unpriced(app(Billing::class)->quoted($this->planned($part)));
        self::assertContains(__('words.supply.body_filler'), $unpriced);
    }

    /** What comes in five days is ordered five days before it is missed; a part is not begun whose last coat has no resin, unless somebody says so. */
    public function testTheSuppliersDaysCount(): void
    {
        $like = $this->makePart(['letter' => 'Y']);
        $resin = $like->resin(Slot::Skin)->id;
        $like->delete();
        $this->post("/shelf/resins/{$resin}/lots", ['jar' => 'resin', 'mark' => 'A1', 'quantity' => '30', 'lead_days' => '500'])->assertSessionHasErrors('lead_days');
        $this->post("/shelf/resins/{$resin}/lots", ['jar' => 'resin', 'mark' => 'A1', 'quantity' => '30', 'supplier' => 'Weir', 'lead_days' => '5'])->assertSessionHasNoErrors();
        $this->post('/parts', $this->form())->assertSessionHasNoErrors();
        $notice = session('notice');
        $part = Part::query()->where('name', 'Stern cowl')->firstOrFail();
        app()->forgetScopedInstances();
        $planned = $this->planned($part);
        $base = $planned->plan->first(Role::Base) ?? self::fail('no base');
        $there = $this->minute('2027-03-15 12:00');
        self::assertSame($there, Decision::of($planned->plan->log, $base->step->key)->notBefore, 'by noon of the fifth day');
        self::assertGreaterThanOrEqual($there, $planned->schedule->slot('base')->startMin ?? 0.0);
        self::assertStringContainsString(__('steps.base.title').' waits until', $notice);

        $stock = app(Stocks::class)->of($this->shop->refresh());
        $jar = new Jar('resins', $resin, 'resin');
        $miss = $stock->outlook($jar)->firstMiss->atMin ?? self::fail('nothing missing');
        self::assertEqualsWithDelta($miss - 5 * 1440.0, $stock->orderByMin($jar), 1e-6);
        self::assertSame(3, $stock->leadDays(new Jar('resins', $resin, 'hardener')), 'of what nobody noted as the shop reckons');
        $this->get('/shelf/to-buy')->assertOk()->assertSee(__('stock.shopping.order'))->assertSee('comes in 5 days');
        self::assertStringContainsString('order_by,lead_days', (string) $this->get('/shelf/to-buy.csv')->getContent());
        $this->get('/shelf')->assertSee('order by');

        // Who knows better frees it, and is asked once more before hardener goes in.
        $this->delete("/run-sheet/{$part->id}/base")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame(-INF, Decision::of($this->planned($part->refresh())->plan->log, 'base')->notBefore);
        foreach (['strip' => 'done', 'wipe-1' => 'wiped', 'key' => 'sanded', 'wipe-2' => 'wiped'] as $step => $kind) {
            $this->fact($part, $kind, $step, '2027-03-10 16:20', $kind === 'sanded' ? ['grit' => 150] : []);
        }
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/weigh/base")->assertOk()->assertSee('will run short before the last coat');
        $this->lot('resins', $resin, 'resin', 2000.0);
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/weigh/base")->assertOk()->assertDontSee('will run short before the last coat');
    }

    public function testNothingIsHeldWhereAllIsThere(): void
    {
        $like = $this->makePart(['letter' => 'Y']);
        $this->lot('resins', $like->resin(Slot::Skin)->id, 'resin', 5000.0, ['lead_days' => 5]);
        $like->delete();
        $this->post('/parts', $this->form())->assertSessionHasNoErrors();
        self::assertSame(0, PartFact::query()->where('kind', 'decided')->count());
    }
}
