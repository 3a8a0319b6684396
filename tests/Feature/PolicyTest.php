<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AirReading;
use App\Models\Feed;
use App\Models\HelpCall;
use App\Models\HourException;
use App\Models\KeptQuote;
use App\Models\Lot;
use App\Models\Part;
use App\Models\Photo;
use App\Models\PlanOffer;
use App\Models\PracticeRun;
use App\Models\Role;
use App\Models\SheetFile;
use App\Models\User;
use Illuminate\Routing\Route as LaravelRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/** What each role may do, of every route there is; a route that is missing here fails. */
final class PolicyTest extends ShopCase
{
    private const GUESTS = ['up', 'worker', 'login', 'login.store', 'join', 'join.store', 'feed'];
    private const ALL = ['logout', 'account', 'account.password', 'account.everywhere', 'account.measures', 'bench', 'bench.evening', 'bench.hands', 'find', 'help', 'parts.index', 'parts.show', 'parts.film', 'parts.sand', 'parts.clear', 'parts.record', 'parts.dispatch', 'parts.inspect', 'defects.show', 'photos.show', 'habits', 'run-sheet', 'run-sheet.reckon', 'run-sheet.range', 'calendar.file', 'shelf', 'shelf.edit', 'shelf.json', 'shelf.schema', 'shelf.csv', 'sheet-files.show', 'shop.edit', 'air', 'feeds.revoke'];
    private const WORKERS = ['weigh.tare', 'filters.store', 'help.store', 'help.answer', 'parts.choose', 'parts.create', 'parts.answer', 'parts.store', 'parts.edit', 'parts.update', 'parts.choice', 'ways.take', 'film.store', 'sand.decide', 'sand.wait', 'sand.change', 'gloss.store', 'inspect.found', 'inspect.looked', 'inspect.passed', 'inspect.wrong', 'weave.read', 'defects.told', 'defects.take', 'facts.store', 'facts.strike', 'facts.judge', 'weigh', 'weigh.store', 'weigh.scale', 'weigh.from_here', 'weigh.swap', 'shelf.shopping', 'shelf.shopping.csv', 'parts.money', 'quotes.store', 'quotes.forget', 'quotes.pdf', 'lots.store', 'lots.change',
        'practice', 'practice.begin', 'practice.show', 'practice.move', 'practice.finish', 'offers.look', 'offers.take', 'offers.refuse', 'run-sheet.try', 'run-sheet.pin', 'run-sheet.unpin', 'run-sheet.climate', 'changes.seen', 'turn', 'turn.take', 'feeds.open',
        'hours.store', 'hours.withdraw', 'hours.home', 'air.store', 'air.poll', 'air.import', 'air.forget', 'air.back', 'clock.skip', 'parts.hold', 'parts.cancel', 'parts.resume', 'parts.destroy', 'facts.move'];
    private const OWNERS = ['shop.money', 'shop.money.update', 'shelf.import', 'sheet-files.store', 'shelf.create', 'shelf.store', 'shelf.update', 'shelf.short', 'shelf.confirm', 'shelf.densities', 'shop.update', 'shop.usual', 'health', 'health.seen', 'air.probe', 'people', 'people.store', 'people.password', 'audit', 'people.role', 'people.link', 'people.leave', 'people.back'];

    /** Of each only the maker's own. */
    private const OWN = ['practice.show', 'practice.move', 'practice.finish', 'feeds.revoke'];

    /** Named for nobody's shop: what they reach is the own. */
    private const OF_NO_SHOP = ['filters.store', 'parts.choose', 'parts.create', 'parts.answer', 'parts.store', 'practice', 'practice.begin', 'offers.look', 'changes.seen', 'turn', 'turn.take', 'feeds.open', 'hours.store', 'air.store', 'air.poll', 'air.import', 'air.forget', 'clock.skip', 'shelf.create', 'shelf.store', 'shelf.short', 'shop.update', 'shop.usual', 'health', 'health.seen', 'air.probe', 'people', 'people.store', 'people.password', 'audit',
        'logout', 'account', 'account.password', 'account.everywhere', 'account.measures', 'bench', 'bench.evening', 'bench.hands', 'find', 'help', 'help.store', 'weigh.tare', 'parts.index', 'habits', 'run-sheet', 'run-sheet.reckon', 'calendar.file', 'shelf', 'shelf.shopping', 'shelf.shopping.csv', 'shelf.json', 'shelf.schema', 'shelf.csv', 'shelf.import', 'shop.edit', 'shop.money', 'shop.money.update', 'air'];

    public function testEveryRouteIsInTheTable(): void
    {
        $known = [...self::GUESTS, ...self::ALL, ...self::WORKERS, ...self::OWNERS];
        $there = array_keys($this->routes());
        self::assertSame([], array_values(array_diff($there, $known)), 'routes without a row');
        self::assertSame([], array_values(array_diff($known, $there)), 'rows without a route');
        self::assertSame($known, array_values(array_unique($known)));
        $nameless = array_filter(Route::getRoutes()->getRoutes(), fn (LaravelRoute $r): bool => $r->getName() === null);
        self::assertSame([], array_map(fn (LaravelRoute $r): string => $r->uri(), $nameless));
    }

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    #[DataProvider('roles')]
    public function testARoleReachesWhatIsItsAndNothingElse(Role $role): void
    {
        config(['oak.demo' => true]);
        $values = $this->values($this->user);
        $person = $this->makeUser($this->shop, 'bo@sample.example', $role);
        $mine = $this->values($person, $values);
        foreach ($this->routes() as $name => $route) {
            if (in_array($name, self::GUESTS, true)) {
                continue;
            }
            $may = in_array($name, self::ALL, true) || ($role->works() && in_array($name, self::WORKERS, true)) || ($role === Role::Owner && in_array($name, self::OWNERS, true));
            $status = $this->ask($person, $route, in_array($name, self::OWN, true) ? $mine : $values);
            self::assertSame(! $may, $status === 403, "{$role->value} at {$name}: {$status}");
            self::assertLessThan(500, $status, $name);
        }
    }

