<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

/** What was recorded between the coat that a defect lies in and the one below: its age, the paper, the wipe. */
final class BetweenEvidence
{
    public function __construct(private readonly DefectSite $site)
    {
    }

    /** @return array<string, float|bool|null> */
    public function all(): array
    {
        $at = $this->site->coat?->doneAtMin;
        $coat = $at === null || ! is_finite($at) ? null : $this->site->coat;

        return $this->ofBelow() + [
            'wipeAgeMin' => $coat === null ? null : $this->wipeAge($coat),
            'dustLeft' => $coat === null ? null : $this->dustLeft($coat),
            'scratchOverMost' => $this->scratch(),
        ];
    }

    /** @return array<string, float|null> how old the coat below was when this one, or the cloth, came on it */
    private function ofBelow(): array
    {
        if ($this->site->coat?->doneAtMin === null || $this->site->below?->doneAtMin === null || $this->site->below->step->layer === null) {
            return ['belowOverTack' => null, 'belowOverBond' => null];
        }
        $keyed = array_filter(
            $this->site->plan->log->all(Sanded::class),
            fn (Fact $f): bool => $f->atMin > $this->site->below->doneAtMin && $f->atMin <= $this->site->coat->doneAtMin,
        ) !== [];
        if ($keyed) {
            return ['belowOverTack' => null, 'belowOverBond' => 0.0];
        }
        $age = $this->site->clocks->forecastOf($this->site->below)->age($this->site->below->doneAtMin, $this->site->coat->doneAtMin);
        $clock = $this->site->clocks->clock($this->site->below);
        // A base that has to set is too young until it does.
        $from = $this->site->coat->step->follow->kind === FollowKind::Set ? Milestone::TackUntil : Milestone::TackFrom;

        return [
            'belowOverTack' => $age / $clock->age($from),
            'belowOverBond' => $from === Milestone::TackUntil ? null : $age / $clock->age(Milestone::TackUntil),
        ];
    }

    /** The scratch that lay under the coat, over what that hides. */
    private function scratch(): ?float
    {
        [$coat, $since] = [$this->site->coat, $this->site->below->doneAtMin ?? -INF];
        $on = $coat?->doneAtMin;
        if ($coat === null || $on === null) {
            return null;
        }
        $isBetween = fn (Fact $f): bool => $f->atMin <= $on && $f->atMin > $since;
        $papers = array_values(array_filter($this->site->plan->log->all(Sanded::class), $isBetween));
        $last = $papers === [] ? null : $papers[count($papers) - 1]->content;
        if ($last === null) {
            return null;
        }
        $driven = $last->how ?? SandingMethod::WetBlock;
        $over = $coat->step->kind === StepKind::Spray ? 'clear' : 'resin';
        $check = ScratchCheck::of($driven->scratchUm($last->grit()), $over, $driven);

        return $check->scratchUm / $check->mostUm;
    }

    /** From the last wipe to the coat; INF where the plan had one just before and it was left out. */
    private function wipeAge(PlannedStep $coat): ?float
    {
        $since = $this->site->below->doneAtMin ?? -INF;
        $wiped = $skipped = null;
        foreach ($this->site->plan->steps as $step) {
            if ($step === $coat) {
                break;
            }
            $isBetween = $step->step->kind === StepKind::Wipe && $step->step->role !== Role::Wash && $step->isDone()
                && ($step->doneAtMin >= $since || $step->skipped);
            if ($isBetween) {
                $left = $this->site->plan->log->last($step->step->key, Skipped::class);
                $skipped = $left !== null && $left->atMin >= $since ? true : $skipped;
            }
        }
        foreach ($this->site->plan->log->all(Wiped::class) as $fact) {
            $isOfIt = $fact->atMin >= $since && $fact->atMin <= $coat->doneAtMin && $fact->ref?->role !== Role::Wash;
            $wiped = $isOfIt ? $fact->atMin : $wiped;
        }

        return match (true) {
            $wiped !== null => (float) $coat->doneAtMin - $coat->handsMin - $wiped,
            $skipped === true => INF,
            default => null,
        };
    }

    private function dustLeft(PlannedStep $coat): ?bool
    {
        $since = $this->site->below->doneAtMin ?? -INF;
        $between = fn (Fact $f): bool => $f->atMin >= $since && $f->atMin <= $coat->doneAtMin;
        $sanded = array_values(array_filter($this->site->plan->log->all(Sanded::class), $between));
        if ($sanded === []) {
            return null;
        }
        $last = $sanded[count($sanded) - 1];
        $wiped = array_filter(
            $this->site->plan->log->all(Wiped::class),
            fn (Fact $f): bool => $between($f) && $last->isBefore($f),
        );

        // A wipe that nobody told of is no wipe left out; one that was passed over is.
        return $wiped !== [] ? false : ($this->wipeAge($coat) === INF ? true : null);
    }
}
