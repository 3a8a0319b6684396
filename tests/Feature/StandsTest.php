<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\CarefulFileStore;
use App\Files\Upright;
use App\Files\WholeFileSessions;
use App\Http\Middleware\KeepThePlan;
use App\Planning\OneReckons;
use App\Stock\Ledger;
use Illuminate\Cache\Repository;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What goes wrong around the shop stops no page, and is told to who looks after it. */
final class StandsTest extends FileShopCase
{
    public function testWithNoRoomForTheCacheEveryPageStillReads(): void
    {
        $this->partWithBuildCoat();
        $this->keep();
        // A directory that can't be one: every write of the cache fails, as on a full disk.
        $file = dirname($this->file).'/no-directory';
        touch($file);
        Cache::extend('full', fn (): Repository => new Repository(new CarefulFileStore(new Filesystem(), "{$file}/cache")));
        config(['cache.stores.full' => ['driver' => 'full'], 'cache.default' => 'full', 'cache.limiter' => 'full']);
        app()->forgetInstance('cache.store');
        foreach (['/', '/parts', '/run-sheet', '/shelf', '/air', '/shop'] as $page) {
            app()->forgetScopedInstances();
            $this->get($page)->assertOk();
        }
        app()->forgetScopedInstances();
        $this->post('/air', ['air_c' => '19'])->assertSessionHasNoErrors();
    }

    public function testWhatOtherCodeHasReckonedIsReckonedAgain(): void
    {
        $directory = dirname($this->file).'/other-code';
        $store = new CarefulFileStore(new Filesystem(), $directory);
        $store->put('plan', 'filler', 600);
        $written = glob("{$directory}/*/*/*") ?: [];
        self::assertCount(1, $written);
        // A choice that there was once, and a class that is gone.
        foreach (['O:23:"OakGloss\\Method\\Choices":1:{s:6:"wetOut";i:1;}', 'O:3:"Xyz":1:{s:1:"a"', 'b:1'] as $kept) {
            file_put_contents($written[0], (time() + 600).$kept);
            self::assertNotSame('broke', rescue(fn (): mixed => $store->get('plan'), 'broke', false));
        }
        (new Filesystem())->deleteDirectory($directory);
    }

    public function testWithTheDataGoneAPageSaysSoInOurOwnWordsAndUpTellsWhoWatches(): void
    {
        $this->get('/up')->assertOk()->assertSee('up');
        DB::purge();
        rename($this->file, "{$this->file}.away");
        $this->get('/')->assertStatus(503)->assertSee(__('errors.no_data'))->assertDontSee('Stack trace');
        $this->post('/air', ['air_c' => '19.5'])->assertSee('19.5');
        $this->get('/up')->assertStatus(503)->assertSee('database: does not answer');
        rename("{$this->file}.away", $this->file);
        DB::purge();
        $this->get('/up')->assertOk();
    }

    public function testAKilledPollIsSilentForTenMinutesAtMost(): void
    {
        $poll = array_values(array_filter(app(Schedule::class)->events(), fn ($e): bool => str_contains((string) $e->command, 'oak:poll-probe')))[0];
        self::assertTrue($poll->withoutOverlapping);
        self::assertSame(10, $poll->expiresAt, 'minutes until its lock dies');
    }

    public function testTheNightlyCheckNamesALotThatIsNotTheSumOfItsMoves(): void
    {
        $part = $this->partWithBuildCoat();
        $lot = app(Ledger::class)->receive(['shop_id' => $this->shop->id, 'kind' => 'cloths', 'item_id' => $part->getAttribute('cloth_id'), 'mark' => 'R', 'quantity' => 5.0, 'width_mm' => 1000, 'received_at' => now()], $this->user);
        $this->artisan('oak:check')->assertSuccessful();
        DB::table('lots')->where('id', $lot->id)->update(['left' => 4.2]);
        $this->artisan('oak:check')->expectsOutputToContain("Lot {$lot->id}: 4.200 left, its moves come to 5.000.")->assertFailed();
        $this->get('/people/audit')->assertOk()->assertSee('At the nightly check');
    }

