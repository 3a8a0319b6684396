<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\HostNames;
use App\Models\AirReading;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;

/** A small shop on Wednesday 16:34, open from 8 to 18, 20 °C all day, with the shipped shelf and one person. */
abstract class ShopCase extends TestCase
{
    use RefreshDatabase {
        migrateDatabases as private migrateThem;
    }

    protected const NOW = '2027-03-10 16:34';

    private static ?ArrayStore $cache = null;

    private int $facts = 0;

    protected Shop $shop;

    protected User $user;

    /** @var array<string, string> */
    private array $missingWords = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->nameMissingWords();
        $this->keepTheCacheWarm();
        $this->app->instance(HostNames::class, new class () extends HostNames {
            public function addressesOf(string $host): array
            {
                return preg_match('/^(probe\.test|meter\.example)$/', $host) === 1 ? ['93.184.216.34'] : parent::addressesOf($host);
            }
        });
        $this->shop = Shop::query()->firstOrFail();
        $this->user = User::query()->firstOrFail();
        $this->actingAs($this->user);
        $this->withSession(['password_given_at' => time()]);
    }

    /** The shop and its shelf are made once for all tests of a process: what a test does to them is rolled back. */
    protected function migrateDatabases(): void
    {
        $this->migrateThem();
        $this->makeUser($this->makeShop('Sample Works'), 'ada@sample.example');
    }

    /** A word that lang/ lacks fails the test by its key, in one line. */
    private function nameMissingWords(): void
    {
        Lang::handleMissingKeysUsing(function (string $key): string {
            $isOurs = is_file(lang_path('en/'.Str::before($key, '.').'.php'));
            $this->missingWords += $isOurs && ! str_starts_with($key, 'validation.') ? [$key => "lang/en has no {$key}"] : [];

            return $key;
        });
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        self::assertCount(0, $this->missingWords, implode("\n", $this->missingWords));
    }

    /** What is cached is named by what it was reckoned from: the next test that begins alike finds it, as the next page of a shop does. */
    private function keepTheCacheWarm(): void
    {
        $store = self::$cache ??= new ArrayStore(true);
        Cache::extend('warm', fn (): Repository => new Repository($store));
        config(['cache.stores.warm' => ['driver' => 'warm'], 'cache.default' => 'warm', 'cache.limiter' => 'array']);
    }

    protected function makeShop(string $name): Shop
    {
        return Shop::factory()->create(['name' => $name]);
    }

    protected function makeUser(Shop $shop, string $email, Role $role = Role::Owner): User
    {
        return User::factory()->create(['shop_id' => $shop->id, 'email' => $email, 'role' => $role])->refresh();
    }

    /** @param array<string, mixed> $other */
    protected function makePart(array $other = []): Part
    {
        return Part::factory()->in($this->shop)->create($other)->fresh() ?? throw new \LogicException('the part was not kept');
    }

    /** As every form does, with a mark of its own where the test says none. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        return parent::call($method, $uri, $method === 'GET' ? $parameters : $parameters + ['token' => Str::random(24)], $cookies, $files, $server, $content);
    }

    /**
     * Its token is that of no other fact, and the same where a test begins alike.
     *
     * @param array<string, string|int|float> $data
     */
    protected function fact(Part $part, string $kind, string $step, string $at, array $data = []): PartFact
    {
        return PartFact::query()->create([
            'part_id' => $part->id, 'user_id' => $this->user->id, 'kind' => $kind, 'step' => $step, 'data' => $data, 'air_c' => 20.0, 'token' => ++$this->facts.md5(serialize([$part->id, $kind, $step, $at, $data])),
            'happened_at' => CarbonImmutable::parse($at, 'Europe/Vienna')->utc(), 'recorded_at' => CarbonImmutable::parse($at, 'Europe/Vienna')->utc(),
        ]);
    }

    /** A part whose last build coat went on at a time today. */
    protected function partWithBuildCoat(string $at = '2027-03-10 13:50'): Part
    {
        $part = $this->makePart();
        foreach ([['done', 'strip', '08 08:20'], ['wiped', 'wipe-1', '08 08:25'], ['sanded', 'key', '08 08:40', ['grit' => 150]], ['wiped', 'wipe-2', '08 09:00'], ['coat_on', 'base', '08 09:10', ['grams' => 27.0]],
            ['done', 'lay', '08 12:00'], ['coat_on', 'wet-out', '08 15:00', ['grams' => 33.0]], ['sanded', 'nibs', '09 10:30', ['grit' => 240]], ['wiped', 'wipe-3', '09 10:40']] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-{$row[2]}", $row[3] ?? []);
        }
        $this->fact($part, 'coat_on', 'build-1', $at, ['grams' => 22.0]);

        return $part;
    }

    /** Keeps the plan as it stands, as an act does. */
    protected function keep(): void
    {
        app()->forgetScopedInstances();
        app(PlanKeeper::class)->keep($this->shop->refresh());
        app()->forgetScopedInstances();
    }

    protected function planned(Part $part): PlannedPart
    {
        app()->forgetScopedInstances();

        return app(Planner::class)->plan(Part::query()->with(Part::PLAN_NEEDS)->findOrFail($part->id));
    }

    /** @param array<string, string|int|float> $more */
    protected function act(Part $part, string $kind, string $step, array $more = []): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post("/parts/{$part->id}/facts", ['kind' => $kind, 'step' => $step, 'token' => Str::random(20)] + $more);
    }

    protected function read(float $airC, ?float $rh = null): AirReading
    {
        return AirReading::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'measured_at' => CarbonImmutable::parse(self::NOW, 'Europe/Vienna')->utc(), 'air_c' => $airC, 'rh_percent' => $rh]);
    }

    protected function minute(string $local): float
    {
        return (new ShopTime('Europe/Vienna'))->at($local);
    }

    /**
     * Columns of a part as a form sends them.
     *
     * @param list<string> $columns
     *
     * @return array<string, mixed>
     */
    protected function typed(Part $part, array $columns): array
    {
        return array_map(fn (mixed $v): mixed => $v instanceof \BackedEnum ? $v->value : $v, $part->only($columns));
    }

    /** What the form of a part sends. @return array<string, mixed> */
    protected function form(array $other = []): array
    {
        $part = $this->makePart(['letter' => 'Z']);
        $form = $this->typed($part, ['substrate', 'tone', 'backing', 'shape', 'unit', 'sizes', 'finish', 'wrap_mm', 'holes', 'wet_out', 'after_wet_out', 'top', 'finish_coats', 'base_resin_id', 'skin_resin_id', 'cloth_id', 'clear_id']);
        $part->delete();

        return $other + ['name' => 'Stern cowl', 'letter' => 'M', 'needed_by' => '', 'zones_typed' => '0'] + $form;
    }
}
