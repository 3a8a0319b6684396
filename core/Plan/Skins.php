<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Film\Coat;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Face;
use OakGloss\Film\Flatting;
use OakGloss\Film\Rheology;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Grits;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Workshop;

/** The skin of every zone while a plan is walked through: what coats add, what passes take, what readings say. */
final class Skins
{
    /** @var array<int, SkinSection> by zone; empty until the cloth is wet */
    private array $sections = [];

    /** @var array<int, bool> zones whose cloth is not wet yet, where another's is */
    private array $isDry = [];

    /** @param list<Zone> $zones */
    public function __construct(
        public readonly array $zones,
        private readonly Weave $weave,
        private readonly Rheology $resin,
        public readonly FilmReadings $readings,
        private readonly float $target,
    ) {
    }

    /** Before anything was done: cloth that is not laid yet, or a skin that lies there already. */
    public static function begin(PartBrief $brief, Materials $materials, FactLog $log, Workshop $shop): self
    {
        [$zones, $weave, $film] = [$brief->coatedZones(), $materials->cloth->weave, $brief->film];
        $resin = $materials->skinResin->rheology;
        $skins = new self($zones, $weave, $resin, FilmReadings::of(
            $zones,
            $log,
            $shop,
            $weave->thicknessUm() + ($brief->choices->of(PlyCount::class) - 1) * $materials->inner()->weave->thicknessUm(),
            $film->doubtUm ?? 0.0,
        ), $shop->targetBurnThrough);
        if ($film !== null) {
            $skins->bare($film);
        }

        return $skins;
    }

    /** A face comes to light with a film over its weave. */
    public function bare(ExistingFilm $film): void
    {
        $this->sections = array_map(fn (Zone $z): SkinSection => SkinSection::found($film, $z->face, $this->resin), $this->zones);
    }

    public function areWet(): bool
    {
        return $this->sections !== [];
    }

    /** What was read before a fact. */
    public function readBefore(Fact $fact): void
    {
        $this->readings->takeBefore($fact, $this->sections);
    }

    /** All that was read and not taken in yet. */
    public function readAll(): void
    {
        $this->readings->takeAll($this->sections);
    }

    /**
     * A coat over the cloth, keyed first where a scratch is given; the first one is the wet-out.
     *
     * @param Rheology   $flow  of the resin that it is mixed from
     * @param list<Face> $faces by zone, as the part lies while it flows
     *
     * @return list<ZoneState>
     */
    public function coated(Coat $coat, ?float $keyScratchUm, Rheology $flow, array $faces): array
    {
        $isFirst = ! $this->areWet();
        $befores = $isFirst
            ? array_map(
                fn (Zone $z): SkinSection => SkinSection::wetOut($this->weave, $z->face, $this->resin, new Coat(0.0, $coat->at)),
                $this->zones,
            )
            : $this->sections;
        if (! $isFirst && $keyScratchUm !== null) {
            $this->sections = array_map(fn (SkinSection $s): SkinSection => $s->afterKeying($keyScratchUm), $this->sections);
            $this->readings->afterPass(array_fill(0, count($this->zones), $keyScratchUm), []);
        }
        [$retained, $ranDown] = [[], []];
        foreach (array_keys($this->zones) as $i) {
            $isOn = $coat->onto($faces[$i]) > 0.0;
            $isWetOut = $isFirst || ($isOn && isset($this->isDry[$i]));
            $this->sections[$i] = match (true) {
                // One face of two: the other's cloth is still to come.
                $isWetOut && ! $isOn => SkinSection::wetOut(
                    $this->weave,
                    $faces[$i],
                    $flow,
                    new Coat($this->weave->saturationGM2($flow->densityGCm3), $coat->at),
                ),
                $isWetOut => SkinSection::wetOut($this->weave, $faces[$i], $flow, $coat),
                default => $this->sections[$i]->afterCoat($coat, $flow, $faces[$i]),
            };
            if ($isWetOut) {
                $this->isDry = $isOn ? array_diff_key($this->isDry, [$i => 1]) : $this->isDry + [$i => true];
            }
            $retained[] = $this->sections[$i]->lastRetainedUm;
            $ranDown[] = $this->sections[$i]->lastDrainedGM2;
        }
        $this->readings->afterCoat($retained, $ranDown, $flow->densityGCm3);

        return array_map(fn (int $i): ZoneState => $this->state($i, $befores[$i], $this->sections[$i]), array_keys($this->zones));
    }

