<?php

declare(strict_types=1);

namespace Tools;

use App\Models\Part;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The demo's workshop after some years: its finished part, facts, readings and run sheets copied over and over. */
final class GrownShop
{
    public const PARTS = 500;
    public const FACTS = 50_000;
    public const LOTS = 5_000;
    public const READINGS = 200_000;

    /** Days between two finished parts. */
    private const DAYS_APART = 2;

    /** Rows of one insert: SQLite takes so many values at once. */
    private const CHUNK = 800;

    /** @param int $times how many times the usual growth */
    public static function grow(Shop $shop, int $times = 1): void
    {
        DB::transaction(function () use ($shop, $times): void {
            self::parts($shop, self::PARTS * $times);
            self::readings($shop, self::READINGS * $times);
            self::lots($shop, self::LOTS * $times);
            // Copied rows told nobody: paces are learnt anew.
            DB::table('judged_checks')->delete();
            DB::table('resin_paces')->delete();
        });
        DB::statement('ANALYZE');
    }

    private static function parts(Shop $shop, int $count): void
    {
        $like = (array) DB::table('parts')->where('shop_id', $shop->id)->whereNotNull('finished_at')->first();
        $facts = DB::table('facts')->where(
            'part_id',
            $like['id'],
        )->orderBy('id')->get()->map(fn (\stdClass $f): array => (array) $f)->all();
        $slots = DB::table('part_slots')->where('part_id', $like['id'])->get()->map(fn (\stdClass $s): array => (array) $s)->all();
        $plan = (array) DB::table('kept_plans')->where('shop_id', $shop->id)->orderBy('id')->first();
        $each = intdiv(self::FACTS, self::PARTS);
        for ($n = 1; $n <= $count; $n++) {
            $earlier = fn (?string $at): ?string =>
                $at === null ? null : CarbonImmutable::parse($at)->subDays(self::DAYS_APART * $n)->format('Y-m-d H:i:s');
            $id = DB::table('parts')->insertGetId([
                'id' => null,
                'finished_at' => $earlier($like['finished_at']),
                'name' => "{$like['name']} {$n}",
            ] + $like);
            $rows = [];
            for ($i = 0; $i < $each; $i++) {
                $fact = $facts[$i % count($facts)];
                $rows[] = [
                    'id' => null, 'part_id' => $id, 'token' => "grown {$n} {$i}",
                    'happened_at' => $earlier($fact['happened_at']), 'recorded_at' => $earlier($fact['recorded_at']),
                ] + $fact;
            }
            DB::table('facts')->insert($rows);
            DB::table('part_slots')->insert(array_map(fn (array $s): array => ['id' => null, 'part_id' => $id] + $s, $slots));
            // Each act keeps a plan.
            $plans = array_map(
                fn (int $i): array => [
                    'id' => null,
                    'kept_at' => $earlier($plan['kept_at']),
                    'acknowledged_at' => $earlier($plan['kept_at']),
                ] + $plan,
                range(1, 20),
            );
            DB::table('kept_plans')->insert($plans);
        }
        // The newest plan is the one that stood before, with its places.
        $stood = DB::table('kept_places')->max('kept_plan_id');
        $newest = DB::table('kept_plans')->insertGetId(['id' => null] + (array) DB::table('kept_plans')->where('id', $stood)->first());
        $places = DB::table('kept_places')->where('kept_plan_id', $stood)->get()->map(fn (\stdClass $p): array => [
            'id' => null,
            'kept_plan_id' => $newest,
        ] + (array) $p)->all();
        array_map(DB::table('kept_places')->insert(...), array_chunk($places, self::CHUNK));
    }

    /** Deliveries of years, every second with something left, each with ten moves. */
    private static function lots(Shop $shop, int $count): void
    {
        $like = DB::table('lots')->where('shop_id', $shop->id)->orderBy('id')->get()->map(fn (\stdClass $l): array => (array) $l)->all();
        $move = (array) DB::table('stock_moves')->where('shop_id', $shop->id)->whereNotNull('lot_id')->first();
        foreach (array_chunk(range(1, $count), 50) as $chunk) {
            $first = (int) DB::table('lots')->max('id');
            DB::table('lots')->insert(array_map(fn (int $n): array => [
                'id' => null, 'mark' => "grown {$n}", 'left' => $n % 2 === 0 ? 0.0 : $like[$n % count($like)]['quantity'],
            ] + $like[$n % count($like)], $chunk));
            $moves = [];
            foreach (array_keys($chunk) as $i) {
                $moves = [...$moves, ...array_fill(0, 10, ['id' => null, 'lot_id' => $first + 1 + $i] + $move)];
            }
            DB::table('stock_moves')->insert($moves);
        }
    }

    private static function readings(Shop $shop, int $count): void
    {
        $newest = (array) DB::table('air_readings')->where('shop_id', $shop->id)->orderByDesc('measured_at')->first();
        $first = CarbonImmutable::parse(DB::table('air_readings')->where('shop_id', $shop->id)->min('measured_at'));
        foreach (array_chunk(range(1, $count), self::CHUNK) as $chunk) {
            DB::table('air_readings')->insert(array_map(fn (int $n): array => [
                'id' => null, 'measured_at' => $first->subMinutes(5 * $n)->format('Y-m-d H:i:s'), 'air_c' => round(
                    19.0 + 2.0 * sin($n / 46.0),
                    1,
                ),
            ] + $newest, $chunk));
        }
    }
}
