<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Illuminate\Support\Facades\Auth;

final class SignInTest extends ShopCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Auth::logout();
    }

    public function testNobodySeesTheShopWithoutSigningIn(): void
    {
        foreach (['/', '/parts', '/parts/new', '/shelf', '/shop'] as $path) {
            $this->get($path)->assertRedirect('/login');
        }
    }

    public function testTheRightPasswordOpensAndSigningOutCloses(): void
    {
        $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long'])->assertRedirect('/');
        self::assertSame($this->user->id, Auth::id());
        $this->post('/logout')->assertRedirect('/login');
        self::assertNull(Auth::id());
    }

    public function testAWrongPasswordSaysSoAtTheFieldAndKeepsTheAddress(): void
    {
        $this->from('/login')->post('/login', ['email' => 'ada@sample.example', 'password' => 'wrong'])
            ->assertRedirect('/login')->assertSessionHasErrors('email')->assertSessionHasInput('email', 'ada@sample.example');
        self::assertArrayNotHasKey('password', session()->getOldInput());
    }

    public function testWrongPasswordsAreSlowedDownAndOthersAreNot(): void
    {
        for ($try = 0; $try < 5; $try++) {
            $this->post('/login', ['email' => 'ada@sample.example', 'password' => "wrong {$try}"]);
        }
        $this->post('/login', ['email' => 'ADA@sample.example', 'password' => 'right-and-long']);
        self::assertNull(Auth::id(), 'even the right one must wait');
        self::assertStringContainsString('Too many wrong passwords', session('errors')->first('email'));
        $this->makeUser($this->shop, 'ben@sample.example');
        $this->post('/login', ['email' => 'ben@sample.example', 'password' => 'right-and-long'])->assertRedirect('/');
        Auth::logout();
        $this->travel(61)->seconds();
        $this->post('/login', ['email' => 'ada@sample.example', 'password' => 'right-and-long'])->assertRedirect('/');
    }

    public function testTheDemoLoginIsShownInTheDemoOnly(): void
    {
        $this->get('/login')->assertOk()->assertDontSee(config('oak.demo_login.password'));
        config(['oak.demo' => true]);
        $this->get('/login')->assertSee(config('oak.demo_login.password'));
    }

    public function testAnotherShopsPartsAndShelfAreNotToBeHad(): void
    {
        $part = $this->makePart();
        $resin = $part->base_resin_id;
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'));
        foreach (["/parts/{$part->id}", "/parts/{$part->id}/sand", "/parts/{$part->id}/record", "/parts/{$part->id}/edit", "/parts/{$part->id}/weigh/base", "/shelf/resins/{$resin}"] as $path) {
            $this->get($path)->assertForbidden();
        }
        $this->act($part, 'done', 'strip')->assertForbidden();
        $this->put("/parts/{$part->id}/choice", ['field' => 'wet_out', 'value' => 'at_once'])->assertForbidden();
        $this->get('/parts')->assertOk()->assertDontSee('Test fender');
        self::assertSame(0, $part->facts()->count());
    }

    public function testAPartCannotBeMadeOfAnotherShopsShelf(): void
    {
        $other = $this->makeShop('Other Works');
        $foreign = \App\Models\Cloth::query()->where('shop_id', $other->id)->value('id');
        $this->actingAs($this->user)->post('/parts', $this->form(['cloth_id' => $foreign]))->assertSessionHasErrors('cloth_id');
    }

    public function testEveryPageComesWithAPolicyThatForbidsInlineScriptAndStyle(): void
    {
        $this->actingAs($this->user);
        $part = $this->partWithBuildCoat();
        foreach (['/', '/parts', '/parts/new', "/parts/{$part->id}", "/parts/{$part->id}/sand", "/parts/{$part->id}/record", "/parts/{$part->id}/weigh/build-2", '/shelf', '/shelf/resins/1', '/shop'] as $path) {
            $response = $this->get($path)->assertOk();
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\bsrc=)|<[^>]+\s(style|on\w+)=|javascript:/i', (string) $response->getContent(), "{$path} carries inline script or style");
        }
    }

    public function testEveryAnswerCarriesTheHeaders(): void
    {
        \Illuminate\Support\Facades\Route::get('/fails-for-a-test', fn () => throw new \RuntimeException('within'));
        foreach ([['GET', '/nowhere', 404], ['DELETE', '/login', 405], ['GET', '/', 302], ['GET', '/login', 200], ['GET', '/up', 200], ['GET', '/fails-for-a-test', 500], ['GET', '/parts/%00', 404], ['GET', '/calendar/'.str_repeat('a', 40).'.ics', 404]] as [$method, $path, $status]) {
            $answer = $this->call($method, $path)->assertStatus($status);
            self::assertStringContainsString("default-src 'none'", (string) $answer->headers->get('Content-Security-Policy'), $path);
            self::assertSame(['nosniff', 'DENY'], [$answer->headers->get('X-Content-Type-Options'), $answer->headers->get('X-Frame-Options')]);
            self::assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
            self::assertNull($answer->headers->get('X-Powered-By'));
            self::assertNull($answer->headers->get('Strict-Transport-Security'));
        }
        $this->actingAs($this->user);
        self::assertStringContainsString('no-store', (string) $this->get('/parts')->headers->get('Cache-Control'));
        self::assertStringContainsString('max-age=31536000', (string) $this->get('https://localhost/login')->headers->get('Strict-Transport-Security'));
    }

    public function testAServersNameThatIsNotItsOwnIsNotAnswered(): void
    {
        $this->get('http://evil.example/login')->assertStatus(400)->assertDontSee('Sign in');
        $this->get('http://127.0.0.1:8123/login')->assertOk();
        config(['oak.hosts' => ['Bench.example']]);
        $this->get('http://bench.example/login')->assertOk();
    }

    public function testAPressThatFailedIsNotSaidToBeKept(): void
    {
        $this->actingAs($this->user);
        $part = $this->partWithBuildCoat();
        \App\Models\PartFact::creating(fn () => throw new \RuntimeException('the disk is full'));
        $this->act($part, 'coat_on', 'build-2')->assertStatus(500)->assertSee('What you pressed last was not recorded')->assertDontSee('the disk is full');
        self::assertSame(0, $part->facts()->where('step', 'build-2')->count());
    }

    public function testWhatIsTypedComesBackEscaped(): void
    {
        $this->actingAs($this->user);
        $part = $this->makePart(['name' => '<img src=x onerror=alert(1)>']);
        foreach (['/', '/parts', "/parts/{$part->id}"] as $path) {
            $this->get($path)->assertDontSee('<img src=x', false)->assertSee('&lt;img src=x', false);
        }
        self::assertSame(1, Shop::query()->count());
    }
}
