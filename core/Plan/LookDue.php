<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Looked;
use OakGloss\Inspection\Look;
use OakGloss\Inspection\Moment;
use OakGloss\Method\StepKind;

/** The look that a part asks for as it stands: after which step, in which ways, and which of them were made. */
final readonly class LookDue
{
    /**
     * @param list<Look> $looks
     * @param list<Look> $made  nothing was found in them
     */
    private function __construct(
        public PlannedStep $step,
        public Moment $moment,
        public array $looks,
        public array $made,
        public bool $isFound,
    ) {
    }

    /**
     * After the newest coat, flatting or end of it; null before the first one, or where it was sanded since.
     *
     * @param float $nowMin of a fresh coat each look has its minutes
     */
    public static function of(FinishPlan $plan, float $nowMin = INF): ?self
    {
        $last = null;
        foreach ($plan->steps as $step) {
            $isDone = $step->isDone() && ! $step->skipped;
            $last = match (true) {
                $isDone && self::moment($plan, $step) !== null => $step,
                // What was keyed over is looked at no more.
                $isDone && $step->step->kind === StepKind::Key => null,
                default => $last,
            };
        }
        $moment = $last === null ? null : self::moment($plan, $last);
        if ($last === null || $moment === null) {
            return null;
        }
        $since = fn (Fact $f): bool => $f->step === $last->step->key && $f->atMin >= ($last->doneAtMin ?? -INF);
        $made = array_map(fn (Fact $f): Look => $f->content->look, array_values(array_filter($plan->log->all(Looked::class), $since)));

        // What was no mix is tried until it was found hard.
        $nail = OffRatio::standing($plan) === null && ! in_array(Look::Nail, $made, true) ? [] : [Look::Nail];

        $isFound = array_filter($plan->log->all(Found::class), $since) !== [];

        $looks = $moment === Moment::Coat && $last->step->kind === StepKind::Coat
            ? Look::afterCoat($nowMin - (float) $last->doneAtMin)
            : Look::after($moment);

        return new self($last, $moment, [...$looks, ...$nail], $made, $isFound);
    }

    /** The first look that nobody has made; null once all were. */
    public function next(): ?Look
    {
        foreach ($this->looks as $look) {
            if (! in_array($look, $this->made, true)) {
                return $look;
            }
        }

        return null;
    }

    private static function moment(FinishPlan $plan, PlannedStep $step): ?Moment
    {
        return match ($step->step->kind) {
            StepKind::Coat => $step->step->layer?->builds === true ? Moment::Coat : null,
            StepKind::Flat => $step->step->role->isResinFlat() ? Moment::Flatting : null,
            StepKind::Spray => Moment::Coat,
            StepKind::Polish => Moment::End,
            // Where nothing is polished the last look is the end.
            StepKind::Inspect => $plan->polish() === null ? Moment::End : null,
            default => null,
        };
    }
}
