<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Backing;
use OakGloss\Method\Jar;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Quantity\Area;
use OakGloss\Quantity\ArealWeight;
use OakGloss\Quantity\Mass;
use OakGloss\Quantity\Temperature;

/**
 * Walks a method's steps over every zone: what each coat adds, what each pass takes, from facts where there are any,
 * and what readings of the film say in between.
 */
final class SkinForecast
{
    /** Scratch that is left of a keyed coat's paper goes from the whole surface. */
    private const KEYED_BY = SandingMethod::DryBlock;

    /** @var array<int, SkinSection> by zone; empty until the cloth is wet */
    private array $sections = [];

    /** @var list<Zone> */
    private readonly array $zones;

    /** @var list<Step> */
    private array $steps = [];

    private FilmReadings $readings;

    /** @var list<ZoneState>|null the zones as they are now */
    private ?array $now = null;

    /** The newest coat that was walked over. */
    private ?Fact $lastCoat = null;

    public function __construct(
        private readonly PartBrief $brief,
        private readonly Materials $materials,
        private readonly Workshop $shop,
        private readonly FactLog $log,
    ) {
        $this->zones = $brief->coatedZones();
        $this->readings = $this->readingsAnew();
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<PlannedStep>
     */
    public function walk(array $steps): array
    {
        $this->sections = [];
        $this->steps = $steps;
        $this->lastCoat = $this->now = null;
        $this->readings = $this->readingsAnew();
        $doneUpTo = $this->lastDone($steps);
        $planned = [];
        foreach ($steps as $i => $step) {
            $planned[] = $this->step($i, $step, $i <= $doneUpTo);
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
            $this->readings->takeAll($this->sections);
            $this->now = $this->unchanged();
        }
    }

    private function readingsAnew(): FilmReadings
    {
        return FilmReadings::of($this->zones, $this->log, $this->shop, $this->materials->cloth->weave->thicknessUm());
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
            }
        }

