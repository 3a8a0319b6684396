<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\FactLog;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Finding;
use OakGloss\Method\Materials;
use OakGloss\Method\Method;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Method\Severity;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\TopCoats;
use OakGloss\Method\Workshop;
use OakGloss\Optics\GlossExpected;
use OakGloss\Optics\PolishLadder;

/**
 * The plan of a part: a pure function of brief, materials, method, shop and facts. What really happened takes the
 * place of what was planned, so a replan and a first plan are the same thing.
 */
final readonly class FinishPlan
{
    public const MOST_BUILD_COATS = 10;

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
        public Method $method,
        public array $steps,
        public array $zonesNow,
        public array $findings,
        public int $buildCoats,
        public ?ClearPlan $clear,
        public ?ClearPlan $filler,
    ) {
    }

    /** @param bool $missedLay the cloth is still to be laid and its base no longer holds it */
    public static function of(
        PartBrief $brief,
        Materials $materials,
        Method $method,
        Workshop $shop,
        FactLog $log,
        bool $missedLay = false,
    ): self {
        $isCleared = $brief->choices->of(TopKind::class) === Top::Clear && $materials->clear !== null;
        $clear = $isCleared ? ClearPlan::of($materials->clear, $brief, $materials, $shop) : null;
        $filler = $isCleared && $materials->filler !== null ? ClearPlan::of($materials->filler, $brief, $materials, $shop) : null;
        $built = (new BuildUp($brief, $materials, $method, $shop, $log, $clear, $filler, $missedLay))->best();
        if ($brief->choices->of(SentOut::class) === SentOutWork::Clear && self::isSent($built['steps'])) {
            // What another shop sprays comes off no shelf here.
            $clear = $filler = null;
        }
        $plan = new self(
            $brief,
            $materials,
            $shop,
            $log,
            $method,
            $built['steps'],
            $built['now'],
            [...Refusals::of($brief, $materials, $method), ...$method->refusals($built['job'])],
            $built['coats'],
            $clear,
            $filler,
        );

        return new self(
            $brief,
            $materials,
            $shop,
            $log,
            $method,
            $built['steps'],
            $built['now'],
            [...$plan->findings, ...Notices::of($plan)],
            $built['coats'],
            $clear,
            $filler,
        );
    }

    /** @param list<PlannedStep> $steps */
    private static function isSent(array $steps): bool
    {
        return array_filter($steps, fn (PlannedStep $s): bool => $s->step->role === Role::SendOut) !== [];
    }

    /** The same part where the window for the cloth has closed. */
    public function withMissedLay(): self
    {
        return self::of($this->brief, $this->materials, $this->method, $this->shop, $this->log, true);
    }

    /** @return list<Finding> why the part can't be made this way; empty if it can */
    public function refusals(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->severity === Severity::Refuse));
    }

    /**
     * What is refused and was not before: what stands on the bench already locks no brief.
     *
     * @return list<Finding>
     */
    public function refusedSince(?self $before): array
    {
        $stood = array_map(fn (Finding $f): string => $f->code, $before?->refusals() ?? []);

        return array_values(array_filter($this->refusals(), fn (Finding $f): bool => ! in_array($f->code, $stood, true)));
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

    /** The first step of a role, null where the method has none. */
    public function first(Role $role): ?PlannedStep
    {
        return $this->all($role)[0] ?? null;
    }

    /** @return list<PlannedStep> all steps of a role */
    public function all(Role $role): array
    {
        return array_values(array_filter($this->steps, fn (PlannedStep $s): bool => $s->step->role === $role));
    }

    /** The flatting with which the resin is to be one plane: of several the last. */
    public function resinFlat(): ?PlannedStep
    {
        $all = $this->all(Role::ResinFlat);

        return $all === [] ? null : $all[count($all) - 1];
    }

    /** The step with which a coat is turned over; null where it is not. */
    public function turnOf(PlannedStep $coat): ?PlannedStep
    {
        foreach ($this->steps as $step) {
            if ($step->step->about === $coat->step->key) {
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

    public function countDone(): int
    {
        return count($this->steps) - count($this->ahead());
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
        $coats = array_values(array_filter(
            $this->steps,
            fn (PlannedStep $s): bool => $s->step->kind === StepKind::Coat && $s->isDone() && ! $s->skipped,
        ));

        return $coats === [] ? null : $coats[count($coats) - 1];
    }

    /** What a build coat weighs on this part, g/m². */
    public function buildGM2(): float
    {
        return BuildWeight::gM2($this->brief->choices, $this->shop->weights->buildGM2);
    }

    /** Resin, hardener and pigment of all coats from one jar, grams: used where weighed, planned elsewhere. */
    public function gramsFrom(Slot $slot): float
    {
        return array_sum(array_map(
            fn (PlannedStep $s): float => $s->step->layer?->slot === $slot && ! $s->skipped
                ? $s->usedG ?? $s->batch?->totalG() ?? 0.0
                : 0.0,
            $this->steps,
        ));
    }

    /** Of all resins, grams. */
    public function totalGrams(): float
    {
        return array_sum(array_map($this->gramsFrom(...), Slot::of(Shelf::Resin)));
    }

    /** Of those resins whose weight is known: what is measured by the marks of a cup is in none of its figures, grams. */
    public function weighedGrams(): float
    {
        return array_sum(array_map(
            fn (PlannedStep $s): float => $s->usedG ?? $s->batch?->totalG() ?? 0.0,
            array_filter($this->steps, fn (PlannedStep $s): bool => ! $s->skipped && $s->batch?->ratio->isInCup() !== true),
        ));
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

    /** @return array{ZoneState, float}|null the show zone that a key's paper ahead would cut most of, and what share; null where none */
    public function keyedThrough(): ?array
    {
        $most = null;
        foreach ($this->ahead() as $step) {
            $cut = $step->keyedThrough();
            $most = $cut !== null && $cut[1] > ($most[1] ?? 0.0) ? $cut : $most;
        }

        return $most;
    }

    /**
     * Each zone at the flatting ahead that most endangers it: the same figures as worst() speaks of.
     *
     * @return list<ZoneState> in the order of the brief
     */
    public function mostEndangered(): array
    {
        $zones = [];
        foreach ($this->ahead() as $step) {
            foreach ($step->zones as $state) {
                $most = $zones[$state->zone->name] ?? null;
                if ($state->flatting !== null && ($most === null || $state->risk() > $most->risk())) {
                    $zones[$state->zone->name] = $state;
                }
            }
        }

        return array_values($zones);
    }

    public function clearLitres(): float
    {
        return $this->clear->litres ?? 0.0;
    }

    /** The clear that a step lays; null for every other step. */
    public function clearOf(PlannedStep $step): ?ClearPlan
    {
        return match ($step->step->role->slot()) {
            Slot::FillerClear => $this->filler,
            Slot::Clear => $this->clear,
            default => null,
        };
    }

    /** @return 'resin'|'clear'|'polish'|'paper' what comes over the scratch of a flatting; a finer paper where it is flatted on */
    public function over(PlannedStep $flat): string
    {
        // Parts off a form are sanded again: finer than their own first paper is lost.
        $isPast = false;
        foreach ($flat->step->role === Role::FormFlat ? [] : $this->steps as $step) {
            $over = $isPast ? match (true) {
                $step->step->kind === StepKind::Coat => 'resin',
                $step->step->kind === StepKind::Spray => 'clear',
                $step->step->kind === StepKind::Polish => 'polish',
                $step->step->role->isResinFlat() => 'paper',
                default => null,
            } : null;
            if ($over !== null) {
                return $over;
            }
            $isPast = $isPast || $step === $flat;
        }

        return $flat->step->role === Role::FormFlat ? 'paper' : 'clear';
    }

    /** The compounds after the last paper; null where nothing is polished. */
    public function polish(): ?PolishLadder
    {
        return $this->brief->choices->of(TopKind::class) === Top::PolishResin ? self::resinPolish($this->brief) : $this->clear?->polish;
    }

    /** What the meter should show at the end. */
    public function gloss(): ?GlossExpected
    {
        return $this->polish()?->gloss() ?? $this->clear?->gloss;
    }

    /** The polish of the resin itself, from the last paper of the wet-flat. */
    public static function resinPolish(PartBrief $brief): PolishLadder
    {
        return PolishLadder::from(SandingMethod::WetBlock->scratchUm(Grit::p(TopCoats::UNDER_POLISH)), $brief->coatedAreaM2());
    }
}
