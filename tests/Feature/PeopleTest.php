<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\HoldSession;
use App\Models\AuditEntry;
use App\Models\Invite;
use App\Models\PartFact;
use App\Models\Role;
use App\Models\User;
use App\People\GoodPassword;
use App\People\PrehashedBcrypt;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** People with their own keys: invited by a link, given a role, let go; and what was done is listed. */
final class PeopleTest extends ShopCase
{
    public function testSomebodyNewIsAddedAndComesInByTheLinkOnce(): void
    {
        $this->post('/people', ['name' => 'Bo Reed', 'initials' => 'BR', 'email' => 'Bo@Sample.example', 'role' => 'finisher'])->assertRedirect('/people')->assertSessionHasNoErrors();
        $link = session('link')['address'];
        $this->get('/people')->assertOk()->assertSee($link);
        $this->get('/people')->assertDontSee($link);
        $bo = User::query()->where('email', 'bo@sample.example')->sole();
        self::assertSame(Role::Finisher, $bo->role);

        Auth::logout();
        $this->get($link)->assertOk()->assertSee('Welcome, Bo Reed');
        $this->post($link, ['password' => 'short', 'password_confirmation' => 'short'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => 'four plain brown words', 'password_confirmation' => 'four plain brown birds'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => 'four plain brown words', 'password_confirmation' => 'four plain brown words'])->assertRedirect('/');
        self::assertSame($bo->id, Auth::id());
        Auth::logout();
        $this->get($link)->assertNotFound();
        $this->post($link, ['password' => 'four other brown words', 'password_confirmation' => 'four other brown words'])->assertNotFound();
        $this->post('/login', ['email' => 'BO@sample.example', 'password' => 'four plain brown words'])->assertRedirect('/');
        self::assertStringNotContainsString(basename($link), (string) json_encode(Invite::query()->get()), 'only its hash is kept');
    }

    public function testRolesAndLinksAskForThePasswordAgainAndKeepWhatWasTyped(): void
    {
        $this->user->setPassword('four plain brown words');
        $bo = $this->makeUser($this->shop, 'bo@sample.example', Role::Finisher);
        $this->withSession(['password_given_at' => time() - 1000, 'sign_ins_void' => $this->user->sign_ins_void]);
        $this->put("/people/{$bo->id}/role", ['role' => 'owner'])->assertSessionHasErrors('password');
        $this->post("/people/{$bo->id}/link")->assertSessionHasErrors('password');
        $this->from('/people')->post('/people', ['name' => 'Cy Marsh', 'initials' => 'CM', 'email' => 'cy@sample.example', 'role' => 'viewer'])->assertSessionHasErrors('password');
        $this->get('/people')->assertSee('value="Cy Marsh"', false)->assertSee(__('people.your_password'));
        self::assertSame([Role::Finisher, 0], [$bo->refresh()->role, Invite::query()->count()]);
        $this->post('/people/password', ['password' => 'four plain brown birds'])->assertSessionHasErrors('password');
        self::assertTrue(AuditEntry::query()->where('what', 'password_refused')->exists());
        $this->post('/people/password', ['password' => 'four plain brown words'])->assertSessionHasNoErrors();
        $this->put("/people/{$bo->id}/role", ['role' => 'owner'])->assertSessionHasNoErrors();
        self::assertSame(Role::Owner, $bo->refresh()->role);
    }

    public function testALinkOfBeforeSomebodyLeftStaysDeadAndSigningOutEverywhereClosesTheCalendar(): void
    {
        $bo = $this->makeUser($this->shop, 'bo@sample.example', Role::Finisher);
        $this->post("/people/{$bo->id}/link");
        $link = session('link')['address'];
        $this->post("/people/{$bo->id}/leave");
        $this->post("/people/{$bo->id}/back");
        $this->post('/feeds')->assertSessionHasNoErrors();
        $feed = session('feed');
        $this->post('/account/everywhere');
        Auth::logout();
        $this->get($link)->assertNotFound();
        $this->get($feed)->assertNotFound();
    }

    public function testWhoeverSendsSomebodyHereIsNotWhereTheyAreSentBackTo(): void
    {
        $this->post('/air', ['air_c' => 'warm'], ['Referer' => 'https://elsewhere.example/trap'])->assertRedirect('/');
        $this->post('/air', ['air_c' => '18'], ['Referer' => 'http://localhost.elsewhere.example/trap'])->assertRedirect('/');
        $this->post('/air', ['air_c' => '18'], ['Referer' => config('app.url').'/air'])->assertRedirect('/air');
    }

    public function testANewLinkVoidsTheOldOneAndALinkEnds(): void
    {
        $bo = $this->makeUser($this->shop, 'bo@sample.example', Role::Finisher);
        $this->post("/people/{$bo->id}/link")->assertSessionHasNoErrors();
        $first = session('link')['address'];
        $this->post("/people/{$bo->id}/link");
        $second = session('link')['address'];
        Auth::logout();
        $this->get($first)->assertNotFound();
        $this->get($second)->assertOk();
        $this->travel(8)->days();
        $this->get($second)->assertNotFound();
        $this->travelBack();
        $this->artisan('oak:person', ['email' => 'BO@sample.example'])->expectsOutputToContain('/join/')->assertSuccessful();
        $this->artisan('oak:person', ['email' => 'nobody@sample.example'])->assertFailed();
    }

