<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use OakGloss\Climate\ClimateKind;
use OakGloss\Plan\ClimateLimit;
use OakGloss\Plan\Decision;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\StepTime;

/** A step of the run sheet that was pressed, or dragged elsewhere. */
final class SheetStep
{
    /** A step that begins this near to where it was dropped begins there, minutes. */
    private const SAME_START_MIN = 0.5;

    /**
     * Where a step that was dragged came to lie.
     *
     * @param array{part: PlannedPart, step: string, at: float} $trial
     * @param array<int, PlannedPart>                           $plans
     *
     * @return array{planned: PlannedStep|null, time: StepTime|null, fits: bool}
     */
    public static function outcome(array $trial, array $plans): array
    {
        $time = $plans[$trial['part']->part->id]->schedule->slot($trial['step']);

        return [
            'planned' => $trial['part']->plan->step($trial['step']),
            'time' => $time,
            'fits' => $time !== null && abs($time->startMin - $trial['at']) <= self::SAME_START_MIN,
        ];
    }

    /**
     * The step that was pressed, such as `12:build-2`, with what was decided of it and the airs that it may lie in.
     *
     * @param array<int, PlannedPart> $plans
     *
     * @return array{
     *     part: PlannedPart, step: string, planned: PlannedStep|null, time: StepTime, isDecided: bool,
     *     climates: array<string, float>,
     * }|null
     */
    public static function chosen(string $pressed, array $plans, float $nowMin): ?array
    {
        [$part, $step] = explode(':', $pressed) + ['', ''];
        $plan = ctype_digit($part) ? $plans[(int) $part] ?? null : null;
        $time = $plan?->schedule->slot($step);
        if ($plan === null || $time === null) {
            return null;
        }
        $decision = Decision::of($plan->plan->log, $step, $nowMin);
        $climates = [];
        foreach (ClimateKind::cases() as $kind) {
            $climates[$kind->value] = ClimateLimit::warmestC($kind, $plan->plan->brief->substrate);
        }

        return [
            'part' => $plan,
            'step' => $step,
            'planned' => $plan->plan->step($step),
            'time' => $time,
            'isDecided' => $decision->pinnedAt !== null || $decision->mustKey || is_finite($decision->notBefore),
            'climates' => $climates,
        ];
    }
}