    /** Recorded passes, each over the zones that it went over, with what was read and seen in between. */
    public function sanded(SandingLog $sanding): void
    {
        $isEased = [];
        foreach ($sanding->facts as $fact) {
            $this->readBefore($fact);
            [$cut, $beyond] = [[], []];
            foreach ($this->zones as $i => $zone) {
                $cut[$i] = $beyond[$i] = 0.0;
                if ($sanding->goesOver($fact, $zone)) {
                    $before = $this->sections[$i];
                    if ($zone->face->easedUm !== null) {
                        // All papers of one stage under the finger together.
                        $this->sections[$i] = isset($isEased[$i]) ? $before : $this->eased($i, $before, $sanding->leavesLows);
                        $isEased[$i] = true;
                        $cut[$i] = $before->meanUm - $this->sections[$i]->meanUm;
                        continue;
                    }
                    $after = $this->sandedBy($sanding, $sanding->pass($fact, $zone), $i);
                    $this->sections[$i] = $after->skin;
                    [$cut[$i], $beyond[$i]] = [max(0.0, $before->meanUm - $after->skin->meanUm), $after->beyondUm];
                }
            }
            $this->readings->afterPass($cut, $beyond);
            foreach ($this->zones as $i => $zone) {
                if ($fact->content->end !== null && $sanding->goesOver($fact, $zone)) {
                    $this->readings->saw($i, $sanding->pass($fact, $zone)->end, $this->sections[$i]);
                }
            }
        }
    }

    /** One pass over one zone; of one that leaves lows on purpose, no nearer to the weave than what is known allows. */
    private function sandedBy(SandingLog $sanding, Pass $pass, int $i): Sanded
    {
        $skin = $this->sections[$i];
        if (! $sanding->leavesLows || $pass->end !== PassEnd::Lows) {
            return Sanded::over($skin, $pass, $this->zones[$i]->areaM2);
        }

        return Sanded::ridges($skin, $pass, $this->spareUm($i), $this->zones[$i]->areaM2);
    }

    /**
     * A flatting: what was sanded of it, then what is left of its ladder.
     *
     * @param \Closure(): void $between  what happens once all that was done is done
     * @param Grits            $grits    over which zones it goes
     * @param float            $lowersUm film that goes there besides
     *
     * @return list<ZoneState>
     */
    public function flatted(
        Ladder $ladder,
        SandingLog $sanding,
        bool $isDone,
        \Closure $between,
        Grits $grits,
        float $lowersUm,
    ): array {
        $befores = $this->areWet() ? $this->sections : array_map(fn (Zone $z): SkinSection => $this->dryCloth($z), $this->zones);
        $this->sections = $befores;
        foreach ($lowersUm > 0.0 ? $this->zones : [] as $i => $zone) {
            $this->sections[$i] = $grits->isOver($zone->name) ? $this->sections[$i]->afterKeying($lowersUm) : $this->sections[$i];
        }
        $this->sanded($sanding);
        if (! $isDone) {
            $between();
        }
        $states = [];
        foreach ($this->zones as $i => $zone) {
            $now = $this->sections[$i];
            $passes = $sanding->on($zone);
            $cut = null;
            if ($passes === [] && ! $grits->isOver($zone->name)) {
                $states[] = $this->state($i, $befores[$i], $now);
                continue;
            }
            if ($zone->face->easedUm !== null) {
                $this->sections[$i] = $passes === [] ? $this->eased($i, $now, $sanding->leavesLows) : $now;
                $states[] = $this->state($i, $befores[$i], $this->sections[$i], self::easing($zone), $now, $passes, $sanding->leavesLows);
                continue;
            }
            if ($sanding->leavesLows && ! $isDone) {
                $this->ridgesToTheEnd($i, $passes, $ladder, $sanding);
            } elseif ($passes === []) {
                $cut = self::budget($ladder, $zone)->overScratch($now->flat ? (Ladder::OVERCUT - 1.0) * $now->textureUm : 0.0);
                $this->sections[$i] = $now->afterFlatting($cut);
            } elseif (! $isDone) {
                $this->toTheEnd($i, $passes, $ladder);
            }
            $after = $this->sections[$i];
            $doubt = $ladder->method === SandingMethod::Orbital && Machine::reaches($zone) ? Machine::moreDoubtUm() : 0.0;
            if ($sanding->leavesLows) {
                $states[] = $this->state($i, $befores[$i], $after, new Flatting(0.0, $after->textureUm), $now, $passes, true)
                    ->cutWithin($doubt);
                continue;
            }
            $cut ??= new Flatting(
                max(0.0, $befores[$i]->flushCover()->inMicrometres() - $after->meanUm - 0.5 * $after->textureUm),
                $after->textureUm,
            );
            $states[] = $this->state($i, $befores[$i], $after, $cut, $now, $passes)->cutWithin($doubt);
        }

        return $states;
    }

