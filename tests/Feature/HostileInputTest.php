<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AirReading;
use App\Models\Feed;
use App\Models\HelpCall;
use App\Models\HourException;
use App\Models\KeptQuote;
use App\Models\Lot;
use App\Models\Photo;
use App\Models\PlanOffer;
use App\Models\PracticeRun;
use App\Models\SheetFile;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as LaravelRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Validator;
use Illuminate\Testing\TestResponse;
use Tests\Thorough;

/** Whatever is sent into whichever field of whichever route, it is answered in words, and the form that comes back too. */
final class HostileInputTest extends ShopCase
{
    /** Fields of each route, with what a hand would send. Routes without fields stand here too. */
    private const FIELDS = [
        'up' => [], 'worker' => [], 'login' => [], 'login.store' => ['email' => 'ada@sample.example', 'password' => 'wrong', 'remember' => '1'],
        'join' => [], 'join.store' => ['password' => 'four plain brown words', 'password_confirmation' => 'x'], 'feed' => [],
        'logout' => [], 'account' => [], 'account.password' => ['current' => 'x', 'password' => 'y', 'password_confirmation' => 'y'], 'account.everywhere' => [], 'account.measures' => ['measures' => 'us', 'figures' => 'comma', 'measured.measures' => 'oz|g|1|2'],
        'people' => [], 'people.store' => ['name' => 'Bo', 'initials' => 'B', 'email' => 'bo@sample.example', 'role' => 'viewer'], 'audit' => ['page' => '1'],
        'people.role' => ['role' => 'owner'], 'people.link' => [], 'people.password' => ['password' => 'wrong'], 'people.leave' => [], 'people.back' => [],
        'bench' => [], 'bench.evening' => [], 'bench.hands' => [], 'help' => [], 'help.store' => ['part' => '1'], 'help.answer' => [], 'weigh.tare' => ['reads' => 'through'], 'parts.index' => ['q' => 'w', 'method' => 'brush_on', 'state' => 'now', 'person' => '1', 'month' => '2027-03'], 'parts.create' => ['trial' => '1', 'resin' => '1'], 'parts.choose' => ['lies' => 'bare_part', 'purpose' => 'cosmetic', 'substrate' => 'abs', 'form' => 'flat', 'pieces' => '2', 'finish' => 'gloss', 'skill' => 'some', 'length' => '400', 'width' => '200', 'sun' => '1'],
        'parts.answer' => ['method' => 'rescue', 'film_um' => '120', 'with_for' => 'x', 'shape' => 'bent_panel', 'unit' => 'mm', 'editing' => '1', 'sizes_for' => 'x', 'zones_typed' => '1', 'name' => 'x', 'sizes.length' => '400', 'zones.0.name' => 'top', 'zones.0.length_mm' => '10', 'zones.0.above' => '1'],
        'parts.store' => ['trial' => '1', 'method' => 'flat_sheet', 'plies' => '2', 'faces' => 'both', 'sizes.part_length' => '80', 'film_relief_um' => '80', 'film_known_by' => 'guessed', 'holding' => 'tacky_base', 'inner_cloth_id' => '1', 'skin_resin_id' => '1', 'filler_id' => '1', 'name' => 'x', 'letter' => 'M', 'substrate' => 'abs', 'tone' => 'black', 'shape' => 'bent_panel', 'unit' => 'in', 'finish' => 'gloss', 'needed_by' => '2027-04-01T10:00', 'wrap_mm' => '30', 'holes' => '0', 'finish_coats' => '1', 'base_resin_id' => '1', 'cloth_id' => '1', 'clear_id' => '1', 'zones_typed' => '1', 'sizes.length' => '400', 'zones.0.name' => 'top', 'zones.0.kind' => 'level', 'zones.0.slope_deg' => '5', 'zones.0.above' => '1', 'primed' => '1'],
        'parts.show' => ['after' => 'build-1'], 'parts.edit' => [], 'parts.update' => ['name' => 'x', 'letter' => 'N', 'sizes.length' => '400', 'zones.0.above' => '1', 'priority' => 'high'],
        'filters.store' => ['kind' => 'vapour'],
        'parts.choice' => ['field' => 'build_coats', 'value' => '4'], 'ways.take' => ['way' => 'stay'],
        'parts.film' => [], 'film.store' => ['kind' => 'measured', 'zone' => 'top', 'way' => 'slug', 'unit' => 'mm', 'um' => '0.2', 'n' => '3', 'part_g' => '800'],
        'parts.hold' => [], 'parts.cancel' => [], 'parts.resume' => [], 'parts.destroy' => [], 'facts.move' => ['to_part' => '1'], 'parts.sand' => [], 'sand.decide' => ['way' => 'orbital-180', 'seen' => '1'], 'sand.wait' => [], 'sand.change' => ['what' => 'water'],
        'parts.clear' => ['thinner' => '10'], 'gloss.store' => ['by' => 'hand', 'gu' => '80'], 'parts.record' => [], 'parts.dispatch' => [], 'habits' => [], 'parts.inspect' => [], 'defects.show' => [], 'photos.show' => [],
        'inspect.found' => ['defect' => 'runs', 'zone' => 'top', 'along' => '10', 'across' => '10', 'size' => '4', 'count' => '2', 'depth' => '20', 'photo' => 'x'], 'inspect.looked' => ['look' => 'raking'], 'inspect.passed' => ['zone' => 'top', 'passes' => '1'],
        'inspect.wrong' => ['mishap' => 'part_dropped', 'zone' => 'top', 'because' => 'x'], 'weave.read' => ['weave_zone' => 'top', 'pitch' => '4', 'scale' => '0.1', 'weave_photo' => 'x', 'weave_other' => 'x'], 'defects.told' => ['cause' => 'cold', 'is_so' => '1'], 'defects.take' => ['remedy' => 'accept'],
        'facts.store' => ['along' => '10', 'across' => '10', 'radius' => '5', 'kind' => 'coat_on', 'step' => 'build-2', 'touch' => 'print', 'paper' => 'dusts', 'grit' => '240', 'zone' => 'top', 'how' => 'orbital', 'minutes' => '3', 'end' => 'matt', 'at' => '16:00', 'days_ago' => '0', 'short' => '1', 'to' => 'bench'],
        'facts.strike' => ['reason' => 'slip'], 'facts.judge' => ['counts' => '0', 'reason' => 'x'],
        'weigh' => ['with' => '1:build-2'], 'weigh.swap' => [], 'weigh.store' => ['component' => 'resin', 'grams' => '20', 'ml' => '20', 'with' => '1:build-2', 'strokes' => '3', 'measured.grams' => 'oz|g||'], 'weigh.scale' => [], 'weigh.from_here' => [],
        'practice' => [], 'practice.begin' => ['lesson' => 'dust', 'seed' => '7'], 'practice.show' => ['zone' => 'top'], 'practice.move' => ['kind' => 'mix', 'after' => '0', 'mix_amount' => '20', 'zone' => 'top', 'grit' => '240', 'how' => 'orbital', 'shown' => 'top'], 'practice.finish' => [],
        'offers.look' => [], 'offers.take' => [], 'offers.refuse' => [],
        'run-sheet' => ['span' => '3d', 'from' => '30000000', 'step' => '1:build-2'], 'run-sheet.reckon' => [], 'run-sheet.range' => ['span' => '3d', 'from' => '30000000'],
        'run-sheet.try' => ['at' => '30080000', 'at_local' => '2027-03-11T09:00', 'span' => '3d'], 'run-sheet.pin' => ['at_local' => '2027-03-11T09:00', 'at' => '30080000', 'span' => '3d', 'from' => '1'], 'run-sheet.unpin' => ['span' => '3d'],
        'run-sheet.climate' => ['kind' => 'warm_box', 'from' => '2027-03-10T17:00', 'until' => '2027-03-10T20:00', 'c' => '28', 'span' => '3d'],
        'changes.seen' => [], 'turn' => ['part' => '1', 'free' => 'tomorrow 13:00 to 14:30', 'pool' => '1'], 'turn.take' => ['free' => 'tomorrow 13:00 to 14:30', 'part' => '1', 'pool' => '1', 'way' => '0'],
        'calendar.file' => [], 'feeds.open' => [], 'feeds.revoke' => [],
        'find' => ['q' => 'w'], 'shelf' => ['q' => 'tw', 'kind' => 'cloths'], 'shelf.create' => [], 'shelf.short' => [], 'shelf.confirm' => [], 'shelf.densities' => ['resin_100_ml' => '112', 'hardener_100_ml' => '98'], 'shelf.edit' => [], 'shelf.shopping' => [], 'shelf.shopping.csv' => [], 'shelf.json' => [], 'shelf.schema' => [], 'shelf.csv' => [], 'shelf.import' => ['materials' => 'x'], 'sheet-files.store' => ['sheet_file' => 'x'], 'sheet-files.show' => [],
        'lots.store' => ['jar' => '', 'mark' => 'A1', 'quantity' => '10', 'price' => '12.50', 'supplier' => 'x', 'lead_days' => '5', 'use_by' => '2027-09-01', 'storage_c' => '20', 'width_mm' => '1000'], 'lots.change' => ['what' => 'cut', 'quantity' => '1', 'width_mm' => '200', 'direction' => 'along', 'note' => 'x'],
        'parts.money' => [], 'quotes.store' => ['kind' => 'quote', 'customer' => 'Nell'], 'quotes.forget' => [], 'quotes.pdf' => [],
        'shop.money' => [], 'shop.money.update' => ['currency' => 'EUR', 'digits' => '2', 'hand' => '44', 'booth' => '0', 'box' => '0', 'wet' => '7.6', 'hire' => '25', 'waste' => '5', 'margin' => '10', 'tax' => '20', 'validDays' => '30', 'terms' => 'x', 'excluded' => 'x', 'footer' => 'x'],
        'shelf.store' => ['name' => 'x', 'short' => 'cloth', 'weave' => 'twill', 'fibre' => 'carbon', 'areal_g_m2' => '200', 'width_mm' => '1000'], 'shelf.update' => ['name' => 'x', 'areal_g_m2' => '200', 'texture_ratio' => '0.3'],
        'shop.usual' => ['set' => 'garage'], 'health' => [], 'health.seen' => [], 'shop.edit' => ['section' => 'week'], 'shop.update' => ['section' => 'bench', 'hours.1.0.0' => '08:00', 'air.1.coldest_c' => '12', 'air.1.coldest_at' => '05:00', 'typed.0.at' => '2027-03-11T10:00', 'typed.0.c' => '20', 'people.1.days.1' => '08:00-12:00', 'things.booth' => '1', 'tools.0' => 'sander', 'papers.0' => '1', 'at_bench.0' => '1', 'cup_loss_g' => '7', 'scale_step_g' => '0.1', 'target_percent' => '1', 'meter_url' => 'http://192.168.0.2/', 'scale_url' => 'http://192.168.0.3/lines', 'unrest_min' => '30', 'wipe_holds_min' => '60', 'lead_days' => '3', 'filter_hours.vapour' => '40', 'print_through' => 'flat', 'device_ranges.0' => 'private', 'seen' => '0', 'showed' => 'x'],
        'hours.store' => ['day' => '2027-03-12', 'who' => '1', 'spans' => '08:00-12:00', 'because' => 'x'], 'hours.withdraw' => [], 'hours.home' => [],
        'air' => [], 'air.store' => ['air_c' => '20', 'rh_percent' => '50'], 'air.probe' => ['probe_url' => 'http://192.168.0.2/air'], 'air.poll' => [], 'air.import' => ['zone' => 'UTC'], 'air.back' => [], 'air.forget' => [], 'clock.skip' => ['to' => '15'],
    ];

