<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backup\NightlyCopies;
use App\Backup\NotRestored;
use App\Backup\Sealed;
use App\Health\Health;
use App\Health\Line;
use App\Health\Notes;
use App\Models\Role;
use App\Planning\Planner;
use Carbon\CarbonImmutable;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Copies of every night, their trial, and what an owner is told. */
final class NightlyTest extends FileShopCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = dirname($this->file).'/nightly';
        config(['oak.backups.folder' => "{$this->folder}/here", 'oak.backups.second' => null, 'oak.backups.key' => null, 'oak.notes' => "{$this->folder}/notes.json"]);
        mkdir($this->folder, 0700, true);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return list<string> */
    private function kept(string $folder): array
    {
        return array_values(array_diff(scandir($folder) ?: [], ['.', '..']));
    }

    private function line(string $what): Line
    {
        app()->forgetScopedInstances();

        return array_values(array_filter(app(Health::class)->lines($this->shop, app(Planner::class)->floor($this->shop)), fn (Line $line): bool => $line->what === $what))[0];
    }

    public function testACopyIsMadeEveryNightInBothPlacesAndTriedEveryWeek(): void
    {
        $this->partWithBuildCoat();
        mkdir("{$this->folder}/there");
        config(['oak.backups.second' => "{$this->folder}/there"]);
        self::assertSame('no_backup', $this->line('backup')->says);
        $this->artisan('oak:nightly')->assertSuccessful();
        self::assertSame($this->kept("{$this->folder}/here"), $this->kept("{$this->folder}/there"));
        self::assertSame('good', $this->line('backup')->state->value);
        $this->artisan('oak:try-backup')->expectsOutputToContain('1 parts')->assertSuccessful();
        self::assertSame('good', $this->line('trial')->state->value);
        self::assertCount(1, $this->kept("{$this->folder}/here"), 'the trial leaves nothing');
    }

    public function testASealedCopyIsOpenedByItsKeyAloneAndOnlyWhole(): void
    {
        $key = Sealed::newKey();
        config(['oak.backups.key' => $key]);
        $this->artisan('oak:nightly')->assertSuccessful();
        [$name] = $this->kept("{$this->folder}/here");
        self::assertStringEndsWith('.sqlite.sealed', $name);
        $sealed = "{$this->folder}/here/{$name}";
        self::assertStringNotContainsString('SQLite format', (string) file_get_contents($sealed));
        $this->artisan('oak:try-backup')->assertSuccessful();
        foreach ([[Sealed::newKey(), null], [$key, 1000], ['nonsense', null]] as [$with, $cut]) {
            $bytes = (string) file_get_contents($sealed);
            file_put_contents("{$this->folder}/cut.sealed", $cut === null ? $bytes : substr($bytes, 0, -$cut));
            try {
                NightlyCopies::open("{$this->folder}/cut.sealed", "{$this->folder}/open.sqlite", $with);
                self::fail('opened');
            } catch (NotRestored) {
                self::addToAssertionCount(1);
            }
        }
        DB::table('parts')->delete();
        $this->artisan('oak:restore', ['file' => $sealed])->assertSuccessful();
        config(['oak.backups.key' => null]);
        $this->artisan('oak:try-backup')->assertFailed();
        self::assertSame('trial_failed', $this->line('trial')->says);
    }

    /** Seven days, four weeks, twelve months of a copy a night for two years. */
    public function testOldCopiesGoAndWhatStaysReachesBack(): void
    {
        mkdir("{$this->folder}/here");
        $now = CarbonImmutable::parse('2027-03-10 03:30');
        for ($day = $now->subDays(730); $day < $now; $day = $day->addDay()) {
            touch("{$this->folder}/here/shop-{$day->toDateString()}.sqlite");
        }
        (new NightlyCopies("{$this->folder}/here", null, null))->make($this->file, $now);
        $days = array_map(fn (string $name): string => substr($name, 5, 10), $this->kept("{$this->folder}/here"));
        self::assertSame(array_map(fn (int $ago): string => $now->subDays($ago)->toDateString(), range(6, 0)), array_slice($days, -7));
        self::assertGreaterThanOrEqual(7 + 3 + 10, count($days));
        self::assertLessThanOrEqual(7 + 5 + 12, count($days));
        self::assertGreaterThan('2026-03-01', $days[0]);
        self::assertContains('2026-05-01', $days);
        self::assertContains('2027-02-15', $days, 'the first of a week');
    }

    public function testAFailedCopyIsToldToTheOwnerOnceADayAndTheLastGoodOneNamed(): void
    {
        $this->artisan('oak:nightly')->assertSuccessful();
        config(['oak.backups.second' => "{$this->folder}/not-mounted"]);
        $this->artisan('oak:nightly')->assertFailed();
        self::assertSame('backup_failed_since', $this->line('backup')->says);
        $this->get('/bench/evening')->assertOk()->assertSee(__('health.told'))->assertSee('not-mounted')->assertSee('The last good one is of');
        $this->get('/shop/health')->assertOk()->assertSee(__('health.state.bad'))->assertSee('1.0.0');
        $this->post('/shop/health/seen')->assertRedirect('/');
        app()->forgetScopedInstances();
        $this->get('/bench/evening')->assertDontSee(__('health.told'));
        config(['oak.frozen_at' => '2027-03-11T15:34:00Z']);
        app()->forgetScopedInstances();
        $this->get('/bench/evening')->assertSee(__('health.told'));
        $this->actingAs($this->makeUser($this->shop, 'fin@sample.example', Role::Finisher));
        app()->forgetScopedInstances();
        $this->get('/bench/evening')->assertDontSee(__('health.told'));
        $this->get('/shop/health')->assertForbidden();
    }

    public function testNotesThatCantBeReadSayNothing(): void
    {
        foreach (['', '{', '[]', '{"backup":7}', '{"backup":{"at":"x","ok":1}}'] as $written) {
            file_put_contents("{$this->folder}/notes.json", $written);
            self::assertNull(app(Notes::class)->of(Notes::BACKUP));
        }
        $this->get('/shop/health')->assertOk();
        $this->artisan('oak:check')->assertSuccessful();
        self::assertSame('whole', $this->line('data')->says);
    }
}
