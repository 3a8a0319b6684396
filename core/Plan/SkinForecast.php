<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Tool;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Film\Coat;
use OakGloss\Film\Flatting;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Resin;
use OakGloss\Method\Caution;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Method\Workshop;
use OakGloss\Quantity\Temperature;

/**
 * Walks a method's steps over every zone: what each coat adds, what each pass takes, from facts where there are any,
 * and what readings of the film say in between.
 */
final class SkinForecast
{
    /** Scratch that is left of a keyed coat's paper goes from the whole surface. */
    private const KEYED_BY = SandingMethod::DryBlock;

    /** @var list<Zone> */
    private readonly array $zones;

    private Skins $skins;

    /** @var list<Step> */
    private array $steps = [];

    /** @var list<ZoneState>|null the zones as they are now */
    private ?array $now = null;

    /** Index of the last step that facts complete. */
    private int $doneUpTo = -1;

    /** The newest coat that was walked over. */
    private ?Fact $lastCoat = null;

    public function __construct(
        private readonly PartBrief $brief,
        private readonly Materials $materials,
        private readonly Workshop $shop,
        private readonly FactLog $log,
    ) {
        $this->zones = $brief->coatedZones();
        $this->skins = Skins::begin($this->brief, $this->materials, $this->log, $this->shop);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<PlannedStep>
     */
    public function walk(array $steps): array
    {
        $this->skins = Skins::begin($this->brief, $this->materials, $this->log, $this->shop);
        $this->steps = $steps;
        $this->lastCoat = $this->now = null;
        $this->doneUpTo = $this->lastDone($steps);
        $planned = [];
        foreach ($steps as $i => $step) {
            $planned[] = $this->step($i, $step, $i <= $this->doneUpTo);
        }

        return $planned;
    }

    /** @return list<ZoneState> the zones after all that was done and read; empty while there is no film */
    public function zonesNow(): array
    {
        $this->takeTheRest();

        return $this->now ?? [];
    }

    /** Every reading that is left belongs to what is on the part now. */
    private function takeTheRest(): void
    {
        if ($this->now === null) {
            $this->skins->readAll();
            $this->now = $this->skins->unchanged();
        }
    }

    /** @param list<Step> $steps index of the last step that facts complete; −1 if none */
    private function lastDone(array $steps): int
    {
        $last = -1;
        $coat = null;
        foreach ($steps as $i => $step) {
            $completion = $this->completion($step, $coat);
            if ($completion !== null) {
                $last = $i;
                $coat = $step->kind === StepKind::Coat ? $completion : $coat;
            } elseif ($last === $i - 2 && $steps[$i - 1]->role === Role::Wash && $this->sanding($step, $coat)->facts !== []) {
                // Paper is on it already: nobody washes now what it is full of.
                $last = $i - 1;
            }
        }

        return $last;
    }

    /** @param Fact|null $coat the newest one below: passes before it belong to what lies under it */
    private function completion(Step $step, ?Fact $coat): ?Fact
    {
        $skipped = $this->log->last($step->key, Skipped::class);
        if ($skipped !== null || ! $step->kind->isSanding()) {
            return $skipped ?? $this->log->completing($step->key, $step->kind);
        }

        return $this->sanding($step, $coat)->allThrough(
            $step->kind === StepKind::Key ? array_slice($this->zones, 0, 1) : $this->zonesOf($step),
            $step->grits->to ?? 0,
        );
    }

    /** @return list<Zone> that a flatting goes over */
    private function zonesOf(Step $step): array
    {
        return array_values(array_filter($this->zones, fn (Zone $z): bool => $step->grits?->isOver($z->name) !== false));
    }

    private function sanding(Step $step, ?Fact $coat): SandingLog
    {
        return new SandingLog(
            array_values(array_filter(
                $this->log->of($step->key, Sanded::class),
                fn (Fact $f): bool => $coat === null || ! $f->isBefore($coat),
            )),
            $this->driven($step),
            $step->grits->to ?? 0,
            $step->grits->ridgesOnly ?? false,
        );
    }

    private function step(int $i, Step $step, bool $passedOver): PlannedStep
    {
        $fact = $this->completion($step, $this->lastCoat);
        $skipped = $fact?->content instanceof Skipped || ($fact === null && $passedOver);
        $doneAt = $fact->atMin ?? ($passedOver ? -INF : null);
        if ($step->kind === StepKind::Flat && $step->grits !== null) {
            return $this->flat($step, $doneAt, $skipped);
        }
        if ($fact !== null && ! $skipped) {
            $this->sandedEarly($i, $fact);
            $this->skins->readBefore($fact);
        } elseif (! $passedOver) {
            $this->takeTheRest();
        }
        if ($step->kind === StepKind::Coat && $step->layer !== null) {
            return $this->coat($i, $step, $fact, $doneAt, $skipped);
        }
        if ($fact !== null && ! $skipped && $step->kind !== StepKind::Wipe) {
            $this->skins->readings->loseWeight();
        }
        if ($step->bares !== null) {
            $this->skins->bare($step->bares);
        }

        return new PlannedStep(
            $step,
            $step->handsMin,
            zones: $this->skins->unchanged(),
            doneAtMin: $doneAt,
            passes: $this->log->grits($step->key),
            skipped: $skipped,
        );
    }

    private function coat(int $i, Step $step, ?Fact $fact, ?float $doneAt, bool $skipped): PlannedStep
    {
        $layer = $step->layer ?? throw new \LogicException('a coat step lays a layer');
        $on = $fact?->content instanceof CoatOn ? $fact->content : null;
        $only = $on->only ?? $layer->only;
        $resin = $this->materials->resinFor($step);
        $quantity = CoatQuantity::of($step, $layer, $fact, $this->brief, $resin, $this->shop, $this->log);
        $laid = $skipped ? 0.0 : $quantity->onPartGM2;
        $airC = $fact->airC ?? $this->shop->workingAirC;
        $density = $resin->rheology->densityGCm3;
        $keyed = $this->log->last($step->key, Sanded::class);
        $zones = $layer->builds && ! $skipped
            ? $this->skins->coated(
                new Coat(
                    $step->role->isBled()
                        ? min($laid, $this->materials->cloth->weave->saturationGM2($density))
                        : max(0.0, $laid - $layer->drunkGM2),
                    Temperature::fromCelsius($airC),
                    $step->role->isPoured() ? Coat::POURED : Coat::BRUSHED,
                    $only,
                    Turns::of(
                        $this->log,
                        $fact,
                        $this->isTurnAhead($i),
                        $resin->rheology,
                        Temperature::fromCelsius($airC),
                    ),
                ),
                $keyed === null ? null : self::KEYED_BY->scratchUm($keyed->content->grit()),
                $resin->rheology,
                $this->brief->facesAsTheyLie($fact === null ? $this->brief->choices->of(Tilting::class) : $on?->tilted === true, $only),
            )
            : $this->skins->unchanged();
        if ($fact !== null && ! $skipped) {
            $this->lastCoat = $fact;
            if (! $layer->builds) {
                // What a ply drinks is in its own thickness.
                $drunk = $step->role === Role::InnerWetOut ? $this->materials->inner()->weave->saturationGM2($density) : 0.0;
                $this->skins->readings->baseUm += max(0.0, $laid - $drunk) / $density * (1.0 - $resin->rheology->shrinkage);
            }
            if ($layer->onCloth) {
                // Resin and cloth beneath the rim are no film of any zone.
                $this->skins->readings->loseWeight();
            }
        }

        return new PlannedStep(
            $step,
            $step->handsMin,
            $quantity->batch,
            $laid,
            $airC,
            zones: $zones,
            doneAtMin: $doneAt,
            usedG: $on?->grams,
            passes: $this->log->grits($step->key),
            skipped: $skipped,
        );
    }

    private function isTurnAhead(int $i): bool
    {
        return ($this->steps[$i + 1] ?? null)?->kind === StepKind::Turn && $i + 1 > $this->doneUpTo;
    }

    private function flat(Step $step, ?float $doneAt, bool $skipped): PlannedStep
    {
        $grits = $step->grits ?? throw new \LogicException('a flatting names its grits');
        $decided = Decision::of($this->log, $step->key);
        $driven = $this->driven($step);
        $from = min($decided->fromGrit ?? $grits->from, $grits->to);
        $firstCut = match (true) {
            $grits->inClear => $grits->peelUm + Ladder::CLEAR_WAVINESS_UM,
            $grits->ridgesOnly => $this->skins->ridgeCutUm(),
            default => $this->skins->firstCutUm($grits) + $step->lowersUm,
        };
        $zones = $this->zonesOf($step);
        $area = $grits->only === null ? $this->brief->coatedAreaM2() : $this->brief->areaOf($grits->only);
        $papers = $this->shop->papersAt($doneAt, $driven) ?? $this->materials->papersFor($driven);
        $ladder = Machine::ladder($driven, $zones, $area, $papers, $from, $grits->to, $firstCut)
            ?? Machine::ladder($driven, $zones, $area, array_keys(Grit::MEAN_GRAIN_UM), $from, $grits->to, $firstCut);
        $step = $ladder?->method === SandingMethod::Orbital ? $step->minding(Caution::Sander) : $step;
        $sanding = $this->sanding($step, $this->lastCoat);
        $passes = $sanding->throughEverywhere($zones, $ladder);
        $hands = $step->handsMin + ($ladder === null ? 0.0 : $sanding->minutesAhead($zones, $ladder, $doneAt !== null));
        if ($grits->inClear || $ladder === null || $skipped) {
            if (! $skipped && $sanding->facts !== []) {
                $this->skins->readings->loseWeight();
            }

            return new PlannedStep(
                $step,
                $hands,
                ladder: $ladder,
                zones: $this->skins->unchanged(),
                doneAtMin: $doneAt,
                passes: $passes,
                skipped: $skipped,
                sanding: $sanding,
            );
        }
        $states = $this->skins->flatted($ladder, $sanding, $doneAt !== null, $this->takeTheRest(...), $grits, $step->lowersUm);

        return new PlannedStep($step, $hands, ladder: $ladder, zones: $states, doneAtMin: $doneAt, passes: $passes, sanding: $sanding);
    }

    /** A machine is driven where it has faces to lie on, and unasked only where there is one. */
    private function driven(Step $step): SandingMethod
    {
        $decided = Decision::of($this->log, $step->key)->driven;
        $driven = $decided ?? $step->grits->driven ?? SandingMethod::WetBlock;
        $isThere = $decided !== null || $this->shop->has(Tool::Sander);

        return $driven === SandingMethod::Orbital && ! ($isThere && Machine::areaM2($this->zonesOf($step)) > 0.0)
            ? SandingMethod::DryBlock
            : $driven;
    }

    /** Passes of a later flatting that was begun before this coat went on. */
    private function sandedEarly(int $i, Fact $coat): void
    {
        if ($this->steps[$i]->kind !== StepKind::Coat || ! $this->skins->areWet()) {
            return;
        }
        foreach (array_slice($this->steps, $i + 1) as $later) {
            if ($later->kind !== StepKind::Flat || $later->grits?->inClear !== false) {
                continue;
            }
            $this->skins->sanded(new SandingLog(
                array_values(array_filter($this->sanding($later, $this->lastCoat)->facts, fn (Fact $f): bool => $f->isBefore($coat))),
                $later->grits->driven,
                $later->grits->to,
                $later->grits->ridgesOnly,
            ));
        }
    }
}
