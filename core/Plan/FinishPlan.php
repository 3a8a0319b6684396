<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\Coat;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choices;
use OakGloss\Method\Jar;
use OakGloss\Method\Job;
use OakGloss\Method\Method;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Optics\GlossExpected;
use OakGloss\Optics\PolishLadder;
use OakGloss\Quantity\Finding;
use OakGloss\Quantity\Severity;
use OakGloss\Quantity\Temperature;

/**
 * The plan of a part: a pure function of brief, materials, method, shop and facts. What really happened takes the
 * place of what was planned, so a replan and a first plan are the same thing.
 */
final readonly class FinishPlan
{
    private const MOST_BUILD_COATS = 10;

    /**
     * @param list<PlannedStep> $steps
     * @param list<ZoneState>   $zonesNow after all that was done and read
     * @param list<Finding>     $findings
     */
    private function __construct(
        public PartBrief $brief,
        public Materials $materials,
        public Workshop $shop,
        public FactLog $log,
        public array $steps,
        public array $zonesNow,
        public array $findings,
        public int $buildCoats,
        public ?ClearPlan $clear,
        public ?ClearPlan $filler,
    ) {
    }

    public static function of(PartBrief $brief, Materials $materials, Method $method, Workshop $shop, FactLog $log): self
    {
        $findings = Refusals::of($brief, $materials);
        $choices = self::boundByFacts($brief->choices, $log);
        $isCleared = $choices->top === Top::Clear && $materials->clear !== null;
        $clear = $isCleared ? ClearPlan::of($materials->clear, $brief, $materials, $shop) : null;
        $filler = $isCleared && $materials->filler !== null ? ClearPlan::of($materials->filler, $brief, $materials, $shop) : null;
        $forecast = new SkinForecast($brief, $materials, $shop, $log);
        $walk = fn (int $coats): array => $forecast->walk($method->steps(self::job($brief, $materials, $shop, $choices, $coats, $clear, $filler)));

        $laid = self::buildCoatsLaid($log);
        $least = max(1, $laid);
        $coats = $choices->buildCoats === null ? $least : max($choices->buildCoats, $least);
        $steps = $walk($coats);
        if ($choices->buildCoats === null && ! self::isFlatted($log)) {
            $best = [$coats, $steps];
            while (self::risk($steps) > $shop->targetBurnThrough && $coats < self::MOST_BUILD_COATS) {
                $steps = $walk(++$coats);
                if (self::risk($steps) < self::risk($best[1])) {
                    $best = [$coats, $steps];
                }
            }
            [$coats, $steps] = $best;
        }

        $plan = new self($brief, $materials, $shop, $log, $steps, $forecast->zonesNow(), [], $coats, $clear, $filler);

        return new self($brief, $materials, $shop, $log, $steps, $plan->zonesNow, [...$findings, ...Notices::of($plan)], $coats, $clear, $filler);
    }

    /** @return list<Finding> why the part can't be made this way; empty if it can */
    public function refusals(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->severity === Severity::Refuse));
    }

    public function step(string $key): ?PlannedStep
    {
        foreach ($this->steps as $step) {
            if ($step->step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    /** The first step that is not done, null when the part is finished. */
    public function next(): ?PlannedStep
    {
        return $this->ahead()[0] ?? null;
    }

    /** @return list<PlannedStep> */
    public function ahead(): array
    {
        return array_values(array_filter($this->steps, fn (PlannedStep $s): bool => ! $s->isDone()));
    }

    /** The newest step that is done and was not skipped. */
    public function lastDone(): ?PlannedStep
    {
        $done = array_values(array_filter($this->steps, fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped));

        return $done === [] ? null : $done[count($done) - 1];
    }

    /** The newest coat of resin that is on. */
    public function lastCoat(): ?PlannedStep
    {
        $coats = array_values(array_filter($this->steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Coat && $s->isDone() && ! $s->skipped));

        return $coats === [] ? null : $coats[count($coats) - 1];
    }

    /**
     * Fewest planned build coats straight after the wet-out that keep one zone under the target at the first flatting;
     * null if ten are not enough.
     */
    public function coatsNeededFor(Zone $zone): ?int
    {
        $ladder = $this->step('flat')?->ladder;
        if ($ladder === null) {
            return null;
        }
        $allowance = ($zone->kind->isSandedByHand() ? CutBudget::byHand($ladder) : CutBudget::onFace($ladder))->allowanceUm();
        $air = Temperature::fromCelsius($this->shop->workingAirC);
        $skin = SkinSection::wetOut($this->materials->cloth->weave, $zone->face, $this->materials->clearResin->rheology, new Coat($this->shop->weights->wetOutShare * $this->materials->cloth->weave->arealGM2, $air));

        return $skin->coatsNeeded(new Coat($this->shop->weights->buildGM2, $air), $allowance, $this->shop->targetBurnThrough);
    }

    /** Resin, hardener and pigment of all coats from one jar, grams: used where weighed, planned elsewhere. */
    public function gramsFrom(Jar $jar): float
    {
        return array_sum(array_map(
            fn (PlannedStep $s): float => $s->step->layer?->jar === $jar && ! $s->skipped ? $s->usedG ?? $s->batch?->totalG() ?? 0.0 : 0.0,
            $this->steps,
        ));
    }

    public function totalGrams(): float
    {
        return $this->gramsFrom(Jar::Base) + $this->gramsFrom(Jar::Clear);
    }

    /** Hands-on minutes of the steps that are ahead. */
    public function handsAheadMin(): float
    {
        return array_sum(array_map(fn (PlannedStep $s): float => $s->handsMin, $this->ahead()));
    }

    /** The flatting ahead that most endangers a show zone. */
    public function worst(): ?ZoneState
    {
        $worst = null;
        foreach ($this->ahead() as $step) {
            $candidate = $step->worst();
            if ($candidate !== null && ($worst === null || $candidate->risk() > $worst->risk())) {
                $worst = $candidate;
            }
        }

        return $worst;
    }

    public function clearLitres(): float
    {
        return $this->clear->litres ?? 0.0;
    }

    /** @return 'resin'|'clear'|'polish' what comes over the scratch of a flatting */
    public function over(PlannedStep $flat): string
    {
        $isPast = false;
        foreach ($this->steps as $step) {
            if ($isPast && in_array($step->step->kind, [StepKind::Coat, StepKind::Spray, StepKind::Polish], true)) {
                return match ($step->step->kind) {
                    StepKind::Coat => 'resin',
                    StepKind::Polish => 'polish',
                    default => 'clear',
                };
            }
            $isPast = $isPast || $step === $flat;
        }

        return 'clear';
    }

    /** The compounds after the last paper; null where nothing is polished. */
    public function polish(): ?PolishLadder
    {
        return $this->brief->choices->top === Top::PolishResin ? self::resinPolish($this->brief) : $this->clear?->polish;
    }

    /** What the meter should show at the end. */
    public function gloss(): ?GlossExpected
    {
        return $this->polish()?->gloss() ?? $this->clear?->gloss;
    }

    /** The brief's choices, as far as what was done leaves them open. */
    private static function boundByFacts(Choices $choices, FactLog $log): Choices
    {
        $second = $log->last('second', FactKind::CoatOn) !== null;

        return $second && $choices->afterWetOut !== AfterWetOut::SecondAtTack
            ? $choices->but(afterWetOut: AfterWetOut::SecondAtTack)
            : $choices;
    }

    private static function buildCoatsLaid(FactLog $log): int
    {
        $laid = 0;
        for ($n = 1; $n <= self::MOST_BUILD_COATS; $n++) {
            $laid = $log->last("build-{$n}", FactKind::CoatOn) === null ? $laid : $n;
        }

        return $laid;
    }

    private static function isFlatted(FactLog $log): bool
    {
        return $log->of('flat', FactKind::Sanded, FactKind::Skipped) !== [];
    }

    /** @param list<PlannedStep> $steps */
    private static function risk(array $steps): float
    {
        $worst = 0.0;
        foreach ($steps as $step) {
            if (! $step->isDone()) {
                $worst = max($worst, $step->worst()?->risk() ?? 0.0);
            }
        }

        return $worst;
    }

    private static function job(PartBrief $brief, Materials $materials, Workshop $shop, Choices $choices, int $coats, ?ClearPlan $clear, ?ClearPlan $filler): Job
    {
        [$clearCoats, $clearCoat, $polish] = $clear === null ? [1, null, null] : [$clear->coats, $clear->clear, $clear->polish];
        [$fillerCoats, $fillerCoat] = $filler === null ? [0, null] : [$filler->coats, $filler->clear];
        $polish = $choices->top === Top::PolishResin ? self::resinPolish($brief) : $polish;

        return new Job(
            $brief->substrate,
            $brief->substrate->isMetal() && ! $brief->primed,
            $brief->finish,
            $brief->coatedAreaM2(),
            $brief->holes,
            $choices,
            $coats,
            $materials->cloth->weave->arealGM2,
            $shop->weights,
            $shop->pace,
            $clearCoats,
            $clearCoat,
            $fillerCoat,
            $fillerCoats,
            Temperature::fromCelsius($shop->workingAirC),
            $polish === null ? 0.0 : $polish->minutes(),
        );
    }

    /** The polish of the resin itself, from the last paper of the wet-flat. */
    private static function resinPolish(PartBrief $brief): PolishLadder
    {
        return PolishLadder::from(SandingMethod::WetBlock->scratchUm(Grit::p(2000)), $brief->coatedAreaM2());
    }
}
