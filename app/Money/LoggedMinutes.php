<?php

declare(strict_types=1);

namespace App\Money;

use App\Planning\PlannedPart;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Plan\PlannedStep;

/**
 * Minutes of hands that a step took: of a coat from the ready check or the first jar until it was on, of a sanding those of
 * its passes where each has them; elsewhere those that were planned.
 */
final class LoggedMinutes
{
    /** Who weighed and was then away for longer was not at work on it, minutes (ours). */
    private const AT_WORK_MIN = 180.0;

    public static function of(PlannedPart $planned, PlannedStep $step): float
    {
        return self::logged($planned, $step) ?? $step->handsMin;
    }

    /** Null where nothing says so. */
    public static function logged(PlannedPart $planned, PlannedStep $step): ?float
    {
        $key = $step->step->key;
        $passes = $planned->plan->log->of($key, Sanded::class);
        if ($passes !== []) {
            $minutes = array_map(fn (Fact $f): ?float => $f->content->minutes, $passes);

            return in_array(null, $minutes, true) ? null : array_sum($minutes);
        }
        $on = $planned->plan->log->last($key, CoatOn::class);
        $began = $planned->plan->log->of($key, Ready::class, Weighed::class)[0] ?? null;
        $span = $on === null || $began === null ? 0.0 : $on->atMin - $began->atMin;

        return $span > 0.0 && $span <= self::AT_WORK_MIN ? $span : null;
    }
}
