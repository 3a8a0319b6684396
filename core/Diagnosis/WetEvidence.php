<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Method\Role;
use OakGloss\Plan\OffRatio;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ServiceNotices;
use OakGloss\Quantity\Temperature;

/** What was recorded of the coat that a defect lies in: its air, its cup and its film, and of how the cloth was wetted. */
final class WetEvidence
{
    /** The part is looked at for heat at this step, minutes. */
    private const EVERY_MIN = 20.0;

    /** Weighed and laid within less was recorded later, and tells no rest, minutes (ours). */
    private const AT_ONCE_MIN = 1.0;

    /** What a coat says; nothing where there is none. */
    private const OF_COAT = [
        'airC', 'lotOpenDays', 'minC', 'hottestSinceC', 'dewMarginC', 'ratioOffPercent', 'cupAgeShare', 'restMin', 'coatOverLimit',
        'expansionIndex',
    ];

    /**
     * @param list<array{float, float, float|null}> $readings minute, air °C, humidity %
     * @param int                                   $hands    pairs of hands in the shop
     * @param array<string, float>                  $openDays of the oldest jar that a coat was poured from, by step
     */
    public function __construct(
        private readonly DefectSite $site,
        private readonly AirCurve $air,
        private readonly array $readings,
        private readonly int $hands,
        private readonly array $openDays,
    ) {
    }

    /** @return array<string, float|int|bool|null> */
    public function all(): array
    {
        return $this->ofCoat() + $this->ofWetOut();
    }

    /** @return array<string, float|int|bool|null> */
    private function ofCoat(): array
    {
        $coat = $this->site->coat;
        if ($coat?->doneAtMin === null || ! is_finite($coat->doneAtMin)) {
            return array_fill_keys(self::OF_COAT, null);
        }
        $resin = $coat->step->layer === null ? null : $this->site->plan->materials->resinFor($coat->step);
        $limit = $resin === null || $this->site->zone === null || $coat->laidGM2 === null ? null : RunRisk::of(
            $this->site->zone->face,
            $resin->rheology,
            new Coat($coat->laidGM2, Temperature::fromCelsius($coat->airC)),
        );
        $hardener = array_values(array_filter(
            $this->site->plan->log->of($coat->step->key, Weighed::class),
            fn (Fact $f): bool => $f->content->component === 'hardener',
        ));
        $mixed = $hardener === [] ? null : $coat->doneAtMin - $hardener[count($hardener) - 1]->atMin;
        $mixed = $mixed === null || $mixed < self::AT_ONCE_MIN ? null : $mixed;

        return [
            'airC' => $coat->airC,
            'lotOpenDays' => $this->openDays[$coat->step->key] ?? null,
            'minC' => $resin?->minC,
            'hottestSinceC' => $this->hottestSince($coat->doneAtMin),
            'dewMarginC' => $this->dewMargin($coat),
            'ratioOffPercent' => $this->ratioOff($coat),
            'cupAgeShare' => $resin === null || $mixed === null
                ? null : $mixed / $resin->potLifeAt(Temperature::fromCelsius($coat->airC)),
            // Less than the brush itself takes: how long it rested nobody can tell.
            'restMin' => $mixed === null || $mixed < $coat->handsMin ? null : $mixed - $coat->handsMin,
            'coatOverLimit' => $limit === null ? null : ($coat->laidGM2 ?? 0.0) / ($limit->holdsGM2 ?? 1000.0),
            'expansionIndex' => $this->expansion($coat),
        ];
    }

    /** What the part moves against its skin since the coat cured, by model 14; null of what was made on a form. */
    private function expansion(PlannedStep $coat): ?float
    {
        return $this->site->plan->method->startsFrom()->isBuiltOn()
            ? ServiceNotices::fitAt($this->site->plan, $this->hottestSince((float) $coat->doneAtMin), [$coat->airC])->index
            : null;
    }

    /** @return array<string, float|null> */
    private function ofWetOut(): array
    {
        $density = $this->site->plan->materials->skinResin->rheology->densityGCm3;
        $wet = $this->site->plan->first(Role::WetOut);
        $base = $this->site->plan->first(Role::Base);
        $area = $this->site->plan->brief->clothAreaM2();

        return [
            'wetOverDrink' => $wet?->isDone() !== true || $wet->usedG === null ? null
                : ($wet->laidGM2 ?? 0.0) / $this->site->plan->materials->cloth->weave->saturationGM2($density),
            'baseOverPlan' => $base?->isDone() !== true || $base->usedG === null
                ? null : ($base->laidGM2 ?? 0.0) / ($base->step->layer->gM2 ?? 1.0),
            'm2PerHand' => $this->site->plan->first(Role::Lay)?->isDone() === true ? $area / max(1, $this->hands) : null,
        ];
    }

    private function hottestSince(float $from): float
    {
        $hottest = -INF;
        for ($at = $from; $at <= $this->site->atMin; $at += self::EVERY_MIN) {
            $hottest = max($hottest, $this->air->at($at));
        }

        return max($hottest, $this->air->at($this->site->atMin));
    }

    /** Part over dew point, by the readings from the coat until it was tacky. */
    private function dewMargin(PlannedStep $coat): ?float
    {
        $until = $coat->step->layer === null ? $coat->doneAtMin + 120.0
            : $this->site->clocks->forecastOf($coat)
                ->event(Milestone::TackFrom, (float) $coat->doneAtMin, $this->site->clocks->paceOf($coat))->expectedMin;
        $margins = [];
        foreach ($this->readings as [$at, $celsius, $humidity]) {
            if ($humidity !== null && $at >= $coat->doneAtMin - 60.0 && $at <= ($until ?? $coat->doneAtMin) + 60.0) {
                $margins[] = $celsius - DewPoint::of(Temperature::fromCelsius($celsius), $humidity)->inCelsius();
            }
        }

        return $margins === [] ? null : min($margins);
    }

    private function ratioOff(PlannedStep $coat): ?float
    {
        if ($coat->step->layer === null) {
            return null;
        }
        $off = OffRatio::of($this->site->plan, $coat);
        if ($off !== null) {
            return 100.0 * $off;
        }
        $resin = $this->site->plan->materials->resinFor($coat->step);
        $weighed = fn (string $jar): float => $this->site->plan->log->weighedG($coat->step->key, $jar);
        [$a, $b] = [$weighed('resin'), $weighed('hardener')];

        return $resin->catalyst !== null || $a <= 0.0 || $b <= 0.0 ? null : 100.0 * ($b / $a / $resin->ratio->hardenerPerResin - 1.0);
    }
}
