<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use Illuminate\Support\Facades\Cache;
use OakGloss\Cure\CupHeat;
use OakGloss\Material\Resin;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\Pour;
use OakGloss\Plan\Fact;
use OakGloss\Plan\FactKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Temperature;

/** What a coat's cup should hold, what it holds, and what goes in next. */
final readonly class Cup
{
    private function __construct(
        public PlannedPart $planned,
        public PlannedStep $step,
        public Batch $batch,
        public Resin $resin,
        public Pour $pour,
        public float $pigmentFraction,
    ) {
    }

    /** Null if the step is done or mixes nothing. */
    public static function forStep(PlannedPart $planned, string $key): ?self
    {
        $step = $planned->plan->step($key);
        if ($step === null || $step->isDone() || $step->step->kind !== StepKind::Coat || $step->batch === null || $step->step->layer === null) {
            return null;
        }
        $log = $planned->plan->log;
        $pigment = $step->batch->pigmentG / ($step->batch->resinG + $step->batch->hardenerG);

        return new self(
            $planned,
            $step,
            $step->batch,
            $planned->plan->materials->resin($step->step->layer->jar),
            new Pour($step->batch, $log->weighedG($key, 'resin'), $log->weighedG($key, 'hardener'), $log->weighedG($key, 'pigment'), $pigment),
            $pigment,
        );
    }

    public function isReady(): bool
    {
        return $this->planned->plan->log->last($this->step->step->key, FactKind::Ready) !== null;
    }

    /** @return list<string> codes of what must stand ready before hardener goes in */
    public function readyCheck(): array
    {
        $large = $this->planned->plan->brief->piece()->people() > 1;

        return [
            ...($this->step->step->key === 'base' ? ['pieces', 'masking'] : []),
            'tools', 'gloves', 'air', 'patch',
            ...($large && $this->step->step->key === 'base' ? ['second_person'] : []),
        ];
    }

    /**
     * Grams still to add of each component, in the order of the work.
     *
     * @return array<string, float>
     */
    public function toAdd(): array
    {
        return array_filter([
            'resin' => $this->pour->resinToAddG(),
            'hardener' => $this->pour->hardenerToAddG(),
            'pigment' => $this->pour->pigmentToAddG(),
        ], fn (float $grams): bool => $grams > 0.5 * $this->planned->floor->workshop->scaleStepG);
    }

    /**
     * What goes in next; null when the cup is right. Within the tolerance of the ratio nothing is added any more.
     */
    public function next(): ?string
    {
        $next = array_key_first($this->toAdd());
        $full = $this->pour->totalG() >= $this->batch->totalG() * (1.0 - Batch::TOLERANCE);
        if ($this->pour->keepsRatio() && $full && ($this->batch->pigmentG <= 0.0 || $this->pour->pigmentG > 0.0)) {
            return null;
        }

        return $next;
    }

    /** Hardener or resin went past what the batch asked for by more than the ratio bears. */
    public function isOverpoured(): bool
    {
        $error = $this->pour->ratioError();

        return $error !== null && $error > Batch::TOLERANCE && $this->pour->hardenerG > $this->batch->hardenerG;
    }

    /** When hardener first met resin, minutes; null before. */
    public function mixedAtMin(): ?float
    {
        $weighed = $this->planned->plan->log->of($this->step->step->key, FactKind::Weighed);
        $hardener = array_values(array_filter($weighed, fn (Fact $f): bool => $f->word('component') === 'hardener'));

        return $hardener === [] ? null : $hardener[0]->atMin;
    }

    public function potLifeMin(): float
    {
        return $this->resin->potLifeAt(Temperature::fromCelsius($this->planned->floor->airNowC()));
    }

    /**
     * How this cup heats itself at the air as it is now, in a cup of 80 mm: minutes until it gels, its hottest, and that
     * in a draught and in still air. Kept by whole grams and half degrees.
     *
     * @return array{gelMin: float|null, peakC: float, leastC: float, mostC: float}
     */
    public function heat(): array
    {
        $grams = max(1.0, round(max($this->batch->totalG(), $this->pour->totalG()) / $this->cups()));
        $airC = round(2.0 * $this->planned->floor->airNowC()) / 2.0;
        $resin = $this->resin;
        $sheet = [$resin->kinetics->activation->joulePerMol, $resin->rheology->densityGCm3, $resin->potMassG, $resin->potC, $resin->potLifeMin];

        return Cache::rememberForever('cup-'.md5(serialize([$sheet, $grams, $airC])), function () use ($resin, $grams, $airC): array {
            $cup = CupHeat::fitted($resin->kinetics->activation, $resin->rheology->densityGCm3, $resin->potMassG, Temperature::fromCelsius($resin->potC), $resin->potLifeMin);
            $peak = fn (float $loss): array => $cup->batch($grams, Temperature::fromCelsius($airC), lossWM2K: $loss);
            $usual = $peak(CupHeat::LOSS);

            return ['gelMin' => $usual['gelMin'], 'peakC' => $usual['peakC'], 'leastC' => $peak(CupHeat::LOSS_DRAUGHT)['peakC'], 'mostC' => $peak(CupHeat::LOSS_STILL)['peakC']];
        });
    }

    public function useByMin(): float
    {
        return ($this->mixedAtMin() ?? $this->planned->floor->nowMin) + $this->potLifeMin();
    }

    public function cups(): int
    {
        return $this->resin->cupsFor(max($this->batch->totalG(), $this->pour->totalG()));
    }
}
