<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Milestone;
use OakGloss\Film\PrintThrough;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

/** Whether the weave will print back through a surface that is flatted at a moment, and the wait that avoids it. */
final class PrintGate
{
    /**
     * Depth in µm on the worst face, and the minute from which it stays out of sight; null where no coat lies under the flatting.
     *
     * @param array<string, float> $planned when coats that are ahead go on, by step
     *
     * @return array{step: PlannedStep, at: float, depthUm: float, waitUntilMin: float|null}|null
     */
    public static function of(StepsAhead $chain, PlannedStep $flat, float $atMin, array $planned = []): ?array
    {
        [$filled, $last, $lastOn] = [[], null, -INF];
        foreach ($chain->plan->steps as $step) {
            if ($step === $flat) {
                break;
            }
            if ($step->step->kind !== StepKind::Coat || $step->skipped || ! $step->step->layer?->builds || $step->zones === []) {
                continue;
            }
            $on = $step->doneAtMin ?? $planned[$step->step->key] ?? $atMin;
            $age = is_finite($on) ? $chain->clocks->forecastOf($step)->age($on, $atMin) / $chain->clocks->paceOf($step) : INF;
            foreach ($step->zones as $i => $state) {
                // On a flat face a coat is as thick over a valley as over a crown.
                $filled[$i][] = [$state->before->flat ? 0.0 : $state->before->textureUm - $state->after->textureUm, $age];
            }
            [$last, $lastOn] = $on > $lastOn ? [$step, $on] : [$last, $lastOn];
        }
        if ($last === null) {
            return null;
        }
        $resin = $chain->plan->materials->skinResin;
        $full = $resin->kinetics->age(Milestone::Full);
        $worst = [0.0, []];
        foreach ($filled as $coats) {
            $depth = PrintThrough::depthUm($coats, $resin->rheology->shrinkage, $full);
            $worst = $depth > $worst[0] ? [$depth, $coats] : $worst;
        }
        [$depth, $coats] = $worst;
        $wait = PrintThrough::waitAge($coats, $resin->rheology->shrinkage, $full);
        $forecast = $chain->clocks->forecastOf($last);

        return [
            'step' => $flat,
            'at' => $atMin,
            'depthUm' => $depth,
            'waitUntilMin' => $wait <= 0.0 ? null : self::when($forecast, $atMin, $wait * $chain->clocks->paceOf($last)),
        ];
    }

    /** @param array{step: PlannedStep, at: float, depthUm: float, waitUntilMin: float|null} $print */
    public static function finding(array $print): Finding
    {
        return new Finding(
            Severity::Note,
            $print['step']->isDone() ? 'film.printed_through' : 'film.prints_through',
            [
                'coat' => $print['step']->step->name,
                'depth' => $print['depthUm'],
                'from' => PrintThrough::SHOWS_FROM_UM,
                'wait_until' => $print['waitUntilMin'] ?? INF,
            ],
        );
    }

    /** The minute at which a coat that is laid at a moment would have reached an age. */
    private static function when(CureForecast $forecast, float $fromMin, float $age): float
    {
        [$low, $high] = [$fromMin, $fromMin + CureForecast::HORIZON_MIN];
        for ($i = 0; $i < 40; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = $forecast->age($fromMin, $middle) < $age ? [$middle, $high] : [$low, $middle];
        }

        return $high;
    }
}
