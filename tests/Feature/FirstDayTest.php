<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Resin;
use App\Models\Shop;
use App\Models\User;
use App\Shelf\ShelfKinds;
use App\Words\Spans;
use Illuminate\Support\Facades\Auth;
use OakGloss\Choosing\Tool;

final class FirstDayTest extends ShopCase
{
    public function testARealShopOpensWithItsShelfAndItsLogin(): void
    {
        Auth::logout();
        $this->artisan('oak:open-shop', ['name' => 'Slip Lane', 'town' => 'Elsewhere', 'person' => 'Uma Reed', 'email' => 'uma@slip.example'])
            ->expectsQuestion('Password, 12 characters or more', 'long-enough-now')->assertSuccessful();
        $shop = Shop::query()->where('name', 'Slip Lane')->firstOrFail();
        self::assertSame(9, Resin::query()->where('shop_id', $shop->id)->count());
        $this->post('/login', ['email' => 'uma@slip.example', 'password' => 'long-enough-now'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee(__('bench.first_day.title'))->assertSee(__('bench.first_day.why.resin'));
        $this->get('/parts')->assertSee('No part yet');
        self::assertSame('UR', User::query()->where('email', 'uma@slip.example')->value('initials'));
    }

    public function testWithoutAReadingTheHeaderShowsNoAir(): void
    {
        $this->get('/parts')->assertOk()->assertSee(__('app.type_air'))->assertDontSee('<p class="air"><b>', false);
        $this->post('/air', ['air_c' => '18.4', 'rh_percent' => '50'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get('/parts')->assertDontSee(__('app.type_air'))->assertSee('18.4 °C');
    }

    public function testNothingIsOwnedUntilItIsTicked(): void
    {
        Auth::logout();
        $this->artisan('oak:open-shop', ['name' => 'Slip Lane', 'town' => 'Elsewhere', 'person' => 'Uma Reed', 'email' => 'uma@slip.example'])
            ->expectsQuestion('Password, 12 characters or more', 'long-enough-now')->assertSuccessful();
        $shop = Shop::query()->where('name', 'Slip Lane')->sole();
        self::assertSame([[], [], 0], [$shop->has(), $shop->tools, Paper::query()->where('shop_id', $shop->id)->thereAtAll()->count()]);
        $this->actingAs(User::query()->where('email', 'uma@slip.example')->sole());
        self::assertSame(1, substr_count((string) $this->get('/shop?section=places')->assertOk()->getContent(), ' checked>'), 'who opened it is at the bench');
        $this->post('/shop/usual', ['set' => 'trade'])->assertSessionHasNoErrors();
        $has = $shop->refresh()->has();
        self::assertContains(Tool::VacuumPump, $has);
        self::assertSame([], array_filter(Tool::forIsocyanate(), fn (Tool $t): bool => in_array($t, $has, true)), 'what isocyanate asks for is ticked by hand');
        // A set adds, a tick takes out, and how many there are is not known by either.
        $papers = Paper::query()->where('shop_id', $shop->id)->thereAtAll()->orderBy('grit')->pluck('id')->all();
        self::assertGreaterThan(15, count($papers));
        self::assertSame(0, Paper::query()->where('shop_id', $shop->id)->where('sheets', '>', 0)->count());
        $this->put('/shop', ['section' => 'places', 'tools' => ['licence'], 'things' => ['warm_box' => '1'], 'cool_place_c' => '9', 'papers' => array_slice($papers, 1), 'at_bench' => [User::query()->where('email', 'uma@slip.example')->value('id')]])->assertSessionHasNoErrors();
        self::assertSame([['licence'], 1], [$shop->refresh()->tools, $shop->things['warm_box']]);
        self::assertSame(0, Paper::query()->findOrFail($papers[0])->sheets);
        $this->put('/shop', ['section' => 'places', 'tools' => '', 'things' => [], 'cool_place_c' => '9', 'papers' => '', 'at_bench' => ''])->assertSessionHasErrors(['at_bench' => __('shop.somebody')]);
    }

    /** Every field on every form says what it is, to who opens that and to who listens. */
    public function testEveryFieldIsExplained(): void
    {
        $kinds = array_map(fn (string $kind): string => "/shelf/{$kind}/new", array_keys(ShelfKinds::all()));
        $lot = '/shelf/resins/'.Resin::query()->where('shop_id', $this->shop->id)->value('id');
        $sections = array_map(fn (string $of): string => "/shop?section={$of}", ['week', 'hands', 'places', 'points', 'bench', 'exceptions']);
        $nothing = [];
        foreach ([...$kinds, '/shelf/short/epoxy', '/shelf/short/polyester', '/shelf/short/clear', '/shelf/short/cloth', $lot, ...$sections, '/shop/money', '/parts/new', '/parts/choose', '/account', '/people'] as $page) {
            preg_match_all('~<(?:input|select)\b[^>]*?\bid="(f-[^"]+)"[^>]*>~s', (string) $this->get($page)->assertOk()->getContent(), $fields);
            foreach ($fields[0] as $i => $field) {
                if (! str_contains($field, 'aria-describedby') && ! str_contains($field, 'type="password"')) {
                    $nothing[] = "{$page}: {$fields[1][$i]}";
                }
            }
        }
        self::assertSame([], array_values(array_unique($nothing)));
    }

    public function testTimesAreReadAsPeopleWriteThem(): void
    {
        self::assertSame(['08:00', '08:30', '08:30', '08:30', '17:00', '24:00', null, null], array_map(Spans::clock(...), ['8', '8:30', '8.30', '0830', '17h', '24:00', '25', 'noon']));
        self::assertSame([[480, 750], [780, 1080]], Spans::read('8-12:30, 13 to 18'));
        $week = ['hours' => array_fill(1, 7, [['8', '12.30'], ['1300', '17h']]), 'air' => array_fill(1, 7, ['coldest_at' => '5', 'warmest_at' => '14.00'] + $this->shop->day_curves[1])];
        $this->put('/shop', ['section' => 'week'] + $week)->assertSessionHasNoErrors();
        self::assertSame([[[480, 750], [780, 1020]], '05:00'], [$this->shop->refresh()->working_hours[1], $this->shop->day_curves[1]['coldest_at']]);
    }

    /** Before anybody is there, the night is the one that still lasts, and it ends today. */
    public function testAtFourteenPastFiveHandsAreBackToday(): void
    {
        config(['oak.frozen_at' => '2027-03-11T04:14:00Z']);
        app()->forgetScopedInstances();
        $this->get('/bench/evening')->assertOk()->assertSee('Hands are back 08:00');
        config(['oak.frozen_at' => '2027-03-11T12:14:00Z']);
        app()->forgetScopedInstances();
        $this->get('/bench/evening')->assertOk()->assertSee('Hands are back tomorrow 08:00');
    }

    /** The demo's password is public: it would sign in to the real shop's machine. */
    public function testNoRealShopOpensBesideTheDemo(): void
    {
        $this->makeUser($this->shop, (string) config('oak.demo_login.email'));
        $this->artisan('oak:open-shop', ['name' => 'Slip Lane', 'town' => 'Elsewhere', 'person' => 'Uma Reed', 'email' => 'uma@slip.example'])
            ->expectsOutput(__('people.demo_is_here'))->assertFailed();
        self::assertSame(1, Shop::query()->count());
    }

    /** And the demo serves no real shop. */
    public function testTheDemoServesNoRealShop(): void
    {
        $this->artisan('oak:demo-login')->expectsOutput(__('people.no_demo_here'))->assertFailed();
        $this->makeUser($this->shop, (string) config('oak.demo_login.email'));
        $this->artisan('oak:demo-login')->expectsOutputToContain('Sign in as')->assertSuccessful();
    }

    public function testAWeakPasswordOrATakenAddressOpensNothing(): void
    {
        foreach ([['uma@slip.example', 'short'], ['ada@sample.example', 'long-enough-now'], ['no address', 'long-enough-now']] as [$email, $password]) {
            $this->artisan('oak:open-shop', ['name' => 'Slip Lane', 'town' => 'Elsewhere', 'person' => 'Uma Reed', 'email' => $email])
                ->expectsQuestion('Password, 12 characters or more', $password)->assertFailed();
        }
        self::assertSame(1, Shop::query()->count());
    }

    public function testAFinishedPartLeavesTheBenchGivesItsLetterBackAndOpensAgainWhenStruckOut(): void
    {
        $part = $this->makePart();
        foreach ($this->planned($part)->plan->steps as $step) {
            $kind = ['coat' => 'coat_on', 'wipe' => 'wiped', 'key' => 'sanded', 'flat' => 'sanded'][$step->step->kind->value] ?? 'done';
            foreach ($kind === 'sanded' ? array_map(fn ($s): int => $s->grit->number, $step->ladder->steps ?? []) ?: [$step->step->grits?->to] : [null] as $grit) {
                $this->act($part, $kind, $step->step->key, $grit === null ? [] : ['grit' => $grit])->assertSessionHasNoErrors();
            }
        }
        self::assertSame('2027-03-10 15:34', $part->fresh()?->finished_at?->format('Y-m-d H:i'));
        $this->get('/')->assertSee(__('bench.no_part'));
        $this->get('/parts')->assertSee('Finished')->assertSee('Test fender');
        $this->get('/parts/new')->assertSee('<option value="K" >K</option>', false);
        $last = $part->facts()->reorder('id', 'desc')->firstOrFail();
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/facts/{$last->id}/strike")->assertSessionHasNoErrors();
        self::assertNull($part->fresh()?->finished_at);
        $this->get('/')->assertSee('Last look');
        $this->get('/parts/new')->assertDontSee('<option value="K" >K</option>', false);
    }

    public function testAnErrorPageSpeaksOurLanguageAndCarriesNoInlineStyle(): void
    {
        $page = $this->get('/nowhere')->assertNotFound()->assertSee(__('errors.title.404'))->assertSee('Nothing was recorded');
        self::assertStringNotContainsString('<style', (string) $page->getContent());
    }
}
