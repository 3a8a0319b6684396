<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backup\ShopCopy;
use App\Models\AuditEntry;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Planning\Planner;
use Illuminate\Cache\FileStore;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Thorough;

/** A copy is checked, brought to this version and put back under a running shop; what is none changes nothing. */
final class RestoreTest extends FileShopCase
{
    public function testACopyTakesThePlaceAndWhatStoodIsKeptBeside(): void
    {
        $part = $this->partWithBuildCoat();
        $copy = dirname($this->file).'/copy.sqlite';
        $this->artisan('oak:backup', ['file' => $copy])->assertSuccessful();
        self::assertSame('0600', substr(sprintf('%o', fileperms($copy)), -4));
        $this->artisan('oak:backup', ['file' => $copy])->assertFailed();
        $this->fact($part, 'coat_on', 'build-2', self::NOW, ['grams' => 22.0]);
        $open = new \PDO("sqlite:{$this->file}");
        self::assertSame(1, (int) $open->query("select count(*) from facts where step = 'build-2'")->fetchColumn());

        $this->artisan('oak:restore', ['file' => $copy])->assertSuccessful();

        self::assertSame(0, PartFact::query()->where('step', 'build-2')->count());
        self::assertSame(0, (int) $open->query("select count(*) from facts where step = 'build-2'")->fetchColumn(), 'a connection that was open sees it too');
        self::assertFalse(app()->isDownForMaintenance());
        self::assertSame('restored', AuditEntry::query()->latest('id')->value('what'));
        $kept = glob(dirname($this->file).'/before-restore-*.sqlite') ?: [];
        self::assertCount(1, $kept);
        self::assertSame(1, (int) (new \PDO("sqlite:{$kept[0]}"))->query("select count(*) from facts where step = 'build-2'")->fetchColumn());
        self::assertSame([], glob(dirname($this->file).'/restoring-*') ?: []);
        $this->actingAs($this->user->fresh() ?? self::fail('gone'));
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
        self::assertSame('wal', DB::scalar('pragma journal_mode'));
    }

    public function testAnotherSheetUnderTheSameNumberIsAnotherState(): void
    {
        $part = $this->partWithBuildCoat();
        $before = app(Planner::class)->state($this->shop);
        // As a copy does that went another way after the same moment.
        DB::table('resins')->where('id', $part->getAttribute('skin_resin_id'))->update(['pot_life_min' => 11]);
        app()->forgetScopedInstances();

        self::assertNotSame($before, app(Planner::class)->state($this->shop->refresh()), 'what was priced with the first sheet is not shown for the second');
    }

    /** @return iterable<string, array{\Closure(self): string, string}> */
    public static function others(): iterable
    {
        yield 'the live file' => [fn (self $t): string => $t->file, 'the live file itself'];
        yield 'a link to it' => [function (self $t): string {
            link($t->file, "{$t->file}.link");

            return "{$t->file}.link";
        }, 'the live file itself'];
        yield 'nothing' => [fn (self $t): string => "{$t->file}.nothing", 'There is no file'];
        yield 'a text' => [fn (self $t): string => $t->made('text', fn (string $f) => file_put_contents($f, str_repeat('no database ', 500))), 'no whole copy'];
        yield 'an empty file' => [fn (self $t): string => $t->made('empty', touch(...)), 'shops is missing'];
        yield 'another database with a table facts' => [fn (self $t): string => $t->made('other', fn (string $f) => (new \PDO("sqlite:{$f}"))->exec('create table facts (id integer, what text)')), 'is missing or of another kind'];
        yield 'a copy that was cut' => [fn (self $t): string => $t->made('cut', function (string $f) use ($t): void {
            ShopCopy::make($t->file, $f);
            file_put_contents($f, substr((string) file_get_contents($f), 0, 60000));
        }), 'Nothing was changed'];
        yield 'a copy with loose ends' => [fn (self $t): string => $t->made('loose', function (string $f) use ($t): void {
            ShopCopy::make($t->file, $f);
            (new \PDO("sqlite:{$f}"))->exec('update parts set shop_id = 77');
        }), 'point to others'];
        yield 'a copy without a shop' => [fn (self $t): string => $t->made('empty-shop', function (string $f): void {
            touch($f);
            config(['database.connections.bare' => ['database' => $f] + config('database.connections.sqlite')]);
            Artisan::call('migrate', ['--database' => 'bare', '--force' => true]);
            DB::purge('bare');
        }), 'no shop in it'];
    }

