<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\SqliteConnection;
use App\Models\AirReading;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Planning\AirMeans;
use App\Planning\CheckStands;
use App\Planning\KeptCheck;
use App\Planning\PaceBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Touch;
use Tests\Thorough;

/** A shop years later: pages read what its open parts need, and what is kept beside the rows is what the rows say. */
final class GrownShopTest extends ShopCase
{
    public function testNoPageReadsMoreRowsForWhatIsFinished(): void
    {
        $part = $this->partWithBuildCoat();
        $this->check($part, 'too_wet', 100.0, '2027-03-10 14:10');
        $this->keep();
        $paths = ['/', '/parts', '/run-sheet', '/air', '/shelf', "/parts/{$part->id}", "/parts/{$part->id}/film", "/shelf/resins/{$part->skin_resin_id}"];
        $before = array_combine($paths, array_map($this->rowsOf(...), $paths));
        for ($n = 1; $n <= Thorough::count(80); $n++) {
            $old = $this->makePart(['letter' => 'O', 'finished_at' => CarbonImmutable::parse('2027-01-01')->subDays($n)]);
            for ($i = 0; $i < 20; $i++) {
                $this->fact($old, 'wiped', "wipe-{$i}", '2026-12-01 08:00');
            }
            $this->check($old, 'print', 140.0, '2026-12-01 09:00');
        }
        $readings = array_map(fn (int $n): array => ['shop_id' => $this->shop->id, 'source' => 'probe', 'air_c' => 21.0, 'measured_at' => CarbonImmutable::parse('2027-03-01')->subMinutes(5 * $n)], range(1, Thorough::count(8000)));
        array_map(AirReading::query()->insert(...), array_chunk($readings, 300));
        $this->keep();
        foreach ($paths as $path) {
            // Finished parts and checks are shown up to a page of them.
            $shown = match (true) {
                str_starts_with($path, '/shelf/resins') => 2 * PaceBook::SHOWN,
                $path === '/parts' => 30,
                default => 0,
            };
            self::assertLessThanOrEqual($before[$path] + $shown + 12, $this->rowsOf($path), $path);
        }
    }

    public function testAirIsTakenInAsItsReadingsAreWritten(): void
    {
        $now = $this->minute('2027-03-10 16:34');
        mt_srand(7);
        foreach (range(1, 200) as $n) {
            AirReading::query()->create(['shop_id' => $this->shop->id, 'source' => ['probe', 'csv', 'hand'][$n % 3], 'measured_at' => CarbonImmutable::parse('2027-03-10 15:34')->subMinutes(23 * $n), 'air_c' => 18.0 + mt_rand(0, 40) / 10.0, 'left_out_because' => $n % 17 === 0 ? 'jump' : null]);
        }
        self::assertEqualsWithDelta($this->meansOfRows($now), AirMeans::of($this->shop->id, $now - 10000.0, $now), 1e-6);
        AirReading::query()->where('source', 'probe')->orderBy('id')->first()?->update(['left_out_because' => 'false date']);
        AirReading::query()->where('source', 'csv')->orderBy('id')->first()?->update(['air_c' => 30.0]);
        AirReading::query()->where('source', 'csv')->orderByDesc('id')->first()?->delete();
        self::assertEqualsWithDelta($this->meansOfRows($now), AirMeans::of($this->shop->id, $now - 10000.0, $now), 1e-6);
    }

    public function testAPaceKeptCheckByCheckIsThatOfAllItsChecks(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 09:00');
        $row = $part->skinResin;
        mt_srand(3);
        $facts = [];
        for ($n = 0; $n < 150; $n++) {
            // Some are logged late, between others.
            $at = CarbonImmutable::parse('2026-11-01 08:00')->addHours($n % 11 === 5 ? $n - 30 : $n)->format('Y-m-d H:i');
            $facts[] = $this->check($part, ['too_wet', 'print', 'print', 'hard'][mt_rand(0, 3)], (float) mt_rand(60, 400), $at);
        }
        $this->assertIsThatOfAll($row);
        $this->fact($part, 'struck', 'build-1', '2026-12-01 08:00', ['target' => $facts[90]->id]);
        $this->fact($part, 'left_out', 'build-1', '2026-12-01 08:05', ['target' => $facts[20]->id, 'counts' => 0, 'reason' => 'wrong patch']);
        $judged = $this->fact($part, 'left_out', 'build-1', '2026-12-01 08:06', ['target' => $facts[149]->id, 'counts' => 0, 'reason' => 'wrong']);
        $this->assertIsThatOfAll($row);
        $this->fact($part, 'struck', 'build-1', '2026-12-01 08:10', ['target' => $judged->id]);
        $this->assertIsThatOfAll($row);
        DB::table('resin_paces')->update(['model' => 'before']);
        app()->forgetScopedInstances();
        $this->assertIsThatOfAll($row);
        self::assertCount(PaceBook::SHOWN, app(PaceBook::class)->checks($row));
    }