    public function testAFigureThatManyAskForIsReckonedOnce(): void
    {
        $log = dirname($this->file).'/reckoned';
        $ask = 'require "vendor/autoload.php"; $app = require "bootstrap/app.php"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            @time_sleep_until((float) $argv[1]); echo App\Planning\OneReckons::remember("one-figure", 60, function () use ($argv) { file_put_contents($argv[2], "x", FILE_APPEND); usleep(400000); return 42; });';
        $environment = ['DB_DATABASE' => $this->file, 'CACHE_STORE' => 'file', 'CACHE_PATH' => dirname($this->file).'/cache'];
        $at = (string) (microtime(true) + 1.5);
        $devices = array_map(fn (int $n): Process => new Process([PHP_BINARY, '-r', $ask, $at, $log], base_path(), $environment), range(1, 6));
        array_walk($devices, fn (Process $d) => $d->start());
        array_walk($devices, fn (Process $d) => $d->wait());
        self::assertSame(array_fill(0, 6, '42'), array_map(fn (Process $d): string => $d->getOutput(), $devices));
        self::assertSame('x', file_get_contents($log), 'by the first, and the others waited for it');
        (new Filesystem())->deleteDirectory(dirname($this->file).'/cache');
    }

    public function testAnActThatReckonsWaitsForNobody(): void
    {
        $lock = fopen(storage_path('framework/cache/reckon-'.crc32('held') % 64 .'.lock'), 'c') ?: self::fail('no lock');
        flock($lock, LOCK_EX);
        $began = microtime(true);
        self::assertSame(7, DB::transaction(fn (): int => OneReckons::remember('held', 60, fn (): int => 7)));
        self::assertLessThan(2.0, microtime(true) - $began);
        fclose($lock);
    }

    public function testASessionThatCantBeWrittenLeavesTheOneBefore(): void
    {
        $directory = dirname($this->file);
        $sessions = new WholeFileSessions(new Filesystem(), $directory, 60);
        self::assertTrue($sessions->write('abc', 'signed in'));
        $cut = new Process(['bash', '-c', "trap '' XFSZ; ulimit -f 1; exec \"\$0\" -r \"\$1\"", PHP_BINARY, 'require "vendor/autoload.php"; (new App\Files\WholeFileSessions(new Illuminate\Filesystem\Filesystem(), "'.$directory.'", 60))->write("abc", str_repeat("x", 9000));'], base_path());
        $cut->run();
        self::assertSame('signed in', $sessions->read('abc'));
        self::assertSame(["{$directory}/abc"], glob("{$directory}/abc*"));
    }

    public function testPhotosAreOpenedBeforeTheLockOfTheirAct(): void
    {
        foreach (['inspect.found', 'weave.read'] as $name) {
            self::assertContains(KeepThePlan::class, Route::getRoutes()->getByName($name)?->excludedMiddleware() ?? [], $name);
        }
    }

    public function testARefusalIsLogged(): void
    {
        Log::shouldReceive('warning')->once()->withArgs(fn (string $said): bool => str_contains($said, 'Refused: GET parts'));
        $part = $this->makePart();
        $this->actingAs($this->makeUser($this->makeShop('Other Works'), 'eve@other.example'))->get("/parts/{$part->id}")->assertForbidden();
    }

    /** @return iterable<string, array{int, array{float, float}, float}> Orientation, where (4, 1) of 6 × 3 pixels lies then, and a line at 30° */
    public static function turns(): iterable
    {
        yield 'as it is' => [1, [4.0, 1.0], 30.0];
        yield 'mirrored' => [2, [2.0, 1.0], 150.0];
        yield 'upside down' => [3, [2.0, 2.0], 30.0];
        yield 'mirrored upside down' => [4, [4.0, 2.0], 150.0];
        yield 'along the diagonal' => [5, [1.0, 4.0], 60.0];
        yield 'lying to the left' => [6, [2.0, 4.0], 120.0];
        yield 'along the other diagonal' => [7, [2.0, 2.0], 60.0];
        yield 'lying to the right' => [8, [1.0, 2.0], 120.0];
    }

    /** @param array{float, float} $point */
    #[DataProvider('turns')]
    public function testWhatLiesInAPhotoIsFoundWhereItIsShown(int $orientation, array $point, float $direction): void
    {
        $upright = new Upright($orientation, 6, 3, 0.5);
        self::assertSame([0.5 * $point[0], 0.5 * $point[1]], $upright->point(4.0, 1.0));
        self::assertEqualsWithDelta($direction, $upright->direction(30.0), 1e-9);
    }
}