    public function testWhoLeavesCantSignInAndActsStayTheirs(): void
    {
        $bo = $this->makeUser($this->shop, 'bo@sample.example', Role::Finisher);
        $part = $this->partWithBuildCoat();
        $this->actingAs($bo);
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
        $this->actingAs($this->user);
        $this->post("/people/{$bo->id}/leave")->assertSessionHasNoErrors();

        self::assertSame($bo->id, PartFact::query()->where('step', 'build-2')->sole()->user_id);
        $this->get("/parts/{$part->id}/record")->assertOk()->assertSee('Ada Sample');
        Auth::logout();
        $this->post('/login', ['email' => 'bo@sample.example', 'password' => 'right-and-long'])->assertSessionHasErrors('email');
        $this->actingAs($bo->refresh())->get('/')->assertRedirect('/login');

        $this->actingAs($this->user)->post("/people/{$bo->id}/back")->assertSessionHasNoErrors();
        Auth::logout();
        $this->post('/login', ['email' => 'bo@sample.example', 'password' => 'right-and-long'])->assertRedirect('/');
    }

    public function testTheLastOwnerStays(): void
    {
        $this->put("/people/{$this->user->id}/role", ['role' => 'viewer'])->assertSessionHasErrors('act');
        $this->post("/people/{$this->user->id}/leave")->assertSessionHasErrors('act');
        $bo = $this->makeUser($this->shop, 'bo@sample.example', Role::Finisher);
        $this->put("/people/{$bo->id}/role", ['role' => 'owner'])->assertSessionHasNoErrors();
        $this->put("/people/{$this->user->id}/role", ['role' => 'finisher'])->assertSessionHasNoErrors();
        $this->actingAs($this->user->refresh())->get('/people')->assertForbidden();
    }

    public function testAPasswordIsChangedAndOtherSignInsEnd(): void
    {
        $this->put('/account/password', ['current' => 'wrong', 'password' => 'four plain brown words', 'password_confirmation' => 'four plain brown words'])->assertSessionHasErrors('current');
        $this->put('/account/password', ['current' => 'right-and-long', 'password' => 'four plain brown words', 'password_confirmation' => 'four plain brown words'])->assertSessionHasNoErrors();
        self::assertTrue(Hash::check('four plain brown words', $this->user->refresh()->password));
        $this->get('/')->assertOk();
        $this->withSession(['sign_ins_void' => 0, 'signed_in_at' => now()->getTimestamp()])->get('/')->assertRedirect('/login');
    }

    public function testSigningOutEverywhereEndsAllSessions(): void
    {
        $this->get('/')->assertOk();
        $this->post('/account/everywhere')->assertRedirect('/login');
        $this->actingAs($this->user->refresh())->withSession(['sign_ins_void' => 0, 'signed_in_at' => now()->getTimestamp()])->get('/')->assertRedirect('/login');
        $this->actingAs($this->user->refresh())->withSession(['sign_ins_void' => 0, 'signed_in_at' => now()->getTimestamp()])->get('/', ['HX-Request' => 'true'])->assertHeader('HX-Redirect');
    }

    public function testASignInEndsAfterTwelveHoursAndAStayedOneAfterThirtyDays(): void
    {
        $this->post('/logout');
        $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long']);
        $this->get('/')->assertOk();
        $this->travel(11)->hours();
        $this->get('/')->assertOk();
        $this->travel(2)->hours();
        $this->get('/')->assertRedirect('/login');

        $answer = $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long', 'remember' => '1']);
        $cookies = [Auth::guard('web')->getRecallerName() => $answer->getCookie(Auth::guard('web')->getRecallerName())?->getValue(), HoldSession::SINCE => $answer->getCookie(HoldSession::SINCE)?->getValue()];
        self::assertSame(43200, (int) round(($answer->getCookie(Auth::guard('web')->getRecallerName())?->getExpiresTime() - now()->getTimestamp()) / 60));
        foreach ([[13, 200], [24 * 29, 200], [24 * 2, 302]] as [$hours, $status]) {
            $this->travel($hours)->hours();
            $this->flushSession();
            Auth::forgetGuards();
            self::assertSame($status, $this->withCookies($cookies)->get('/')->status(), "after {$hours} h more");
        }
        $this->travelBack();
        $this->flushSession();
        Auth::forgetGuards();
        $this->defaultCookies = [];
        $this->withCookies([Auth::guard('web')->getRecallerName() => $cookies[Auth::guard('web')->getRecallerName()]])->get('/')->assertRedirect('/login');
    }