    public function testTwoRequestsThatJudgeTheSameChecksDoItOnce(): void
    {
        $part = $this->partWithBuildCoat();
        $row = $part->skinResin;
        $checks = PartFact::withoutEvents(fn (): array => array_map(fn (int $n): PartFact => $this->check($part, 'print', 150.0 + $n, "2026-11-0{$n} 08:00"), range(1, 8)));
        $inAnAct = function () use ($row): ?ShopPace {
            app()->forgetScopedInstances();

            return DB::transaction(fn (): ?ShopPace => app(PaceBook::class)->pace($row));
        };
        self::assertEquals($inAnAct(), $inAnAct());
        self::assertSame(count($checks), DB::table('judged_checks')->count());
        self::assertSame(['all' => 8, 'counted' => 8], app(PaceBook::class)->count($row));
    }

    /** The evidence of every counted check, taken in from the first. */
    private function assertIsThatOfAll(Resin $row): void
    {
        $book = app(PaceBook::class);
        $kept = $book->pace($row) ?? self::fail('no pace');
        $counted = DB::table('judged_checks')->where('stands', CheckStands::Counts->value)->orderBy('happened_at')->orderBy('fact_id')->pluck('fact_id');
        $facts = PartFact::query()->whereKey($counted)->orderBy('happened_at')->orderBy('id')->get();
        $all = $facts->map(fn (PartFact $f): PaceCheck => PaceCheck::ofTack(Touch::from($f->data['touch']), $f->data['age_min'], $row->tack_from_age_min, $row->tack_until_age_min))->all();
        $pace = ShopPace::learnt(array_values($all));
        self::assertEqualsWithDelta([$pace->factor, $pace->sigma], [$kept->factor, $kept->sigma], 1e-9);
        self::assertGreaterThan(30, count($all));
        self::assertSame(['all' => DB::table('judged_checks')->count(), 'counted' => count($all)], $book->count($row));
        $struck = PartFact::query()->where('kind', 'struck')->get()->map(fn (PartFact $f): int => $f->target());
        self::assertSame([], array_intersect($struck->all(), array_map(fn (KeptCheck $c): int => $c->fact->id, $book->checks($row))));
    }

    private function check(Part $part, string $touch, float $age, string $at): PartFact
    {
        return $this->fact($part, 'touched', 'build-1', $at, ['touch' => $touch, 'age_min' => $age, 'resin_id' => $part->skin_resin_id]);
    }

    private function rowsOf(string $path): int
    {
        $rows = 0;
        // The first visit reckons what the next ones find.
        foreach ([1, 2] as $ignored) {
            app()->forgetScopedInstances();
            $connection = DB::connection();
            self::assertInstanceOf(SqliteConnection::class, $connection);
            $before = $connection->rowsRead();
            $this->get($path)->assertOk();
            $rows = $connection->rowsRead() - $before;
        }

        return $rows;
    }

    /** @return list<array{float, float}> by the rows themselves */
    private function meansOfRows(float $now): array
    {
        $groups = [];
        $recent = floor(($now - 2160.0) / 60.0 + 1.0) * 60.0;
        foreach (AirReading::query()->whereNull('left_out_because')->get() as $r) {
            $minute = $r->measured_at->getTimestamp() / 60.0;
            $step = $minute >= $recent ? 15 : 60;
            $groups[$r->source === 'hand' ? "hand {$r->id}" : $step.'/'.floor($minute / $step)][] = [$minute, $r->air_c];
        }
        $means = array_values(array_map(fn (array $g): array => [array_sum(array_column($g, 0)) / count($g), array_sum(array_column($g, 1)) / count($g)], $groups));
        usort($means, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $means;
    }
}
