<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Backing;
use OakGloss\Method\Jar;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Quantity\Area;
use OakGloss\Quantity\ArealWeight;
use OakGloss\Quantity\Mass;
use OakGloss\Quantity\Temperature;

/** Walks a method's steps over every zone: what each coat adds, what each flatting leaves, from facts where there are any. */
final class SkinForecast
{
    /** Scratch that is left of a keyed coat's paper goes from the whole surface. */
    private const KEYED_BY = SandingMethod::DryBlock;

    /** A face sanded by nobody yet keeps at least this texture for the first paper, µm. */
    private const SPRAYED_PEEL_UM = 5.0;

    /** @var array<int, SkinSection> by zone; empty until the cloth is wet */
    private array $sections = [];

    public function __construct(
        private readonly PartBrief $brief,
        private readonly Materials $materials,
        private readonly Workshop $shop,
        private readonly FactLog $log,
    ) {
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<PlannedStep>
     */
    public function walk(array $steps): array
    {
        $this->sections = [];
        $doneUpTo = $this->lastDone($steps);
        $planned = [];
        foreach ($steps as $i => $step) {
            $planned[] = $this->step($step, $i <= $doneUpTo);
        }

        return $planned;
    }

    /** @param list<Step> $steps index of the last step that facts complete; −1 if none */
    private function lastDone(array $steps): int
    {
        $last = -1;
        foreach ($steps as $i => $step) {
            if ($this->completion($step) !== null) {
                $last = $i;
            }
        }

        return $last;
    }

    private function completion(Step $step): ?Fact
    {
        $skipped = $this->log->last($step->key, FactKind::Skipped);
        if ($skipped !== null || $step->kind !== StepKind::Flat && $step->kind !== StepKind::Key) {
            return $skipped ?? $this->log->last($step->key, match ($step->kind) {
                StepKind::Coat => FactKind::CoatOn,
                StepKind::Wipe => FactKind::Wiped,
                default => FactKind::Done,
            });
        }
        foreach ($this->log->of($step->key, FactKind::Sanded) as $pass) {
            if ((int) $pass->number('grit') >= ($step->grits->to ?? 0)) {
                return $pass;
            }
        }

        return null;
    }

    private function step(Step $step, bool $passedOver): PlannedStep
    {
        $fact = $this->completion($step);
        $skipped = $fact?->kind === FactKind::Skipped || ($fact === null && $passedOver);
        $doneAt = $fact->atMin ?? ($passedOver ? -INF : null);
        if ($step->kind === StepKind::Coat && $step->layer !== null) {
            return $this->coat($step, $fact, $doneAt, $skipped);
        }
        if ($step->kind === StepKind::Flat && $step->grits !== null) {
            return $this->flat($step, $doneAt, $skipped);
        }

        return new PlannedStep($step, $step->handsMin, zones: $this->unchanged(), doneAtMin: $doneAt, passes: $this->log->grits($step->key), skipped: $skipped);
    }

    private function coat(Step $step, ?Fact $fact, ?float $doneAt, bool $skipped): PlannedStep
    {
        $layer = $step->layer ?? throw new \LogicException('a coat step lays a layer');
        $area = Area::fromSquareMetres($layer->onCloth ? $this->brief->clothAreaM2() : $this->brief->coatedAreaM2());
        $planned = ArealWeight::fromGramsPerSquareMetre(Decision::of($this->log, $step->key)->gM2 ?? $layer->gM2);
        $resin = $this->materials->resinFor($step);
        $pigment = $layer->jar === Jar::Base && $this->brief->backing === Backing::Black ? $resin->pigmentFraction : 0.0;
        $batch = Batch::of($planned->over($area)->plus(Mass::fromGrams($this->shop->cupLossG))->inGrams(), $resin->ratio, $pigment);
        $used = $fact?->number('grams');
        // A slip of the pen in the record must not stop the plan: more than a spill does not stay on a part.
        $onPart = $used === null ? $planned : Mass::fromGrams(max(0.0, min($used - $this->shop->cupLossG, Coat::HEAVIEST_GM2 * $area->inSquareMetres())))->spreadOver($area);
        $laid = $skipped ? 0.0 : $onPart->inGramsPerSquareMetre();
        $airC = $fact->airC ?? $this->shop->workingAirC;
        $zones = $layer->builds && ! $skipped ? $this->afterCoat($step, new Coat($laid, Temperature::fromCelsius($airC))) : $this->unchanged();

        return new PlannedStep($step, $step->handsMin, $batch, $laid, $airC, zones: $zones, doneAtMin: $doneAt, usedG: $used, passes: $this->log->grits($step->key), skipped: $skipped);
    }

    /** @return list<ZoneState> */
    private function afterCoat(Step $step, Coat $coat): array
    {
        $keyed = $this->log->last($step->key, FactKind::Sanded);
        $states = [];
        foreach ($this->brief->coatedZones() as $i => $zone) {
            $before = $this->sections[$i] ?? null;
            if ($before === null) {
                $after = SkinSection::wetOut($this->materials->cloth->weave, $zone->face, $this->materials->clearResin->rheology, $coat);
                $before = SkinSection::wetOut($this->materials->cloth->weave, $zone->face, $this->materials->clearResin->rheology, new Coat(0.0, $coat->at));
            } else {
                $keyedFirst = $keyed === null ? $before : $before->afterKeying(self::KEYED_BY->scratchUm(Grit::p((int) $keyed->number('grit'))));
                $after = $keyedFirst->afterCoat($coat);
            }
            $this->sections[$i] = $after;
            $states[] = new ZoneState($zone, $before, $after);
        }

        return $states;
    }

    private function flat(Step $step, ?float $doneAt, bool $skipped): PlannedStep
    {
        $grits = $step->grits ?? throw new \LogicException('a flatting names its grits');
        $texture = $grits->inClear ? self::SPRAYED_PEEL_UM : $this->deepestTexture();
        $ladder = Ladder::cheapest($grits->driven, $this->brief->coatedAreaM2(), $this->materials->grits, $grits->from, $grits->to, $texture + Ladder::WAVINESS_UM)
            ?? Ladder::cheapest($grits->driven, $this->brief->coatedAreaM2(), array_keys(Grit::MEAN_GRAIN_UM), $grits->from, $grits->to, $texture + Ladder::WAVINESS_UM);
        $passes = $this->log->grits($step->key);
        $hands = $step->handsMin + ($ladder->minutes ?? 0.0);
        if ($grits->inClear || $ladder === null || $skipped) {
            return new PlannedStep($step, $hands, ladder: $ladder, zones: $this->unchanged(), doneAtMin: $doneAt, passes: $passes, skipped: $skipped);
        }
        $states = [];
        foreach ($this->brief->coatedZones() as $i => $zone) {
            $before = $this->sections[$i] ?? $this->dryCloth($zone);
            $planned = $zone->kind->isSandedByHand() ? CutBudget::byHand($ladder) : CutBudget::onFace($ladder);
            $cut = $doneAt !== null && $passes !== [] ? $this->sanded($grits->driven, $passes, $zone) : $planned;
            $after = $before->afterFlatting($cut);
            $this->sections[$i] = $after;
            $states[] = new ZoneState($zone, $before, $after, $cut);
        }

        return new PlannedStep($step, $hands, ladder: $ladder, zones: $states, doneAtMin: $doneAt, passes: $passes);
    }

    /** @param non-empty-list<int> $passes */
    private function sanded(SandingMethod $driven, array $passes, Zone $zone): Flatting
    {
        return CutBudget::ofPasses($driven, array_map(Grit::p(...), $passes), $zone->kind->isSandedByHand());
    }

    private function deepestTexture(): float
    {
        $deepest = 0.0;
        foreach ($this->brief->coatedZones() as $i => $zone) {
            if (! $zone->kind->isSandedByHand() && isset($this->sections[$i])) {
                $deepest = max($deepest, $this->sections[$i]->textureUm);
            }
        }

        return $deepest;
    }

    private function dryCloth(Zone $zone): SkinSection
    {
        return SkinSection::wetOut($this->materials->cloth->weave, new Face($zone->slopeDeg, $zone->lengthM), $this->materials->clearResin->rheology, new Coat(0.0, Temperature::fromCelsius($this->shop->workingAirC)));
    }

    /** @return list<ZoneState> */
    private function unchanged(): array
    {
        $states = [];
        foreach ($this->brief->coatedZones() as $i => $zone) {
            if (isset($this->sections[$i])) {
                $states[] = new ZoneState($zone, $this->sections[$i], $this->sections[$i]);
            }
        }

        return $states;
    }
}