    /** @var list<string> */
    private array $failed = [];

    /** @return list<mixed> */
    private static function hostile(): array
    {
        $more = Thorough::isLong() ? ['1e309', "\u{202E}abc", '2027-02-30T25:61', '../../.env%00', '9999-12-31'] : [];

        return [...$more, [], ['x' => ['y' => ['z']]], "nul\0byte", "\xff\xfe\xc3(", str_repeat('9', 400), '-1e308', 'NaN', str_repeat('long ', 20000), '<script>alert(1)</script>\'"`--', '٣٤', ' ', '0x1A'];
    }

    public function testEveryFieldOfEveryRouteStandsWhatIsSent(): void
    {
        config(['oak.demo' => true]);
        RateLimiter::for('acts', fn (): Limit => Limit::none());
        RateLimiter::for('sign-ins', fn (): Limit => Limit::none());
        RateLimiter::for('photos', fn (): Limit => Limit::none());
        $routes = Route::getRoutes()->getRoutesByName();
        self::assertSame([], array_diff(array_keys($routes), array_keys(self::FIELDS)), 'routes whose fields are not known');
        $values = $this->values();
        $hostile = self::hostile();
        $nameless = [];
        Validator::resolver(function (mixed ...$of) use (&$nameless): \Illuminate\Validation\Validator {
            $validator = new \Illuminate\Validation\Validator(...$of);
            foreach (array_keys($of[2]) as $field) {
                // A name of its own is none that Laravel makes of the field's.
                $any = preg_replace('/\.\d+(?=\.|$)/', '.*', (string) $field);
                $named = $of[4] + __('validation.attributes');
                $nameless += isset($named[$field]) || isset($named[$any]) ? [] : [$any => true];
            }

            return $validator;
        });
        $sent = $met = 0;
        foreach ($routes as $name => $route) {
            foreach (array_keys(self::FIELDS[$name] + ['token' => '', 'stray' => '']) as $f => $field) {
                foreach ($hostile as $v => $value) {
                    // Every third field meets one of them, the next such field the next; all of them all with the long tests.
                    if (Thorough::isLong() || (($f + $v) % 12 === 0 && $met++ % 3 === 0)) {
                        $this->send((string) $name, $route, $values, (string) $field, $value);
                        $sent++;
                    }
                }
            }
        }
        self::assertSame([], $this->failed);
        self::assertSame([], array_keys($nameless), 'fields without a name in words');
        self::assertGreaterThan(80, $sent);
    }

