<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CoatPace;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Spread;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** The clocks of a part's coats: each resin's forecast in this air, and each coat's own pace from what was touched. */
final class CoatClocks
{
    /** @var array<int|string, CureForecast> by resin: two sheets may carry one name */
    private array $forecasts = [];

    private ?PartTemperature $part = null;

    /** @var array<string, float> by coat */
    private array $paces = [];

    /** @var array<string, Kinetics> by resin and pace */
    private array $clocks = [];

    public function __construct(
        private readonly FinishPlan $plan,
        private readonly AirCurve $air,
        private readonly float $nowMin,
    ) {
    }

    /** The forecast of a coat's resin on this part. */
    public function forecastOf(PlannedStep $coat): CureForecast
    {
        $resin = $this->plan->materials->resinFor($coat->step);

        return $this->forecasts[spl_object_id($resin).($coat->step->isLainOn ? '/lain on' : '')] ??= new CureForecast(
            $this->part ??= new PartTemperature($this->air, $this->plan->brief->substrate->lagMin()),
            $coat->step->isLainOn ? $resin->kinetics->lainOn() : $resin->kinetics,
            new Spread($resin->rateSigma),
            min($this->nowMin, $this->earliestCoatMin()),
        );
    }

    /** How much slower than its sheet a coat has shown itself by touch. */
    public function paceOf(PlannedStep $coat): float
    {
        $key = $coat->step->key;
        if (isset($this->paces[$key]) || $coat->doneAtMin === null || $coat->step->layer === null) {
            return $this->paces[$key] ?? 1.0;
        }
        $kinetics = $this->plan->materials->resinFor($coat->step)->kinetics;
        $ranges = [];
        foreach ($this->plan->log->ofStep($key) as $fact) {
            if ($fact->content instanceof ChecksCoat && $fact->atMin > $coat->doneAtMin) {
                $ranges[] = $fact->content->paceRange($this->forecastOf($coat)->age($coat->doneAtMin, $fact->atMin), $kinetics);
            }
        }

        return $this->paces[$key] = CoatPace::within($ranges);
    }

    /** The coat's resin at the coat's own pace. */
    public function clock(PlannedStep $coat): Kinetics
    {
        $pace = $this->paceOf($coat);
        $resin = $this->plan->materials->resinFor($coat->step);

        $kinetics = $coat->step->isLainOn ? $resin->kinetics->lainOn() : $resin->kinetics;

        return $this->clocks[spl_object_id($resin)."/{$pace}/".(int) $coat->step->isLainOn] ??= $kinetics->paced($pace);
    }

    private function earliestCoatMin(): float
    {
        $earliest = $this->nowMin;
        foreach ($this->plan->steps as $step) {
            if ($step->doneAtMin !== null && is_finite($step->doneAtMin)) {
                $earliest = min($earliest, $step->doneAtMin - $step->handsMin);
            }
        }

        return $earliest;
    }
}
