<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Changed;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Inspection\Evidence;
use OakGloss\Inspection\Lies;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Optics\WeavePrint;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\OffRatio;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ServiceNotices;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\CoatClocks;

/**
 * The evidence of one defect: what was recorded of the coat that it lies in, of the coat below, of what was done between
 * them and of the flatting since. What nobody recorded stays unknown.
 */
final class DefectEvidence
{
    /** The part is looked at for heat at this step, minutes. */
    private const EVERY_MIN = 20.0;

    /** Weighed and laid within less was recorded later, and tells no rest, minutes (ours). */
    private const AT_ONCE_MIN = 1.0;

    /** What a coat says, and the one below it; nothing where there is none. */
    private const OF_COAT = [
        'airC', 'lotOpenDays', 'minC', 'hottestSinceC', 'dewMarginC', 'wipeAgeMin', 'dustLeft', 'ratioOffPercent', 'cupAgeShare', 'restMin',
        'coatOverLimit', 'expansionIndex',
    ];
    private const OF_BELOW = ['belowOverTack', 'belowOverBond'];

    private readonly FactLog $log;

    private readonly ?PlannedStep $coat;

    private readonly ?PlannedStep $below;

    private readonly ?PlannedStep $flat;

    private readonly ?Zone $zone;

    /**
     * @param float                                 $atMin    when it was found
     * @param list<array{float, float, float|null}> $readings minute, air °C, humidity %
     * @param int                                   $hands    pairs of hands in the shop
     * @param array<string, float>                  $openDays of the oldest jar that a coat was poured from, by step
     */
    private function __construct(
        private readonly FinishPlan $plan,
        private readonly CoatClocks $clocks,
        private readonly AirCurve $air,
        private readonly array $readings,
        private readonly Found $found,
        private readonly float $atMin,
        private readonly int $hands,
        private readonly array $openDays,
    ) {
        $this->log = $plan->log;
        $zone = null;
        foreach ($plan->brief->zones as $candidate) {
            $zone = $candidate->name === $found->zone ? $candidate : $zone;
        }
        $this->zone = $zone;
        $done = array_values(array_filter(
            $plan->steps,
            fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped && $s->doneAtMin <= $atMin + 1e-6,
        ));
        $lies = $found->defect->lies();
        $coats = array_values(array_filter($done, fn (PlannedStep $s): bool => match ($lies) {
            Lies::InClear => $s->step->kind === StepKind::Spray,
            Lies::InCloth => $s->step->role->isByCloth() && $s->step->role->isOverWeave() || $s->step->role->isPly(),
            Lies::InResin, Lies::OnForm => $s->step->layer?->builds === true && $this->isHere($s),
        }));
        $this->coat = $coats === [] ? null : $coats[count($coats) - 1];
        $under = array_values(array_filter($done, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Coat
            && $this->coat !== null && $s !== $this->coat && $s->doneAtMin <= $this->coat->doneAtMin));
        $this->below = $under === [] ? null : $under[count($under) - 1];
        $flats = array_values(array_filter(
            $done,
            fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat && $s->step->grits?->isOver($found->zone) === true,
        ));
        $this->flat = $flats === [] ? $this->underWay($plan) : $flats[count($flats) - 1];
    }

    /**
     * @param float                                 $atMin    when it was found
     * @param list<array{float, float, float|null}> $readings minute, air °C, humidity %
     * @param int                                   $hands    pairs of hands in the shop
     * @param array<string, float>                  $openDays of the oldest jar that a coat was poured from, by step
     */
    public static function of(
        FinishPlan $plan,
        CoatClocks $clocks,
        AirCurve $air,
        array $readings,
        Found $found,
        float $atMin,
        int $hands,
        array $openDays = [],
    ): Evidence {
        $on = new self($plan, $clocks, $air, $readings, $found, $atMin, $hands, $openDays);

        return Evidence::complete($on->ofCoat() + $on->ofWetOut() + $on->ofBelow() + $on->ofSanding() + $on->ofPlace());
    }

    private function isHere(PlannedStep $coat): bool
    {
        $only = $coat->step->layer?->only;

        return $only === null || in_array($this->found->zone, $only, true);
    }