    /** @return iterable<string, array{string}> */
    public static function badPasswords(): iterable
    {
        foreach (['elevensigns', str_repeat('long ', 41), 'password1234', 'Passwort2027', 'passwordpassword', '123456789012', 'abcdefghijklm', 'aaaaaaaaaaaaaaa', 'abababababab', 'qwertyuiop123', 'letmeinplease', 'Ada Sample', 'ada@sample.example', 'Willkommen2027!'] as $password) {
            yield $password => [$password];
        }
    }

    #[DataProvider('badPasswords')]
    public function testAPasswordThatIsTriedFirstIsRefused(string $password): void
    {
        self::assertTrue(Validator::make(['p' => $password], ['p' => [new GoodPassword(['Ada Sample', 'ada@sample.example'])]])->fails());
    }

    public function testAGoodPasswordMayBeLongAndAllOfItCounts(): void
    {
        $long = str_repeat('sixteen tall jars of pale glue ', 6);
        self::assertFalse(Validator::make(['p' => $long], ['p' => [new GoodPassword()]])->fails());
        $hash = Hash::make($long);
        self::assertTrue(Hash::check($long, $hash));
        self::assertFalse(Hash::check(substr($long, 0, 100), $hash), 'bcrypt alone reads 72 of them');
        self::assertTrue(Hash::check('of before', password_hash('of before', PASSWORD_BCRYPT, ['cost' => 4])));
        self::assertTrue(Hash::needsRehash(password_hash('of before', PASSWORD_BCRYPT, ['cost' => 4])));
    }

    /** Counted, not timed: a busy machine says nothing of the code. */
    public function testAnUnknownAddressIsAnsweredTheSameAndAfterTheSameWork(): void
    {
        $hasher = new CountedBcrypt(['rounds' => 5]);
        Hash::extend('prehashed', fn (): PrehashedBcrypt => $hasher);
        Hash::forgetDrivers();
        $this->user->update(['password' => 'right-and-long']);
        Auth::logout();
        foreach (['ada@sample.example', 'nobody@sample.example'] as $address) {
            $hasher->costs = [];
            $this->post('/login', ['email' => $address, 'password' => 'wrong'])->assertSessionHasErrors(['email' => __('people.wrong')]);
            self::assertSame([5], $hasher->costs, $address);
        }
        self::assertSame(60, strlen(crypt('wrong', str_replace('sha384:', '', $hasher->nobodys()))), 'a hash that is malformed is refused without work');
    }

    public function testANetworkIsSlowedDownWhateverItTries(): void
    {
        Auth::logout();
        for ($try = 0; $try < 25; $try++) {
            $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.'.($try % 9)])->post('/login', ['email' => "a{$try}@sample.example", 'password' => 'wrong']);
        }
        $this->withServerVariables(['REMOTE_ADDR' => '203.0.113.77'])->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long']);
        self::assertStringContainsString('Too many', session('errors')->first('email'));
        $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.7'])->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long'])->assertRedirect('/');
        RateLimiter::clear('login-from:'.bin2hex("\xCB\x00\x71"));
    }

    public function testTheAuditListSaysWhoDidWhatAndCantBeChanged(): void
    {
        $this->post('/people', ['name' => 'Bo Reed', 'initials' => 'BR', 'email' => 'bo@sample.example', 'role' => 'viewer']);
        $this->put('/shop', ['hours' => array_fill(1, 7, [['08:00', '18:00'], [null, null]]), 'air' => array_fill(1, 7, ['coldest_c' => 20, 'coldest_at' => '05:00', 'warmest_c' => 20, 'warmest_at' => '14:00']), 'cup_loss_g' => 9, 'scale_step_g' => 0.1, 'target_percent' => 1]);
        $this->get('/run-sheet.ics')->assertOk();
        $this->post('/logout');
        $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'wrong']);
        $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long']);

        self::assertSame(['person_added', 'link_made', 'settings_changed', 'exported', 'signed_out', 'sign_in_refused', 'signed_in'], AuditEntry::query()->orderBy('id')->pluck('what')->all());
        $this->get('/people/audit')->assertOk()->assertSeeInOrder(['signed in', __('audit.sign_in_refused', ['for' => 'Ada Sample']), 'took out run-sheet.ics', 'changed the shop:', 'cup_loss_g', 'added Bo Reed as viewer'])->assertSee('127.0.0.1');
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'))->get('/people/audit')->assertDontSee('Bo Reed');
        $this->expectExceptionMessage('append-only');
        AuditEntry::query()->delete();
    }

    public function testAViewerSeesEverythingAndPressesNothing(): void
    {
        $part = $this->partWithBuildCoat();
        $this->keep();
        $this->actingAs($this->makeUser($this->shop, 'vi@sample.example', Role::Viewer));
        foreach (['/', '/parts', "/parts/{$part->id}", "/parts/{$part->id}/record", '/run-sheet', '/shelf', '/shop', '/air'] as $page) {
            $this->get($page)->assertOk()->assertSee('<fieldset class="reads" disabled>', false)->assertSee('You read along');
        }
        $this->get('/account')->assertOk()->assertDontSee('You read along');
        $this->act($part, 'coat_on', 'build-2')->assertForbidden();
        self::assertSame(0, $part->facts()->where('step', 'build-2')->count());
    }
}