    #[DataProvider('roles')]
    public function testAnotherShopsPeopleReachNothingOfIt(Role $role): void
    {
        config(['oak.demo' => true]);
        $values = $this->values($this->user);
        $stranger = $this->makeUser($this->makeShop('Other Works'), 'eve@other.example', $role);
        foreach ($this->routes() as $name => $route) {
            if (! in_array($name, [...self::GUESTS, ...self::OF_NO_SHOP], true)) {
                self::assertContains($this->ask($stranger, $route, $values), [403, 404], $name);
            }
        }
    }

    public function testWhoIsNotSignedInReachesTheDoorOnly(): void
    {
        $values = $this->values($this->user);
        foreach ($this->routes() as $name => $route) {
            if (! in_array($name, self::GUESTS, true)) {
                self::assertSame(302, $this->ask(null, $route, $values), $name);
            }
        }
    }

    /** @return array<string, LaravelRoute> by name */
    private function routes(): array
    {
        return Route::getRoutes()->getRoutesByName();
    }

    /**
     * @param array<string, int|string>|null $others
     *
     * @return array<string, int|string> by parameter
     */
    private function values(User $user, ?array $others = null): array
    {
        $part = $others === null ? $this->partWithBuildCoat() : Part::query()->findOrFail($others['part']);
        $begun = ['step' => 'build-2', 'part' => $part->id, 'fact' => $part->facts()->where('kind', 'coat_on')->latest('id')->value('id')];
        $this->keep();

        return $begun + [
            'kind' => 'cloths', 'id' => $part->getAttribute('cloth_id'), 'person' => $user->id,
            'run' => PracticeRun::query()->create(['user_id' => $user->id, 'lesson' => 'dust', 'seed' => 4, 'moves' => []])->id,
            'offer' => PlanOffer::query()->create(['shop_id' => $this->shop->id, 'kept_plan_id' => $this->shop->keptPlans()->value('id'), 'made_at' => now(), 'saves_min' => 1, 'places' => [], 'parts' => []])->id,
            'feed' => Feed::query()->create(['shop_id' => $this->shop->id, 'user_id' => $user->id, 'token_hash' => bin2hex(random_bytes(8)), 'made_at' => now()])->id,
            'reading' => AirReading::query()->create(['shop_id' => $this->shop->id, 'source' => 'hand', 'measured_at' => now(), 'air_c' => 20.0, 'user_id' => $user->id])->id,
            'exception' => HourException::query()->create(['shop_id' => $this->shop->id, 'day' => '2027-03-20', 'spans' => [], 'made_by_id' => $user->id])->id,
            'photo' => Photo::query()->create(['part_id' => $part->id, 'user_id' => $user->id, 'width' => 1, 'height' => 1, 'bytes' => 'x', 'taken_at' => now()])->id,
            'lot' => Lot::query()->create(['shop_id' => $this->shop->id, 'kind' => 'cloths', 'item_id' => $part->getAttribute('cloth_id'), 'mark' => 'L', 'quantity' => 5, 'left' => 5, 'width_mm' => 1000, 'received_at' => now()])->id,
            'quote' => KeptQuote::query()->create(['shop_id' => $this->shop->id, 'part_id' => $part->id, 'user_id' => $user->id, 'kind' => 'quote', 'number' => random_int(1, 1 << 30), 'bill' => ['waste' => 0, 'margin' => 0, 'tax' => 0, 'lines' => []], 'terms' => [], 'made_at' => now()])->id,
            'file' => SheetFile::query()->create(['shop_id' => $this->shop->id, 'user_id' => $user->id, 'kind' => 'cloths', 'item_id' => 1, 'name' => 'x', 'type' => 'text/plain', 'bytes' => 'x', 'kept_at' => now()])->id,
            'call' => HelpCall::query()->create(['shop_id' => $this->shop->id, 'user_id' => $user->id, 'called_at' => now()])->id,
            'token' => str_repeat('a', 48),
        ];
    }

    /** @param array<string, int|string> $values */
    private function ask(?User $user, LaravelRoute $route, array $values): int
    {
        Auth::logout();
        $this->flushSession();
        app()->forgetScopedInstances();
        if ($user !== null) {
            $this->actingAs($user->fresh() ?? self::fail('gone'));
        }
        // A part's brief can be changed until it is begun.
        if (in_array($route->getName(), ['parts.edit', 'parts.update'], true)) {
            $values['part'] = Part::query()->where('letter', 'N')->value('id') ?? $this->makePart(['letter' => 'N', 'shop_id' => $this->shop->id])->id;
        }
        // Every sheet but one of a resin by volume has its grams.
        if ($route->getName() === 'shelf.densities') {
            $resin = \App\Models\Resin::query()->where('shop_id', $this->shop->id)->where('ratio_kind', 'volume')->firstOrFail();
            $resin->update(['assumed' => ['density_resin_g_cm3']]);
            $values = ['kind' => 'resins', 'id' => $resin->id] + $values;
        }
        $values = array_intersect_key($values + ['form' => 'epoxy'], array_flip($route->parameterNames()));

        return $this->call($route->methods()[0], route((string) $route->getName(), $values))->baseResponse->getStatusCode();
    }
}