    /** A flatting that is begun and not through. */
    private function underWay(FinishPlan $plan): ?PlannedStep
    {
        $next = $plan->next();

        return $next?->step->kind === StepKind::Flat && ($next->sanding->facts ?? []) !== [] ? $next : null;
    }

    /** @return array<string, float|int|bool|null> */
    private function ofCoat(): array
    {
        $coat = $this->coat;
        if ($coat?->doneAtMin === null || ! is_finite($coat->doneAtMin)) {
            return array_fill_keys(self::OF_COAT, null);
        }
        $resin = $coat->step->layer === null ? null : $this->plan->materials->resinFor($coat->step);
        $limit = $resin === null || $this->zone === null || $coat->laidGM2 === null ? null : RunRisk::of(
            $this->zone->face,
            $resin->rheology,
            new Coat($coat->laidGM2, Temperature::fromCelsius($coat->airC)),
        );
        $hardener = array_values(array_filter(
            $this->log->of($coat->step->key, Weighed::class),
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
            'wipeAgeMin' => $this->wipeAge($coat),
            'dustLeft' => $this->dustLeft($coat),
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
        return $this->plan->method->startsFrom()->isBuiltOn()
            ? ServiceNotices::fitAt($this->plan, $this->hottestSince((float) $coat->doneAtMin), [$coat->airC])->index
            : null;
    }

    /** @return array<string, float|null> */
    private function ofWetOut(): array
    {
        $density = $this->plan->materials->skinResin->rheology->densityGCm3;
        $wet = $this->plan->first(Role::WetOut);
        $base = $this->plan->first(Role::Base);
        $area = $this->plan->brief->clothAreaM2();

        return [
            'wetOverDrink' => $wet?->isDone() !== true || $wet->usedG === null ? null
                : ($wet->laidGM2 ?? 0.0) / $this->plan->materials->cloth->weave->saturationGM2($density),
            'baseOverPlan' => $base?->isDone() !== true || $base->usedG === null
                ? null : ($base->laidGM2 ?? 0.0) / ($base->step->layer->gM2 ?? 1.0),
            'm2PerHand' => $this->plan->first(Role::Lay)?->isDone() === true ? $area / max(1, $this->hands) : null,
        ];
    }

    /** @return array<string, float|null> how old the coat below was when this one, or the cloth, came on it */
    private function ofBelow(): array
    {
        if ($this->coat?->doneAtMin === null || $this->below?->doneAtMin === null || $this->below->step->layer === null) {
            return array_fill_keys(self::OF_BELOW, null);
        }
        $keyed = array_filter(
            $this->log->all(Sanded::class),
            fn (Fact $f): bool => $f->atMin > $this->below->doneAtMin && $f->atMin <= $this->coat->doneAtMin,
        ) !== [];
        if ($keyed) {
            return ['belowOverTack' => null, 'belowOverBond' => 0.0];
        }
        $age = $this->clocks->forecastOf($this->below)->age($this->below->doneAtMin, $this->coat->doneAtMin);
        $clock = $this->clocks->clock($this->below);
        // A base that has to set is too young until it does.
        $from = $this->coat->step->follow->kind === FollowKind::Set ? Milestone::TackUntil : Milestone::TackFrom;

        return [
            'belowOverTack' => $age / $clock->age($from),
            'belowOverBond' => $from === Milestone::TackUntil ? null : $age / $clock->age(Milestone::TackUntil),
        ];
    }

    /** @return array<string, float|int|null> */
    private function ofSanding(): array
    {
        $flat = $this->flat;
        $passes = $flat === null ? [] : array_values(array_filter(
            $flat->sanding->facts ?? [],
            fn (Fact $f): bool => $f->content->isWholePart() || $f->content->zone === $this->found->zone,
        ));
        $state = null;
        foreach ($flat->zones ?? [] as $candidate) {
            $state = $candidate->zone->name === $this->found->zone ? $candidate : $state;
        }
        $shares = $this->passShares($flat, $passes);
        $resinCoat = $this->plan->lastCoat();
        $at = $passes === [] ? null : $passes[0]->atMin;
        $before = $at === null || $resinCoat?->doneAtMin === null || $at < $resinCoat->doneAtMin ? null
            : $this->clocks->forecastOf($resinCoat)->age($resinCoat->doneAtMin, $at);
        $last = $passes === [] || $resinCoat?->doneAtMin === null ? null : $passes[count($passes) - 1]->atMin;
        $clock = $resinCoat === null || $resinCoat->step->layer === null ? null : $this->clocks->clock($resinCoat);

        return [
            'coverOverNeed' => $state === null ? null : self::coverOverNeed($state),
            'passOverNeed' => $shares === [] ? null : max($shares),
            'passUnderNeed' => $shares === [] ? null : min($shares),
            'firstGrit' => $passes === [] ? null : $passes[0]->content->grit,
            'sandedOverReady' => $before === null || $clock === null ? null : $before / $clock->age(Milestone::Sandable),
            'settledShare' => $last === null || $clock === null || $last < $resinCoat->doneAtMin ? null
                : $this->clocks->forecastOf($resinCoat)->age($resinCoat->doneAtMin, $last) / $clock->age(Milestone::Full),
            'ladderGap' => self::gap($flat, $passes),
            'scratchOverMost' => $this->scratch(),
            'waterShare' => $this->waterShare($flat, $passes),
        ];
    }

    /** @return array<string, float|bool|null> */
    private function ofPlace(): array
    {
        return [
            'slopeDeg' => $this->zone?->slopeDeg,
            'isEdge' => $this->zone === null ? null : in_array($this->zone->kind, [ZoneKind::Edge, ZoneKind::Lap], true),
            'isInCorner' => $this->zone === null ? null : $this->zone->kind === ZoneKind::Corner,
            'weaveOverShows' => $this->weaveOverShows(),
            'hasUvGuard' => $this->plan->clear !== null || $this->plan->materials->skinResin->uvStable,
        ];
    }

    private function weaveOverShows(): ?float
    {
        $read = array_values(array_filter(
            $this->log->all(PrintRead::class),
            fn (Fact $f): bool => $f->content->zone === $this->found->zone,
        ));

        return $read === [] ? null : $read[count($read) - 1]->content->telegraph / WeavePrint::SHOWS;
    }

    private static function coverOverNeed(ZoneState $state): ?float
    {
        $cover = $state->crownCover($state->before)->inMicrometres();
        $takes = $cover - $state->crownCover($state->after)->inMicrometres();

        return $takes <= 0.0 ? null : max(0.0, $cover) / $takes;
    }

    /**
     * Minutes of each pass over what its paper needs.
     *
     * @param list<Fact<Sanded>> $passes
     *
     * @return list<float>
     */
    private function passShares(?PlannedStep $flat, array $passes): array
    {
        $shares = [];
        foreach ($flat->ladder->steps ?? [] as $rung) {
            $minutes = array_sum(array_map(
                fn (Fact $f): float => $f->content->grit === $rung->grit->number ? $f->content->minutes ?? 0.0 : 0.0,
                $passes,
            ));
            if ($minutes > 0.0 && $rung->minutes > 0.0) {
                $shares[] = $minutes / $rung->minutes;
            }
        }

        return $shares;
    }

    /** @param list<Fact<Sanded>> $passes */
    private static function gap(?PlannedStep $flat, array $passes): ?float
    {
        $gaps = [];
        foreach ($passes as $i => $pass) {
            if ($i > 0) {
                $gaps[] = $passes[$i - 1]->content->grit()->meanGrainUm / $pass->content->grit()->meanGrainUm;
            }
        }

        return $gaps === [] ? null : max($gaps);
    }

    /** The scratch that lay under the coat, over what that hides. */
    private function scratch(): ?float
    {
        if ($this->coat?->doneAtMin === null) {
            return null;
        }
        $papers = array_values(array_filter($this->log->all(Sanded::class), fn (Fact $f): bool => $f->atMin <= $this->coat->doneAtMin
            && ($this->below?->doneAtMin === null || $f->atMin > $this->below->doneAtMin)));
        $last = $papers === [] ? null : $papers[count($papers) - 1]->content;
        if ($last === null) {
            return null;
        }
        $driven = $last->how ?? SandingMethod::WetBlock;
        $over = $this->coat->step->kind === StepKind::Spray ? 'clear' : 'resin';
        $check = ScratchCheck::of($driven->scratchUm($last->grit()), $over, $driven);

        return $check->scratchUm / $check->mostUm;
    }

    /** @param list<Fact<Sanded>> $passes */
    private function waterShare(?PlannedStep $flat, array $passes): ?float
    {
        // A shop that never tells its changes of water says nothing by it.
        if ($flat === null || $passes === [] || $this->log->all(Changed::class) === []) {
            return null;
        }
        $changed = count(array_filter(
            $this->log->of($flat->step->key, Changed::class),
            fn (Fact $f): bool => in_array($f->content->what, ['water', 'paper'], true),
        ));
        $papers = count(array_unique(array_map(fn (Fact $f): int => $f->content->grit, $passes)));

        return $changed / max(1, $papers);
    }

    private function hottestSince(float $from): float
    {
        $hottest = -INF;
        for ($at = $from; $at <= $this->atMin; $at += self::EVERY_MIN) {
            $hottest = max($hottest, $this->air->at($at));
        }

        return max($hottest, $this->air->at($this->atMin));
    }

    /** Part over dew point, by the readings from the coat until it was tacky. */
    private function dewMargin(PlannedStep $coat): ?float
    {
        $until = $coat->step->layer === null ? $coat->doneAtMin + 120.0
            : $this->clocks->forecastOf($coat)
                ->event(Milestone::TackFrom, (float) $coat->doneAtMin, $this->clocks->paceOf($coat))->expectedMin;
        $margins = [];
        foreach ($this->readings as [$at, $celsius, $humidity]) {
            if ($humidity !== null && $at >= $coat->doneAtMin - 60.0 && $at <= ($until ?? $coat->doneAtMin) + 60.0) {
                $margins[] = $celsius - DewPoint::of(Temperature::fromCelsius($celsius), $humidity)->inCelsius();
            }
        }

        return $margins === [] ? null : min($margins);
    }

    /** From the last wipe to the coat; INF where the plan had one just before and it was left out. */
    private function wipeAge(PlannedStep $coat): ?float
    {
        $since = $this->below->doneAtMin ?? -INF;
        $wiped = $skipped = null;
        foreach ($this->plan->steps as $step) {
            if ($step === $coat) {
                break;
            }
            $isBetween = $step->step->kind === StepKind::Wipe && $step->isDone()
                && ($step->doneAtMin >= $since || $step->skipped);
            if ($isBetween) {
                $left = $this->log->last($step->step->key, Skipped::class);
                $skipped = $left !== null && $left->atMin >= $since ? true : $skipped;
            }
        }
        foreach ($this->log->all(Wiped::class) as $fact) {
            $wiped = $fact->atMin >= $since && $fact->atMin <= $coat->doneAtMin ? $fact->atMin : $wiped;
        }

        return match (true) {
            $wiped !== null => (float) $coat->doneAtMin - $coat->handsMin - $wiped,
            $skipped === true => INF,
            default => null,
        };
    }

    private function dustLeft(PlannedStep $coat): ?bool
    {
        $since = $this->below->doneAtMin ?? -INF;
        $between = fn (Fact $f): bool => $f->atMin >= $since && $f->atMin <= $coat->doneAtMin;
        $sanded = array_values(array_filter($this->log->all(Sanded::class), $between));
        if ($sanded === []) {
            return null;
        }
        $last = $sanded[count($sanded) - 1];
        $wiped = array_filter(
            $this->log->all(Wiped::class),
            fn (Fact $f): bool => $between($f) && $last->isBefore($f),
        );

        // A wipe that nobody told of is no wipe left out; one that was passed over is.
        return $wiped !== [] ? false : ($this->wipeAge($coat) === INF ? true : null);
    }

    private function ratioOff(PlannedStep $coat): ?float
    {
        if ($coat->step->layer === null) {
            return null;
        }
        $off = OffRatio::of($this->plan, $coat);
        if ($off !== null) {
            return 100.0 * $off;
        }
        $resin = $this->plan->materials->resinFor($coat->step);
        [$a, $b] = [$this->log->weighedG($coat->step->key, 'resin'), $this->log->weighedG($coat->step->key, 'hardener')];

        return $resin->catalyst !== null || $a <= 0.0 || $b <= 0.0 ? null : 100.0 * ($b / $a / $resin->ratio->hardenerPerResin - 1.0);
    }
}