    /** @param \Closure(self): string $other */
    #[DataProvider('others')]
    public function testWhatIsNoCopyChangesNothing(\Closure $other, string $why): void
    {
        $this->partWithBuildCoat();
        $file = $other($this);
        $before = $this->content();

        $this->artisan('oak:restore', ['file' => $file])->expectsOutputToContain($why)->assertFailed();

        self::assertSame($before, $this->content());
        self::assertFalse(app()->isDownForMaintenance());
        self::assertSame([], glob(dirname($this->file).'/{restoring,before-restore}-*', GLOB_BRACE) ?: []);
    }

    public function testACopyOfAnEarlierVersionIsBroughtToThisOneAndKeepsItsFacts(): void
    {
        $part = $this->partWithBuildCoat();
        $copy = $this->made('older', fn (string $f) => ShopCopy::make($this->file, $f));
        $old = new \PDO("sqlite:{$copy}");
        $old->exec("drop table presses; alter table practice_runs rename column moves to acts; drop table invites; drop table audit_entries; drop table shop_versions; alter table users drop column role; alter table users drop column left_at; alter table users drop column sign_ins_void; alter table users drop column signed_in_at;
            alter table shops drop column device_ranges; drop index facts_part_id_token_unique; create unique index facts_token_unique on facts (token); update users set email = 'Ada@Sample.example'; delete from migrations where migration like '2027_06%' or migration like '2027_12_20%'");
        unset($old);
        $facts = $this->content();

        $this->artisan('oak:restore', ['file' => $copy])->assertSuccessful();

        self::assertSame($facts, $this->content());
        self::assertSame('owner', DB::table('users')->value('role'));
        self::assertSame('ada@sample.example', DB::table('users')->value('email'));
        $this->actingAs($this->user->fresh() ?? self::fail('gone'));
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
    }

    public function testAMigrationThatFailsHalfWayLeavesNothingAndCanBeRepeated(): void
    {
        $directory = dirname($this->file).'/m'.bin2hex(random_bytes(3));
        mkdir($directory);
        $write = fn (string $end) => file_put_contents("{$directory}/2099_01_01_000001_add_things.php", "<?php return new class extends Illuminate\\Database\\Migrations\\Migration { public function up(): void { Illuminate\\Support\\Facades\\Schema::create('half_way', fn (\$t) => \$t->id()); Illuminate\\Support\\Facades\\Schema::table('papers', fn (\$t) => \$t->string('half')->nullable()); {$end} } };");
        try {
            $write('throw new RuntimeException("the power went");');
            try {
                Artisan::call('migrate', ['--path' => $directory, '--realpath' => true, '--force' => true]);
                self::fail('it went through');
            } catch (\RuntimeException $e) {
                self::assertStringContainsString('the power went', $e->getMessage());
            }
            self::assertFalse(Schema::hasTable('half_way'));
            self::assertFalse(Schema::hasColumn('papers', 'half'));
            $again = "{$directory}/again";
            mkdir($again);
            file_put_contents("{$again}/2099_01_01_000001_add_things.php", str_replace('throw new RuntimeException("the power went");', '', (string) file_get_contents("{$directory}/2099_01_01_000001_add_things.php")));
            Artisan::call('migrate', ['--path' => $again, '--realpath' => true, '--force' => true]);
            self::assertTrue(Schema::hasColumn('papers', 'half'));
        } finally {
            array_map(unlink(...), [...(glob("{$directory}/*.php") ?: []), ...(glob("{$directory}/again/*.php") ?: [])]);
            @rmdir("{$directory}/again");
            rmdir($directory);
        }
    }

    public function testAnActThatWaitedForARestoreIsToldThatTheShopIsClosed(): void
    {
        $part = $this->partWithBuildCoat();
        Artisan::call('down');
        self::assertFileDoesNotExist(storage_path('framework/down'), 'what is closed here stays open in the tests beside it');
        $this->app->forgetInstance(\Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance::class);
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\PreventRequestsDuringMaintenance::class);
        $this->act($part, 'coat_on', 'build-2')->assertStatus(503);
        Artisan::call('up');
        self::assertSame(0, PartFact::query()->where('step', 'build-2')->count());
    }

