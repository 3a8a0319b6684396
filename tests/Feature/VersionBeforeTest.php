<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Planning\PaceBook;
use App\Planning\Planner;
use App\Planning\ShopFloors;
use App\Time\ShopClock;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OakGloss\Plan\ZoneState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/**
 * The data of the version before, as it was dumped: facts stay to the letter, and the plans and the record say what
 * that version said of them, which lies beside the dump.
 */
final class VersionBeforeTest extends TestCase
{
    private const SAID = 'tests/fixtures/shop-before.json';

    /** The same shop as versions kept it, the newest last. */
    private const DUMPS = [
        '2027-06' => ['tests/fixtures/shop-2027-06.sql.gz'], '2027-07' => ['tests/fixtures/shop-2027-07.sql.gz'],
        '2027-08' => ['tests/fixtures/shop-2027-08.sql.gz'], '2027-09' => ['tests/fixtures/shop-2027-09.sql.gz'],
        '2027-10' => ['tests/fixtures/shop-2027-10.sql.gz'], '2027-11' => ['tests/fixtures/shop-2027-11.sql.gz'],
    ];

    private string $file;

    /** @var array<string, mixed> */
    private array $said;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'oak-before');
        config(['database.connections.sqlite.database' => $this->file, 'oak.demo' => true, 'oak.frozen_at' => '2027-03-10T15:34:00Z']);
        $this->said = json_decode((string) file_get_contents(base_path(self::SAID)), true);
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    /** @return array<string, array{string}> */
    public static function dumps(): array
    {
        // The oldest has every migration before it; those between are for the long run.
        return Thorough::isLong() ? self::DUMPS : ['2027-06' => self::DUMPS['2027-06'], '2027-11' => self::DUMPS['2027-11']];
    }

    private function load(string $dump): void
    {
        (new \PDO("sqlite:{$this->file}"))->exec((string) gzdecode((string) file_get_contents(base_path($dump))));
        DB::purge();
    }

    #[DataProvider('dumps')]
    public function testNoFactIsLostOrChangedAndEveryReferenceHolds(string $dump): void
    {
        $this->load($dump);
        $before = $this->facts();
        $sheets = $this->sheets(! Schema::hasTable('part_slots'));
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame($before, $this->facts());
        self::assertSame($sheets, $this->sheets(false), 'every part is made with what it was made with');
        self::assertCount(177, $before);
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
        self::assertCount(18, array_unique(array_column($before, 'kind')), 'every kind that there was is in the dump');
    }

    #[DataProvider('dumps')]
    public function testPlansAndRecordsSayWhatTheySaid(string $dump): void
    {
        $this->load($dump);
        Artisan::call('migrate', ['--force' => true]);
        $this->actingAs(User::query()->orderBy('id')->firstOrFail());
        foreach (app(Planner::class)->all(Shop::query()->sole()) as $planned) {
            $said = $this->said[$planned->part->letter];
            self::assertSame($said['next'], $planned->next?->step->step->key, $planned->part->letter);
            self::assertSame($said['coats'], $planned->plan->buildCoats);
            self::assertEqualsWithDelta($said['ready'], $planned->schedule->readyMin(), 1e-3, $planned->part->letter);
            self::assertEqualsWithDelta($said['film'], array_map(fn (ZoneState $z): float => $z->left()->inMicrometres(), $planned->plan->zonesNow), 1e-3, $planned->part->letter);
        }
        foreach ($this->said['record'] as $id => $lines) {
            app()->forgetScopedInstances();
            self::assertSame($lines, $this->record((int) $id), 'record of '.Part::query()->findOrFail($id)->name);
        }
        foreach (['/', '/parts', '/run-sheet', '/shelf', '/shelf/resins/1', '/shop', '/air', '/people/audit'] as $page) {
            app()->forgetScopedInstances();
            $this->get($page)->assertOk();
        }
    }

    #[DataProvider('dumps')]
    public function testAirAndPacesAreMadeOfTheRowsThatWereThere(string $dump): void
    {
        $this->load($dump);
        Artisan::call('migrate', ['--force' => true]);
        $shop = Shop::query()->sole();
        $now = app(ShopClock::class)->nowMin();
        self::assertSame(285, (int) DB::table('air_quarters')->sum('n') + DB::table('air_readings')->where('source', 'hand')->count());
        self::assertEqualsWithDelta(19.9, app(ShopFloors::class)->at($shop, $now)->airNowC(), 0.1);
        $part = Part::query()->where('letter', 'W')->firstOrFail();
        self::assertNotNull(app(PaceBook::class)->pace($part->skinResin));
    }

    /** @return list<array<string, mixed>> */
    private function facts(): array
    {
        return DB::table('facts')->orderBy('id')->get()->map(fn (\stdClass $f): array => array_diff_key((array) $f, ['role' => 0, 'nth' => 0, 'said' => 0]))->all();
    }

    /** @return list<array<string, int|null>> what each part is made with, from its columns or its slots */
    private function sheets(bool $inColumns): array
    {
        $slots = ['base_resin_id' => 'base', 'clear_resin_id' => 'skin', 'cloth_id' => 'cloth', 'clear_id' => 'clear', 'filler_id' => 'filler_clear'];
        $of = fn (string $slot): string => "(SELECT coalesce(resin_id, cloth_id, clear_id) FROM part_slots s WHERE s.part_id = parts.id AND slot = '{$slot}')";
        $columns = array_map(fn (string $column, string $slot): string => $inColumns ? $column : $of($slot)." AS {$column}", array_keys($slots), $slots);

        return array_map(fn (\stdClass $r): array => (array) $r, DB::select('SELECT id, '.implode(', ', $columns).' FROM parts ORDER BY id'));
    }

    /** @return list<string> what stands in the column that says what was done */
    private function record(int $part): array
    {
        preg_match('#record-table.*?</table>#s', (string) $this->get("/parts/{$part}/record")->assertOk()->getContent(), $table);
        preg_match_all('#<tr.*?</tr>#s', $table[0] ?? '', $rows);

        return array_map(function (string $row): string {
            preg_match_all('#<td[^>]*>(.*?)</td>#s', $row, $cells);

            return trim((string) preg_replace('/\s+/', ' ', html_entity_decode(strip_tags($cells[1][1]))));
        }, array_slice($rows[0], 1));
    }
}
