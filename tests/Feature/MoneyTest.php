<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\KeptQuote;
use App\Models\Part;
use App\Models\ShopMoney;
use App\Money\Billing;
use App\Money\LackingTools;
use App\Planning\Trials;
use App\Stock\Ledger;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OakGloss\Cost\BillLine;
use OakGloss\Cost\CostKind;
use OakGloss\Method\Slot;

/** Quote before, actual after, and what stands on paper. */
final class MoneyTest extends ShopCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->shop->update(['money' => ['currency' => 'EUR', 'digits' => 2, 'handMinor' => 4000, 'wetMinor' => 400, 'waste' => 10.0, 'margin' => 20.0, 'tax' => 20.0, 'validDays' => 14, 'terms' => 'Half on order.', 'excluded' => 'Fitting <b>and</b> carriage.']]);
        $this->user->unsetRelation('shop');
    }

    private function lot(Part $part, string $jar, float $quantity, int $price): void
    {
        app(Ledger::class)->receive(['shop_id' => $this->shop->id, 'kind' => 'resins', 'item_id' => $part->resin(Slot::Skin)->id, 'jar' => $jar, 'mark' => 'L', 'quantity' => $quantity, 'price_minor' => $price, 'received_at' => CarbonImmutable::parse('2027-03-01')], $this->user);
    }

    private function page(Part $part): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->get("/parts/{$part->id}/money")->assertOk();
    }

    public function testAQuoteKeepsWhomItWasGivenTo(): void
    {
        $part = $this->partWithBuildCoat();
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote', 'customer' => 'Nell Ferryman'])->assertSessionHasNoErrors();
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote', 'customer' => 'Marlow Pike'])->assertSessionHasNoErrors();
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote', 'customer' => ''])->assertSessionHasNoErrors();

        self::assertSame(['Nell Ferryman', 'Marlow Pike', null], KeptQuote::query()->with('customer')->orderBy('id')->get()->map(fn (KeptQuote $q): ?string => $q->customer?->name)->all());
        $this->get("/parts/{$part->id}/money")->assertOk()->assertSee('Marlow Pike')->assertSee('Nell Ferryman');
        $this->delete("/parts/{$part->id}/customer")->assertSessionHasNoErrors();
        self::assertSame([null, null, null], KeptQuote::query()->with('customer')->get()->map(fn (KeptQuote $q): ?string => $q->customer?->name)->all(), 'forgotten everywhere');
    }

    public function testAQuoteIsThePlanAtLastPricesAndWhatHasNone(): void
    {
        $part = $this->makePart();
        $this->lot($part, 'resin', 1000.0, 2700);
        $this->page($part)->assertSee(__('money.charge.title'))->assertSee('No price known')->assertSee('hardener');
        $bill = app(Billing::class)->quoted($planned = $this->planned($part));
        $resin = array_values(array_filter($bill->lines, fn (BillLine $l): bool => str_ends_with($l->key, ':resin')));
        $grams = array_sum(array_map(fn ($s): float => $s->batch->resinG ?? 0.0, $planned->plan->steps));
        self::assertCount(1, $resin);
        self::assertEqualsWithDelta($grams, $resin[0]->quantity, 0.01);
        self::assertSame((int) round($resin[0]->quantity * 2.7 + 1e-9), $resin[0]->minor());
        self::assertEqualsWithDelta(array_sum(array_map(fn ($s): float => $s->handsMin, $planned->plan->steps)), $bill->handsMin(), 1.0);
    }

    public function testAKeptQuoteStandsAsItWasGivenAndItsCustomerCanBeForgotten(): void
    {
        $part = $this->makePart();
        $this->lot($part, 'resin', 1000.0, 2700);
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote', 'customer' => 'Nell <Ferryman>'])->assertSessionHasNoErrors();
        $quote = KeptQuote::query()->sole();
        $total = $quote->bill()->sums->totalMinor;
        self::assertSame('2027-03-24', $quote->valid_until?->toDateString());
        $this->shop->update(['money' => ['handMinor' => 9900]]);
        $this->lot($part, 'resin', 500.0, 9000);
        self::assertSame($total, $quote->refresh()->bill()->sums->totalMinor);
        $this->page($part)->assertSee('Quote 1')->assertSee('Nell &lt;Ferryman&gt;', false)->assertDontSee(__('money.charge.title'));
        $pdf = (string) $this->get("/quotes/{$quote->id}.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        $this->delete("/parts/{$part->id}/customer")->assertSessionHasNoErrors();
        self::assertSame(0, Customer::query()->count());
        self::assertSame(1, KeptQuote::query()->count());
        foreach (['quotes', 'audit_entries', 'facts'] as $table) {
            self::assertStringNotContainsString('Ferryman', (string) json_encode(\DB::table($table)->get()));
        }
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'settlement'])->assertSessionHasErrors('act');
    }

    public function testTheActualIsWhatTheRecordTookAtThePriceOfTheVeryLot(): void
    {
        $part = $this->partWithBuildCoat();
        $this->lot($part, 'resin', 20.0, 200);
        $this->lot($part, 'resin', 1000.0, 3000);
        $this->act($part, 'ready', 'build-2');
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/weigh/build-2", ['component' => 'resin', 'grams' => '26', 'sure' => 'grams:resin-26'])->assertSessionHasNoErrors();
        $bill = app(Billing::class)->actual($this->planned($part));
        $resin = $bill->of(CostKind::Material);
        self::assertCount(1, $resin);
        // 20 g at 10 cents, 6 g at 3: the mean is fine enough to be no price of its own.
        self::assertEqualsWithDelta(218.0 / 26.0, $resin[0]->priceMinor / $resin[0]->pack, 1e-3);
        self::assertSame(218, $resin[0]->minor());
        self::assertSame($bill->sums->costMinor, $bill->sums->wasteMinor + array_sum(array_map(fn (BillLine $l): int => $l->minor(), $bill->lines)));
        $this->lot($part, 'hardener', 400.0, 1290);
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/weigh/build-2", ['component' => 'hardener', 'grams' => '0.9'])->assertSessionHasNoErrors();
        $hardener = array_values(array_filter(app(Billing::class)->actual($this->planned($part))->lines, fn (BillLine $l): bool => str_ends_with($l->key, ':hardener')))[0];
        self::assertSame([400.0, 1290, 3], [$hardener->pack, $hardener->priceMinor, $hardener->minor()], 'of one lot it is that lot\'s own price');
        foreach ($part->facts()->where('kind', 'weighed')->pluck('id') as $id) {
            $this->post("/parts/{$part->id}/facts/{$id}/strike", ['reason' => 'wrong'])->assertSessionHasNoErrors();
        }
        app()->forgetScopedInstances();
        self::assertSame([], app(Billing::class)->actual($this->planned($part))->of(CostKind::Material));
    }

    public function testACupThatWasKickedOverWasACup(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'ready', 'build-2');
        $cups = function () use ($part): float {
            app()->forgetScopedInstances();

            return array_sum(array_map(fn (BillLine $l): float => $l->quantity, app(Billing::class)->actual($this->planned($part))->of(CostKind::Wet)));
        };
        $before = $cups();
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'cup_binned'])->assertSessionHasNoErrors();
        self::assertSame($before, $cups(), 'an empty cup that was binned cost nothing');
        foreach (['resin' => 24.0, 'hardener' => 8.2] as $component => $grams) {
            app()->forgetScopedInstances();
            $this->post("/parts/{$part->id}/weigh/build-2", ['component' => $component, 'grams' => (string) $grams])->assertSessionHasNoErrors();
        }
        self::assertSame($before, $cups(), 'its coat counts once it is on');
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'cup_kicked'])->assertSessionHasNoErrors();
        self::assertSame($before + 15.0, $cups());
    }

    public function testRatesAreTypedInTheShopsOwnUnitsAndRefusedAtTheirField(): void
    {
        $form = ['currency' => 'JPY', 'digits' => '0', 'hand' => '5500', 'booth' => '0', 'box' => '0', 'wet' => '120', 'hire' => '2500', 'waste' => '5', 'margin' => '15', 'tax' => '10', 'validDays' => '30', 'terms' => '', 'excluded' => '', 'footer' => ''];
        $this->put('/shop/money', $form)->assertSessionHasNoErrors();
        self::assertSame(5500, $this->shop->refresh()->money()->handMinor);
        self::assertSame('5 500 JPY', strtr($this->shop->money()->say(5500), ["\u{202F}" => ' ', "\u{A0}" => ' ']));
        $this->put('/shop/money', ['hand' => '55.5', 'currency' => 'yen'] + $form)->assertSessionHasErrors(['hand', 'currency']);
        $this->get('/shop/money')->assertOk()->assertSee('yen')->assertSee('55.5');
        self::assertSame(5500, $this->shop->refresh()->money()->handMinor);
        self::assertNull((new ShopMoney())->minor('12.345'));
        self::assertSame(1230, (new ShopMoney())->minor('12,3'));
        self::assertNull((new ShopMoney())->minor('-1'));
        self::assertSame('−1 234.50', strtr((new ShopMoney())->amount(-123450), ["\u{202F}" => ' ']));
    }

    public function testNobodySeesAnotherShopsQuotes(): void
    {
        $part = $this->makePart();
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote'])->assertSessionHasNoErrors();
        $other = $this->makeShop('Other Works');
        $this->actingAs($this->makeUser($other, 'bo@other.example'));
        $this->get('/quotes/'.KeptQuote::query()->sole()->id.'.pdf')->assertForbidden();
        $this->get("/parts/{$part->id}/money")->assertForbidden();
        $this->post("/parts/{$part->id}/quotes", ['kind' => 'quote'])->assertForbidden();
    }

    /** What is lacking stands with the price of each way round it; a licence is borrowed by nobody. */
    public function testWhatTheShopLacksHasItsPrices(): void
    {
        $part = $this->makePart();
        $this->page($part)->assertDontSee(__('money.lacking.title'));
        $this->shop->update(['tools' => ['respirator', 'dryer'], 'things' => ['booth' => 0] + $this->shop->things, 'money' => ['hireMinor' => 1500] + $this->shop->money]);
        $this->user->unsetRelation('shop');
        $page = $this->page($part->refresh());
        $page->assertSee(__('money.lacking.title'))->assertSee(__('money.lacking.not'))->assertSee('15.00');
        app()->forgetScopedInstances();
        $planned = $this->planned(Part::query()->findOrFail($part->id));
        $lacking = array_column(array_map(fn (LackingTools $l): array => [$l->tool->value, $l], LackingTools::of($planned, app(Billing::class), app(Trials::class))), 1, 0);
        self::assertSame(['air_fed', 'booth', 'licence', 'spray_gun'], collect($lacking)->keys()->sort()->values()->all());
        self::assertNull($lacking['air_fed']->borrowed);
        self::assertSame(1500 * $lacking['spray_gun']->days, $lacking['spray_gun']->borrowed);
        self::assertNotSame(app(Billing::class)->quoted($planned)->sums->netMinor, $lacking['spray_gun']->sentOut['netMinor'] ?? null);
        $this->get("/parts/{$part->id}")->assertSee('No cartridge holds it back');
    }
}