    /** @return iterable<string, array{\Closure(string): mixed}> */
    public static function damages(): iterable
    {
        yield 'cut short' => [fn (string $f) => file_put_contents($f, substr((string) file_get_contents($f), 0, 40960))];
        yield 'overwritten' => [fn (string $f) => file_put_contents($f, str_repeat('no database ', 9000))];
        yield 'written into' => [function (string $f): void {
            $h = fopen($f, 'r+');
            for ($page = 1; $page < 40; $page++) {
                fseek($h, 4096 * $page);
                fwrite($h, str_repeat("\xA5", 2048));
            }
            fclose($h);
        }];
        yield 'gone' => [unlink(...)];
    }

    /** @param \Closure(string): mixed $damage */
    #[DataProvider('damages')]
    public function testACopyIsPutBackOverDataThatAreDamaged(\Closure $damage): void
    {
        $this->partWithBuildCoat();
        $copy = $this->made('copy', fn (string $f) => ShopCopy::make($this->file, $f));
        $before = $this->content();
        DB::statement('pragma wal_checkpoint(truncate)');
        DB::purge();
        $damage($this->file);
        $damaged = is_file($this->file) ? md5_file($this->file) : null;

        $this->artisan('oak:restore', ['file' => $copy])->assertSuccessful();

        self::assertSame($before, $this->content());
        self::assertSame('ok', DB::scalar('pragma integrity_check'));
        self::assertFalse(app()->isDownForMaintenance());
        $kept = glob(dirname($this->file).'/before-restore-*.sqlite') ?: [];
        self::assertSame($damaged === null ? [] : [$damaged], array_map(md5_file(...), $kept), 'the very file is kept');
    }

    public function testARestoreThatIsKilledHalfWayIsEndedByTheNextStart(): void
    {
        $this->partWithBuildCoat();
        $copy = $this->made('copy', fn (string $f) => ShopCopy::make($this->file, $f));
        $old = $this->content();
        $this->fact(Part::query()->firstOrFail(), 'coat_on', 'build-2', self::NOW, ['grams' => 22.0]);
        $new = $this->content();
        $environment = ['DB_DATABASE' => $this->file, 'APP_MAINTENANCE_DRIVER' => 'cache', 'APP_MAINTENANCE_STORE' => 'file', 'CACHE_PATH' => dirname($this->file).'/cache'];
        $closed = 0;
        for ($kill = 0; $kill < (Thorough::isLong() ? 20 : 4); $kill++) {
            DB::purge();
            $restore = new Process([PHP_BINARY, 'artisan', 'oak:restore', $copy], base_path(), $environment);
            $restore->start();
            // Killed once it has closed the shop, a little later each time.
            for ($wait = 0; $wait < 4000 && $restore->isRunning() && (int) @filesize("{$this->file}.restoring") === 0; $wait++) {
                usleep(500);
                clearstatcache();
            }
            usleep(2000 * $kill);
            $restore->isRunning() ? $restore->signal(SIGKILL) : self::fail($restore->getErrorOutput().$restore->getOutput());
            $restore->wait();
            $closed += (int) is_file("{$this->file}.restoring");
            (new Process([PHP_BINARY, 'artisan', 'oak:end-restore'], base_path(), $environment))->mustRun();

            self::assertContains($this->content(), [$old, $new], 'one or the other, whole');
            self::assertSame('ok', DB::scalar('pragma integrity_check'));
            self::assertFileDoesNotExist("{$this->file}.restoring");
            self::assertSame([], glob(dirname($this->file).'/restoring-*') ?: []);
            self::assertNull((new FileStore(new Filesystem(), $environment['CACHE_PATH']))->get('illuminate:foundation:down'), 'the shop is open');
        }
        self::assertGreaterThan(0, $closed, 'at least one was hit half-way');
        (new Filesystem())->deleteDirectory(dirname($this->file).'/cache');
    }

    private function made(string $name, \Closure $make): string
    {
        $file = dirname($this->file)."/{$name}.sqlite";
        $make($file);

        return $file;
    }

    /** @return array{int, string} */
    private function content(): array
    {
        return [Shop::query()->count(), md5((string) json_encode(DB::table('facts')->orderBy('id')->get()))];
    }
}