    /** What the first paper of a flatting has to take: texture and waviness; of a face that is flat already its old scratch. */
    public function firstCutUm(Grits $grits): float
    {
        $cuts = [];
        foreach ($this->sections as $i => $section) {
            if (! $grits->isOver($this->zones[$i]->name)) {
                continue;
            }
            $cut = $section->flat ? Ladder::OVERCUT * $section->textureUm : $section->textureUm + Ladder::WAVINESS_UM;
            $cuts = $this->zones[$i]->kind->isSandedByHand() ? $cuts : [...$cuts, $cut];
        }

        return $cuts === [] ? Ladder::WAVINESS_UM : max($cuts);
    }

    /** What ridges alone ask the first paper to take; where there is nothing to spare, the waviness. */
    public function ridgeCutUm(): float
    {
        $cuts = [Ladder::WAVINESS_UM];
        foreach ($this->sections as $i => $section) {
            $cuts[] = $this->zones[$i]->kind->isSandedByHand() ? 0.0 : Sanded::ridgeReachUm($section, $this->spareUm($i));
        }

        return max($cuts);
    }

    /** What may go from the highest ridge of a zone, by all that is known of its film, µm. */
    private function spareUm(int $i): float
    {
        $state = $this->state($i, $this->sections[$i], $this->sections[$i]);

        return $state->crownCover($this->sections[$i])->inMicrometres() - $state->keepUm($this->target);
    }

    /** @return list<ZoneState> */
    public function unchanged(): array
    {
        return array_map(
            fn (int $i): ZoneState => $this->state($i, $this->sections[$i], $this->sections[$i]),
            array_keys($this->sections),
        );
    }

    /** A rim under the finger; where ridges alone go, no nearer to the weave than what is known allows. */
    private function eased(int $i, SkinSection $now, bool $isRidgesOnly): SkinSection
    {
        $spare = $isRidgesOnly ? max(0.0, $this->spareUm($i)) : INF;

        return $spare < ($now->face->easedUm ?? 0.0) ? $now->afterKeying($spare) : $now->afterFlatting(self::easing($this->zones[$i]));
    }

    /** What a flatting takes of a rim by hand. */
    private static function easing(Zone $zone): Flatting
    {
        return new Flatting($zone->face->easedUm ?? 0.0, 0.0);
    }

    private static function budget(Ladder $ladder, Zone $zone): Flatting
    {
        return match (true) {
            $zone->kind === ZoneKind::Corner => CutBudget::inCorner($ladder),
            $zone->kind->isSandedByHand() => CutBudget::byHand($ladder),
            default => Machine::budget($ladder, $zone) ?? CutBudget::onFace($ladder),
        };
    }

    /**
     * The papers of the ladder that a zone has still before it; none where its weave showed.
     *
     * @param non-empty-list<Pass> $done
     */
    private function toTheEnd(int $i, array $done, Ladder $ladder): void
    {
        $last = $done[count($done) - 1];
        if ($last->end === PassEnd::Weave) {
            return;
        }
        $again = $last->end === PassEnd::Matt ? [] : [$last->grit];
        $papers = $ladder->papers($this->zones[$i]->kind->isSandedByHand());
        foreach ([...$again, ...array_filter($papers, fn (Grit $g): bool => $g->isFinerThan($last->grit))] as $grit) {
            $pass = new Pass($grit, Machine::over($this->zones[$i], $ladder->method, $grit));
            $this->sections[$i] = Sanded::over($this->sections[$i], $pass, $this->zones[$i]->areaM2)->skin;
        }
    }

    /** @param list<Pass> $done */
    private function ridgesToTheEnd(int $i, array $done, Ladder $ladder, SandingLog $sanding): void
    {
        $last = $done === [] ? null : $done[count($done) - 1];
        if ($last?->end === PassEnd::Weave || $last?->end === PassEnd::Matt) {
            return;
        }
        $papers = $ladder->papers($this->zones[$i]->kind->isSandedByHand());
        foreach (array_filter($papers, fn (Grit $g): bool => $last === null || $g->isFinerThan($last->grit)) as $grit) {
            $pass = new Pass($grit, Machine::over($this->zones[$i], $ladder->method, $grit), end: PassEnd::Lows);
            $this->sections[$i] = $this->sandedBy($sanding, $pass, $i)->skin;
        }
    }

    private function dryCloth(Zone $zone): SkinSection
    {
        return SkinSection::wetOut(
            $this->weave,
            new Face($zone->slopeDeg, $zone->lengthM, easedUm: $zone->face->easedUm),
            $this->resin,
            new Coat(0.0, $this->resin->reference),
        );
    }

    /** @param list<Pass> $passes */
    private function state(
        int $i,
        SkinSection $before,
        SkinSection $after,
        ?Flatting $cut = null,
        ?SkinSection $now = null,
        array $passes = [],
        bool $ridgesOnly = false,
    ): ZoneState {
        return new ZoneState($this->zones[$i], $before, $after, $cut, $this->readings->estimate(), $i, $now, $passes, $ridgesOnly);
    }
}
