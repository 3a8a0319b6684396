<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Filters;
use App\Models\FilterChange;
use App\Models\FilterKind;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use OakGloss\Method\Role;

/** Masks' filters run out, and are asked for before somebody breathes through them. */
final class FiltersTest extends ShopCase
{
    private function usedH(FilterKind $kind): ?float
    {
        app()->forgetScopedInstances();

        return app(Filters::class)->usedH($this->shop->refresh(), $kind);
    }

    private function polyester(): Part
    {
        return $this->makePart(['method' => 'glue_down', 'substrate' => 'glass_fibre', 'top' => 'polish_resin', 'skin_resin_id' => Resin::query()->where('chemistry', 'polyester')->firstOrFail()->id]);
    }

    public function testHoursCountFromTheChangeOnWhatIsDoneBehindThem(): void
    {
        self::assertNull($this->usedH(FilterKind::Vapour), 'nobody noted a change');
        $this->get('/shop?section=filters')->assertOk()->assertSee(__('shop.filter_unknown'));
        $part = $this->polyester();
        $this->fact($part, 'coat_on', 'wet-out', '2027-03-09 10:00', ['grams' => 40.0]);
        FilterChange::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'kind' => 'vapour', 'changed_at' => '2027-03-10 07:00']);
        self::assertSame(0.0, $this->usedH(FilterKind::Vapour), 'what was before it counts no more');
        $add = fn (string $kind, string $step, string $at, array $data): PartFact => $this->fact($part, $kind, $step, $at, $data);
        $add('ready', 'build-1', '2027-03-10 09:00', []);
        $add('coat_on', 'build-1', '2027-03-10 09:24', ['grams' => 40.0]);
        self::assertEqualsWithDelta(0.4, $this->usedH(FilterKind::Vapour), 1e-6, 'from the ready check until it is on');
        $add('coat_on', 'build-2', '2027-03-10 15:24', ['grams' => 40.0]);
        self::assertEqualsWithDelta(1.4, $this->usedH(FilterKind::Vapour), 1e-6, 'an hour at most');
        $add('wiped', 'wipe-highs', '2027-03-10 15:30', []);
        self::assertEqualsWithDelta(1.4, $this->usedH(FilterKind::Vapour), 1e-6, 'a wipe is none');
        $epoxy = $this->makePart(['letter' => 'E']);
        $this->fact($epoxy, 'coat_on', 'build-1', '2027-03-10 12:00', ['grams' => 40.0]);
        self::assertEqualsWithDelta(1.4, $this->usedH(FilterKind::Vapour), 1e-6, 'nor is an epoxy');
        self::assertNull($this->usedH(FilterKind::Dust), 'each kind by itself');
    }

    public function testItIsAskedForNearItsEndAndNotAfterAChange(): void
    {
        $this->shop->update(['filter_hours' => ['vapour' => 1, 'dust' => 40]]);
        $this->post('/shop/filters', ['kind' => 'smell'])->assertSessionHasErrors('kind');
        $this->post('/shop/filters', ['kind' => 'vapour'])->assertSessionHasNoErrors();
        $part = $this->polyester();
        $asks = function () use ($part): string {
            app()->forgetScopedInstances();
            $step = $this->planned($part->refresh())->plan->first(Role::WetOut)?->step ?? self::fail('no wet-out');

            return implode(',', array_map(fn (array $f): string => $f['kind']->value, app(Filters::class)->nearEnd($this->shop->refresh(), $step)));
        };
        self::assertSame('', $asks());
        $this->travel(2)->hours();
        FilterChange::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'kind' => 'vapour', 'changed_at' => '2027-03-10 07:00']);
        $other = $this->polyester();
        $other->update(['letter' => 'O']);
        $this->fact($other, 'ready', 'build-1', '2027-03-10 09:00');
        $this->fact($other, 'coat_on', 'build-1', '2027-03-10 09:50', ['grams' => 40.0]);
        self::assertSame('vapour', $asks(), '50 minutes of an hour');
        $this->post('/shop/filters', ['kind' => 'vapour'])->assertSessionHasNoErrors();
        self::assertSame('', $asks(), 'a fresh one is in');
        $this->expectException(QueryException::class);
        DB::table('filter_changes')->delete();
    }

    public function testTheShopsFigureIsRefusedAtItsField(): void
    {
        foreach (['0', 'x', '5000'] as $wrong) {
            $this->put('/shop', ['filter_hours' => ['vapour' => $wrong]])->assertSessionHasErrors('filter_hours.vapour');
        }
        $this->shop->update(['filter_hours' => ['vapour' => 'x']]);
        self::assertSame(40.0, Filters::hours($this->shop->refresh(), FilterKind::Vapour), 'a row that says nothing');
    }
}
