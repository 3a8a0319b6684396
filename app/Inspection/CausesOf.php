<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\AirReading;
use App\Models\StockMove;
use App\Models\Why;
use App\Planning\PlannedPart;
use App\Shelf\Kind\Resins;
use App\Time\ShopTime;
use OakGloss\Diagnosis\DefectEvidence;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Told;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\CauseRanking;

/** What a defect comes of, by what this shop has on record of its part. */
final class CausesOf
{
    /** Readings from so long before a defect was found on, minutes: a skin lies no longer open than that. */
    private const BACK_MIN = 30 * 1440.0;

    /** A cause with so much of the odds decides which ways out are none (ours). */
    private const SURE = 0.6;

    /**
     * @param float               $atMin when it was found
     * @param array<string, bool> $told
     */
    public static function of(PlannedPart $planned, Found $found, float $atMin, array $told): CauseRanking
    {
        return CauseRanking::of($found->defect, DefectEvidence::of(
            $planned->plan,
            $planned->schedule->clocks,
            $planned->schedule->chain->air,
            self::readings($planned, $atMin),
            $found,
            $atMin,
            count($planned->floor->crew->people),
            self::openDays($planned),
        ), $told);
    }

    /**
     * The cause that what is on record makes so likely that ways out which it would spoil again are none; null where nothing
     * on record speaks for one.
     *
     * @param Fact<Found|WentWrong> $of
     */
    public static function surely(PlannedPart $planned, Fact $of): ?Cause
    {
        if (! $of->content instanceof Found) {
            return null;
        }
        $first = self::of($planned, $of->content, $of->atMin, self::told($planned, $of->id))->first();

        return $first->share >= self::SURE && $first->for() !== [] ? $first->cause : null;
    }

    /** @return array<string, bool> by cause: the newest look for each */
    public static function told(PlannedPart $planned, int $found): array
    {
        $told = [];
        foreach ($planned->plan->log->all(Told::class) as $fact) {
            if ($fact->content->target === $found) {
                $told[$fact->content->cause->value] = $fact->content->isSo;
            }
        }

        return $told;
    }

    /**
     * How long the oldest jar of each coat had been open when it was poured from.
     *
     * @return array<string, float> days by step
     */
    private static function openDays(PlannedPart $planned): array
    {
        $days = [];
        $moves = StockMove::query()->with('lot')->where('part_id', $planned->part->id)->where('why', Why::Used->value)
            ->whereNotNull('lot_id')->where('kind', Resins::NAME)->get();
        $steps = $planned->part->facts->pluck('step', 'id');
        foreach ($moves as $move) {
            $step = $steps[$move->fact_id] ?? null;
            $opened = $move->lot?->opened_at;
            if ($step !== null && $opened !== null) {
                $open = max(0.0, (ShopTime::minutes($move->happened_at) - ShopTime::minutes($opened)) / 1440.0);
                $days[$step] = max($days[$step] ?? 0.0, $open);
            }
        }

        return $days;
    }

    /** @return list<array{float, float, float|null}> */
    private static function readings(PlannedPart $planned, float $until): array
    {
        $time = $planned->floor->time;
        $rows = AirReading::query()->where('shop_id', $planned->part->shop_id)->trusted()->whereNotNull('rh_percent')
            ->whereBetween('measured_at', [$time->local($until - self::BACK_MIN)->utc(), $time->local($until)->utc()])
            ->toBase()->get(['measured_at', 'air_c', 'rh_percent']);

        return array_values($rows->map(fn (\stdClass $r): array => [
            ShopTime::minutesOfColumn((string) $r->measured_at), (float) $r->air_c, (float) $r->rh_percent,
        ])->all());
    }
}
