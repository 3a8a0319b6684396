<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\AirReading;
use App\Time\ShopTime;
use Illuminate\Support\Facades\DB;

/**
 * Readings of the air as the forecast takes them in: what was typed stands for itself, and of what a device or a file
 * says the mean of each quarter of an hour, and before the last day and a half of each hour. A probe that speaks every
 * minute says no more of the air. The sums lie beside the readings and follow them as they are written.
 */
final class AirMeans
{
    /** Quarters are told apart for so long, minutes. */
    private const QUARTERS_MIN = 2160.0;

    private const SLOT_MIN = 15.0;

    /**
     * @param float $from minute
     *
     * @return list<array{float, float}> [minute, °C] in the order of time
     */
    public static function of(int $shopId, float $from, float $nowMin): array
    {
        $now = (int) floor($nowMin / self::SLOT_MIN);
        $recent = (int) floor(($nowMin - self::QUARTERS_MIN) / self::SLOT_MIN / 4.0 + 1.0) * 4;
        $sums = DB::table('air_quarters')->where('shop_id', $shopId)->where('n', '>', 0)
            ->whereBetween('slot', [(int) floor($from / self::SLOT_MIN), $now])
            ->groupByRaw('case when slot < ? then slot / 4 else slot end', [$recent])
            ->selectRaw('sum(seconds) / 60.0 / sum(n) as minute, sum(c) / sum(n) as c')->get();
        $typed = AirReading::query()->trusted()->where('shop_id', $shopId)->where('source', 'hand')
            ->whereBetween(
                'measured_at',
                array_map(fn (float $minute): string => gmdate('Y-m-d H:i:s', (int) (60.0 * $minute)), [$from, $nowMin]),
            )
            ->toBase()->get(['measured_at', 'air_c'])->map(fn (\stdClass $r): array => [
                ShopTime::minutesOfColumn($r->measured_at),
                (float) $r->air_c,
            ]);
        $means = [
            ...$sums->map(fn (\stdClass $r): array => [(float) $r->minute, (float) $r->c])->all(),
            ...$typed->all(),
        ];
        usort($means, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $means;
    }
}