        return $last;
    }

    /** @param Fact|null $coat the newest one below: passes before it belong to what lies under it */
    private function completion(Step $step, ?Fact $coat): ?Fact
    {
        $skipped = $this->log->last($step->key, FactKind::Skipped);
        if ($skipped !== null || ! $step->kind->isSanding()) {
            return $skipped ?? $this->log->last($step->key, match ($step->kind) {
                StepKind::Coat => FactKind::CoatOn,
                StepKind::Wipe => FactKind::Wiped,
                default => FactKind::Done,
            });
        }

        return $this->sanding($step, $coat)->allThrough($step->kind === StepKind::Key ? array_slice($this->zones, 0, 1) : $this->zones, $step->grits->to ?? 0);
    }

    private function sanding(Step $step, ?Fact $coat): SandingLog
    {
        return new SandingLog(
            array_values(array_filter($this->log->of($step->key, FactKind::Sanded), fn (Fact $f): bool => $coat === null || ! $f->isBefore($coat))),
            Decision::of($this->log, $step->key)->driven ?? $step->grits->driven ?? SandingMethod::WetBlock,
        );
    }

    private function step(int $i, Step $step, bool $passedOver): PlannedStep
    {
        $fact = $this->completion($step, $this->lastCoat);
        $skipped = $fact?->kind === FactKind::Skipped || ($fact === null && $passedOver);
        $doneAt = $fact->atMin ?? ($passedOver ? -INF : null);
        if ($step->kind === StepKind::Flat && $step->grits !== null) {
            return $this->flat($step, $doneAt, $skipped);
        }
        if ($fact !== null && ! $skipped) {
            $this->sandedEarly($i, $fact);
            $this->readings->takeBefore($fact, $this->sections);
        } elseif (! $passedOver) {
            $this->takeTheRest();
        }
        if ($step->kind === StepKind::Coat && $step->layer !== null) {
            return $this->coat($step, $fact, $doneAt, $skipped);
        }
        if ($fact !== null && ! $skipped && $step->kind !== StepKind::Wipe) {
            $this->readings->loseWeight();
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
        if ($fact !== null && ! $skipped) {
            $this->lastCoat = $fact;
            if (! $layer->builds) {
                $this->readings->baseUm = $laid / $resin->rheology->densityGCm3 * (1.0 - $resin->rheology->shrinkage);
            }
            if ($layer->onCloth) {
                // Resin and cloth beneath the rim are no film of any zone.
                $this->readings->loseWeight();
            }
        }

        return new PlannedStep($step, $step->handsMin, $batch, $laid, $airC, zones: $zones, doneAtMin: $doneAt, usedG: $used, passes: $this->log->grits($step->key), skipped: $skipped);
    }

    /** @return list<ZoneState> */
    private function afterCoat(Step $step, Coat $coat): array
    {
        $keyed = $this->log->last($step->key, FactKind::Sanded);
        $isFirst = $this->sections === [];
        [$befores, $retained, $ranDown] = [[], [], []];
        foreach ($this->zones as $i => $zone) {
            $before = $this->sections[$i] ?? null;
            if ($before === null) {
                $this->sections[$i] = SkinSection::wetOut($this->materials->cloth->weave, $zone->face, $this->materials->clearResin->rheology, $coat);
                $before = SkinSection::wetOut($this->materials->cloth->weave, $zone->face, $this->materials->clearResin->rheology, new Coat(0.0, $coat->at));
            } else {
                $keyedFirst = $keyed === null ? $before : $before->afterKeying(self::KEYED_BY->scratchUm(Grit::p((int) $keyed->number('grit'))));
                $this->sections[$i] = $keyedFirst->afterCoat($coat);
            }
            $befores[$i] = $before;
            $retained[] = $this->sections[$i]->lastRetainedUm;
            $ranDown[] = $this->sections[$i]->lastDrainedGM2;
        }
        $this->readings->afterCoat($retained, $ranDown, $isFirst, $this->materials->clearResin->rheology->densityGCm3);

        return array_map(fn (int $i): ZoneState => $this->state($i, $befores[$i], $this->sections[$i]), array_keys($this->zones));
    }

    private function flat(Step $step, ?float $doneAt, bool $skipped): PlannedStep
    {
        $grits = $step->grits ?? throw new \LogicException('a flatting names its grits');
        $decided = Decision::of($this->log, $step->key);
        $driven = $decided->driven ?? $grits->driven;
        $from = min($decided->fromGrit ?? $grits->from, $grits->to);
        $texture = $grits->inClear ? $grits->peelUm : $this->deepestTexture();
        $ladder = Ladder::cheapest($driven, $this->brief->coatedAreaM2(), $this->materials->papersFor($driven), $from, $grits->to, $texture + Ladder::WAVINESS_UM)
            ?? Ladder::cheapest($driven, $this->brief->coatedAreaM2(), array_keys(Grit::MEAN_GRAIN_UM), $from, $grits->to, $texture + Ladder::WAVINESS_UM);
        $sanding = $this->sanding($step, $this->lastCoat);
        $passes = $this->throughEverywhere($sanding, $ladder);
        $hands = $step->handsMin + ($ladder === null ? 0.0 : $this->minutesAhead($ladder, $sanding, $doneAt !== null));
        if ($grits->inClear || $ladder === null || $skipped) {
            if (! $skipped && $sanding->facts !== []) {
                $this->readings->loseWeight();
            }

            return new PlannedStep($step, $hands, ladder: $ladder, zones: $this->unchanged(), doneAtMin: $doneAt, passes: $passes, skipped: $skipped, sanding: $sanding);
        }
        $befores = array_map(fn (int $i): SkinSection => $this->sections[$i] ?? $this->dryCloth($this->zones[$i]), array_keys($this->zones));
        $this->sections = $befores;
        foreach ($sanding->facts as $fact) {
            $this->readings->takeBefore($fact, $this->sections);
            $this->sandedOver($fact, $sanding);
        }
        if ($doneAt === null) {
            $this->takeTheRest();
        }
        $states = [];
        foreach ($this->zones as $i => $zone) {
            $now = $this->sections[$i];
            $done = $sanding->on($zone);
            $planned = match (true) {
                $doneAt !== null && $done !== [] => null,
                $done === [] && $zone->kind === ZoneKind::Corner => CutBudget::inCorner($ladder),
                $done === [] && $zone->kind->isSandedByHand() => CutBudget::byHand($ladder),
                $done === [] => CutBudget::onFace($ladder),
                default => null,
            };
            if ($planned !== null) {
                $this->sections[$i] = $now->afterFlatting($planned);
            } elseif ($doneAt === null) {
                $this->toTheEnd($i, $done, $ladder);
            }
            $after = $this->sections[$i];
            $cut = $planned ?? new Flatting(max(0.0, $befores[$i]->flushCover()->inMicrometres() - $after->meanUm - 0.5 * $after->textureUm), $after->textureUm);
            $states[] = $this->state($i, $befores[$i], $after, $cut, $now, $done);
        }

        return new PlannedStep($step, $hands, ladder: $ladder, zones: $states, doneAtMin: $doneAt, passes: $passes, sanding: $sanding);
    }

    /** One recorded pass over the zones that it went over. */
    private function sandedOver(Fact $fact, SandingLog $sanding): void
    {
        [$cut, $timed] = [[], []];
        foreach ($this->zones as $i => $zone) {
            $cut[$i] = $timed[$i] = 0.0;
            if (! $sanding->goesOver($fact, $zone)) {
                continue;
            }
            $before = $this->sections[$i];
            $pass = $sanding->pass($fact, $zone);
            $sanded = Sanded::over($before, $pass, $zone->areaM2);
            $this->sections[$i] = $sanded->skin;
            $timed[$i] = $sanded->beyondUm;
            $cut[$i] = max(0.0, $before->meanUm - $this->sections[$i]->meanUm);
        }
        $this->readings->afterPass($cut, $timed);
        foreach ($this->zones as $i => $zone) {
            if ($fact->word('end') !== '' && $sanding->goesOver($fact, $zone)) {
                $this->readings->saw($i, $sanding->pass($fact, $zone)->end, $this->sections[$i]);
            }
        }
    }

    /**
     * The papers of the ladder that a zone has still before it.
     *
     * @param non-empty-list<Pass> $done
     */
    private function toTheEnd(int $i, array $done, Ladder $ladder): void
    {
        $last = $done[count($done) - 1];
        $papers = $this->zones[$i]->kind->isSandedByHand() ? [$ladder->last()] : array_map(fn (LadderStep $s): Grit => $s->grit, $ladder->steps);
        $again = $last->end === PassEnd::Matt ? [] : [$last->grit];
        foreach ([...$again, ...array_filter($papers, fn (Grit $g): bool => $g->isFinerThan($last->grit))] as $grit) {
            $this->sections[$i] = Sanded::over($this->sections[$i], new Pass($grit, $ladder->method), $this->zones[$i]->areaM2)->skin;
        }
    }

    /** Passes of a later flatting that was begun before this coat went on. */
    private function sandedEarly(int $i, Fact $coat): void
    {
        if ($this->steps[$i]->kind !== StepKind::Coat || $this->sections === []) {
            return;
        }
        foreach (array_slice($this->steps, $i + 1) as $later) {
            if ($later->kind !== StepKind::Flat || $later->grits?->inClear !== false) {
                continue;
            }
            $early = new SandingLog(array_values(array_filter($this->sanding($later, $this->lastCoat)->facts, fn (Fact $f): bool => $f->isBefore($coat))), $later->grits->driven);
            foreach ($early->facts as $fact) {
                $this->readings->takeBefore($fact, $this->sections);
                $this->sandedOver($fact, $early);
            }
        }
    }

    /** Minutes of the ladder for the faces that are not through a paper yet; of one that is done, all of it. */
    private function minutesAhead(Ladder $ladder, SandingLog $sanding, bool $isDone): float
    {
        $faces = array_filter($this->zones, fn (Zone $z): bool => ! $z->kind->isSandedByHand());
        if ($sanding->facts === [] || $isDone || $faces === []) {
            return $ladder->minutes;
        }
        $area = array_sum(array_map(fn (Zone $z): float => $z->areaM2, $faces));
        $minutes = 0.0;
        foreach ($ladder->steps as $i => $rung) {
            $open = array_sum(array_map(fn (Zone $z): float => $sanding->through($z, $rung->grit->number) === null ? $z->areaM2 : 0.0, $faces)) / $area;
            $minutes += $open * $rung->minutes + ($open > 0.0 && $i > 0 ? Ladder::CHANGE_MIN : 0.0);
        }

        return $minutes;
    }

    /** @return list<int> papers that every zone is through: faces each of them, edges the last */
    private function throughEverywhere(SandingLog $sanding, ?Ladder $ladder): array
    {
        $faces = array_values(array_filter($this->zones, fn (Zone $z): bool => ! $z->kind->isSandedByHand()));
        $papers = array_map(fn (Fact $f): int => (int) $f->number('grit'), $sanding->facts);
        sort($papers);
        $last = $ladder?->last()->number ?? 0;

        return array_values(array_filter(array_unique($papers), fn (int $p): bool => $sanding->allThrough($p >= $last || $faces === [] ? $this->zones : $faces, $p) !== null));
    }

    private function deepestTexture(): float
    {
        $deepest = 0.0;
        foreach ($this->zones as $i => $zone) {
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
        return array_map(fn (int $i): ZoneState => $this->state($i, $this->sections[$i], $this->sections[$i]), array_keys($this->sections));
    }

    /** @param list<Pass> $passes */
    private function state(int $i, SkinSection $before, SkinSection $after, ?Flatting $cut = null, ?SkinSection $now = null, array $passes = []): ZoneState
    {
        return new ZoneState($this->zones[$i], $before, $after, $cut, $this->readings->estimate(), $i, $now, $passes);
    }
}