    public function testAFormTakesWhatAFormSendsAndNumbersThatAreFinite(): void
    {
        $part = $this->partWithBuildCoat();
        foreach (['{"air_c": 1e999}', '{"air_c": 18, "token": 7}', '{"air_c": [18]}', '7', 'null', '{'] as $json) {
            foreach (['/air', "/parts/{$part->id}/facts", '/hours', '/login'] as $path) {
                $answer = $this->call('POST', $path, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'text/html'], $json);
                self::assertSame(415, $answer->status(), "{$path} {$json}");
            }
        }
        foreach (['1e999', '-1e999', str_repeat('9', 400)] as $number) {
            $this->post('/air', ['air_c' => $number])->assertSessionHasErrors('air_c');
            $this->put('/shop', ['cup_loss_g' => $number])->assertSessionHasErrors('cup_loss_g');
        }
        self::assertSame(0, AirReading::query()->count());
    }

    public function testSignsThatAreNoTextInAnAddressAreAnsweredToo(): void
    {
        foreach (['/parts/%00', '/parts/%ff%fe', '/run-sheet?step=%00', '/run-sheet?step[]=1', '/run-sheet/turn?free[]=x', '/parts?%ff=1', '/shelf/%00/1', '/shelf/resins/99999999999999999999', '/parts/1/weigh/%c3%28', '/practice/99999999999999999999999', '/join/'.str_repeat('a', 48), '/calendar/'.str_repeat('a', 40).'.ics', '/run-sheet?from=1e308', '/people/audit?page=-9', '/people/audit?page=99999999999999999999'] as $path) {
            $answer = $this->get($path);
            self::assertLessThan(500, $answer->status(), $path);
            self::assertStringNotContainsString('Stack trace', (string) $answer->getContent());
        }
    }

    public function testNothingTypedIsLostBesideWhatIsNoText(): void
    {
        $this->from('/parts/new')->post('/parts', ['name' => "Stern\0cowl", 'wrap_mm' => '42', 'unit' => ['mm']])->assertRedirect('/parts/new')->assertSessionHasErrors(['name', 'unit'])->assertSessionHasInput('wrap_mm', '42');
        self::assertArrayNotHasKey('name', session()->getOldInput());
    }

    private function note(TestResponse $answer, string $what): void
    {
        foreach (session('errors')?->getBags() ?? [] as $bag) {
            foreach ($bag->all() as $message) {
                // What a framework says, or a field's name as the code has it.
                if (preg_match('/\bfield\b|\bThe selected\b|\b[a-z]+_[a-z_]+\b|validation\.|[a-z]\.\d|:[a-z]+/', $message) === 1) {
                    $this->failed[] = "{$what}: {$message}";
                }
            }
        }
        if ($answer->baseResponse->getStatusCode() >= 500) {
            $this->failed[] = $what.': '.mb_substr((string) $answer->exception?->getMessage(), 0, 160);
        }
    }

    /** @param array<string, int|string> $values */
    private function send(string $name, LaravelRoute $route, array $values, string $field, mixed $value): void
    {
        app()->forgetScopedInstances();
        in_array($name, ['login', 'login.store', 'join', 'join.store', 'feed'], true) ? Auth::logout() : $this->actingAs($this->user->fresh() ?? self::fail('gone'));
        $form = ['token' => bin2hex(random_bytes(8))];
        foreach (self::FIELDS[$name] as $key => $usual) {
            data_set($form, $key, $usual);
        }
        data_set($form, $field, $value);
        if ($name === 'air.import') {
            $form['file'] = UploadedFile::fake()->createWithContent('air.csv', "time,c\n2027-03-10 10:00,20\n");
        }
        $method = $route->methods()[0];
        $uri = route($name, array_intersect_key($values, array_flip($route->parameterNames())));
        $answer = $this->from('/parts/new')->call($method, $method === 'GET' ? $uri.'?'.http_build_query($form) : $uri, $method === 'GET' ? [] : $form);
        $what = "{$method} {$name} {$field}=".mb_substr((string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE), 0, 40);
        $this->note($answer, $what);
        if (session('errors') !== null) {
            foreach (self::SHOWN[explode('.', $name)[0]] ?? ['/parts/new'] as $page) {
                $again = $this->get($page === '{sheet}' ? "/run-sheet?step={$values['part']}:build-2" : strtr($page, ['{part}' => (string) $values['part'], '{cloth}' => (string) $values['id']]));
                $this->note($again, "{$what}, shown on {$page}");
            }
        }
        $this->flushSession();
    }

    /** Where the form of a route comes back. */
    private const SHOWN = ['parts' => ['/parts/new', '/parts/choose'], 'shop' => ['/shop', '/shop?section=bench', '/shop?section=hands', '/shop?section=points', '/shop/money'], 'quotes' => ['/parts/{part}/money'], 'lots' => ['/shelf/cloths/{cloth}'], 'sheet-files' => ['/shelf/cloths/{cloth}'], 'hours' => ['/shop?section=exceptions'], 'air' => ['/air', '/'], 'shelf' => ['/shelf/cloths/new', '/shelf/resins/new', '/shelf'], 'people' => ['/people'], 'account' => ['/account'], 'run-sheet' => ['{sheet}'], 'turn' => ['/run-sheet/turn'], 'facts' => ['/', '/parts/{part}/sand'], 'film' => ['/parts/{part}/film'], 'gloss' => ['/parts/{part}/clear'], 'inspect' => ['/parts/{part}/inspect'], 'weave' => ['/parts/{part}/inspect'], 'weigh' => ['/parts/{part}/weigh/build-2'], 'practice' => ['/practice'], 'login' => ['/login'], 'sand' => ['/parts/{part}/sand']];

    /** @return array<string, int|string> by parameter */
    private function values(): array
    {
        $part = $this->partWithBuildCoat();
        $this->fact($part, 'ready', 'build-2', self::NOW);
        $this->keep();

        return [
            'step' => 'build-2', 'part' => $part->id, 'fact' => $this->fact($part, 'found', 'build-1', self::NOW, ['defect' => 'runs', 'zone' => 'flank', 'count' => 1])->id,
            'kind' => 'cloths', 'id' => (int) $part->getAttribute('cloth_id'), 'person' => $this->makeUser($this->shop, 'zoe@sample.example')->id,
            'run' => PracticeRun::query()->create(['user_id' => $this->user->id, 'lesson' => 'dust', 'seed' => 4, 'moves' => []])->id,
            'offer' => PlanOffer::query()->create(['shop_id' => $this->shop->id, 'kept_plan_id' => $this->shop->keptPlans()->value('id'), 'made_at' => now(), 'saves_min' => 1, 'places' => [], 'parts' => []])->id,
            'feed' => Feed::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'token_hash' => 'x', 'made_at' => now()])->id,
            'photo' => Photo::query()->create(['part_id' => $part->id, 'user_id' => $this->user->id, 'width' => 1, 'height' => 1, 'bytes' => 'x', 'taken_at' => now()])->id,
            'reading' => AirReading::query()->create(['shop_id' => $this->shop->id, 'source' => 'hand', 'measured_at' => now(), 'air_c' => 20.0, 'user_id' => $this->user->id])->id,
            'exception' => HourException::query()->create(['shop_id' => $this->shop->id, 'day' => '2027-03-20', 'spans' => [], 'made_by_id' => $this->user->id])->id,
            'lot' => Lot::query()->create(['shop_id' => $this->shop->id, 'kind' => 'cloths', 'item_id' => (int) $part->getAttribute('cloth_id'), 'mark' => 'L', 'quantity' => 5, 'left' => 5, 'width_mm' => 1000, 'received_at' => now()])->id,
            'quote' => KeptQuote::query()->create(['shop_id' => $this->shop->id, 'part_id' => $part->id, 'user_id' => $this->user->id, 'kind' => 'quote', 'number' => 7, 'bill' => ['waste' => 0, 'margin' => 0, 'tax' => 0, 'lines' => []], 'terms' => [], 'made_at' => now()])->id,
            'file' => SheetFile::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'kind' => 'cloths', 'item_id' => 1, 'name' => 'x', 'type' => 'text/plain', 'bytes' => 'x', 'kept_at' => now()])->id,
            'call' => HelpCall::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'called_at' => now()])->id,
            'token' => str_repeat('a', 48), 'form' => 'epoxy',
        ];
    }
}
