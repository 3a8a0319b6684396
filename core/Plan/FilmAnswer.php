<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\FinishCoats;
use OakGloss\Method\StepKind;

/** What the film, as it is known now, asks for: go on, stop here, or one more coat. */
final readonly class FilmAnswer
{
    public const GO_ON = 'go_on';
    public const ONE_MORE = 'one_more';
    public const STOP = 'stop';
    /** A coat that was no mix lies there: nothing goes over it, and no paper, until a nail has tried it. */
    public const HOLD = 'hold';
    /** Ridges can't go: what is known of the film leaves nothing to spare. */
    public const SCUFF = 'scuff';

    /**
     * @param string         $code   hold, go_on, one_more, scuff or stop
     * @param ZoneState|null $worst  show zone that the next flatting endangers most
     * @param bool           $bare   the weave was seen, or a zone lies below what its doubt allows
     * @param string|null    $choice build_coats or finish_coats: what one more coat is
     * @param float|null     $toGoG  grams of film from now to the end of the flatting that is next or begun
     * @param float|null     $limitG grams of film from now until the worst show zone is at the target
     */
    private function __construct(
        public string $code,
        public ?ZoneState $worst,
        public bool $bare,
        public ?string $choice,
        public ?float $toGoG,
        public ?float $limitG,
        public ?int $finerFrom = null,
    ) {
    }

    /** Whether there is film to go that a scale could tell. */
    public function hasBudget(): bool
    {
        return $this->toGoG > 0.05;
    }

    public static function of(FinishPlan $plan): self
    {
        $next = $plan->next();
        $flat = self::flattingAhead($plan);
        if (OffRatio::standing($plan) !== null) {
            return new self(self::HOLD, null, false, null, null, null);
        }
        if ($next === null || $flat === null) {
            return new self(self::GO_ON, null, false, null, null, null);
        }
        $isBegun = $flat === $next && ($flat->sanding->facts ?? []) !== [];
        $worst = $flat->worst();
        $bare = self::isBare($plan);
        $choice = self::isStillBuilding($plan) ? BuildCoats::class : FinishCoats::class;
        $isOpen = in_array($choice, ChoicesLeft::of($plan), true);
        $isOver = $worst !== null && $worst->risk() > $plan->shop->targetBurnThrough;
        $code = match (true) {
            $bare, $isOver && $isBegun => self::STOP,
            $isOver => self::ONE_MORE,
            ! $isBegun && self::isSpared($flat) => self::SCUFF,
            default => self::GO_ON,
        };

        return new self(
            $code,
            $worst,
            $bare,
            $code === self::GO_ON || $code === self::SCUFF || ! $isOpen ? null : $choice::name(),
            self::toGoG($flat),
            self::limitG($flat, $plan->shop->targetBurnThrough),
            $code === self::ONE_MORE ? self::finerFrom($plan, $flat) : null,
        );
    }

    private static function flattingAhead(FinishPlan $plan): ?PlannedStep
    {
        foreach ($plan->ahead() as $step) {
            if ($step->step->kind === StepKind::Flat && $step->step->grits?->inClear === false && $step->zones !== []) {
                return $step;
            }
        }

        return null;
    }

    /** Whether a block of ridges takes none of any show zone. */
    private static function isSpared(PlannedStep $flat): bool
    {
        $shown = array_filter($flat->zones, fn (ZoneState $s): bool => $s->isShow());
        $taken = array_filter($shown, fn (ZoneState $s): bool => ! $s->ridgesOnly || $s->after->meanUm < $s->before->meanUm - 0.5);

        return $shown !== [] && $taken === [];
    }

    private static function isStillBuilding(FinishPlan $plan): bool
    {
        return ResinFlatting::isAhead($plan->log);
    }

    /** Whether the weave was seen since the newest coat. */
    private static function isBare(FinishPlan $plan): bool
    {
        foreach (array_reverse($plan->steps) as $step) {
            if ($step->step->kind === StepKind::Coat && $step->isDone() && ! $step->skipped) {
                return false;
            }
            foreach ($step->step->grits?->inClear === false ? $step->zones : [] as $state) {
                if ($step->sanding?->endOn($state->zone) === PassEnd::Weave) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The coarsest paper on the shelf to begin with under which every show zone keeps to the target: thin cover forbids coarse paper. */
    private static function finerFrom(FinishPlan $plan, PlannedStep $flat): ?int
    {
        $ladder = $flat->ladder;
        if ($ladder === null) {
            return null;
        }
        $shelf = $plan->materials->papersFor($ladder->method);
        foreach (array_filter($shelf, fn (int $p): bool => $p > $ladder->first()->number && $p <= $ladder->last()->number) as $from) {
            $finer = Ladder::cheapest($ladder->method, 1.0, $shelf, $from, $ladder->last()->number, $ladder->steps[0]->cutUm);
            $risks = $finer === null ? [1.0] : array_map(function (ZoneState $s) use ($finer): float {
                $allowance = $s->zone->kind->isSandedByHand()
                    ? $s->flatting?->allowanceUm() ?? 0.0
                    : CutBudget::onFace($finer)->allowanceUm();

                return $s->isShow() ? $s->riskOf($s->leftBy($allowance)) : 0.0;
            }, $flat->zones);
            if (max([0.0, ...$risks]) <= $plan->shop->targetBurnThrough) {
                return $from;
            }
        }

        return null;
    }

    private static function toGoG(PlannedStep $flat): float
    {
        $grams = 0.0;
        foreach ($flat->zones as $state) {
            $grams += self::gramsPerUm($state) * max(0.0, ($state->now ?? $state->before)->meanUm - $state->after->meanUm);
        }

        return $grams;
    }

    /** The flatting as it is planned, and from its end on the same depth everywhere until the worst show zone has none to spare. */
    private static function limitG(PlannedStep $flat, float $target): float
    {
        $spare = INF;
        $perUm = 0.0;
        foreach ($flat->zones as $state) {
            $perUm += self::gramsPerUm($state);
            $spare = $state->isShow() ? min($spare, $state->left()->inMicrometres() - $state->keepUm($target)) : $spare;
        }

        return max(0.0, self::toGoG($flat) + (is_finite($spare) ? $spare * $perUm : 0.0));
    }

    private static function gramsPerUm(ZoneState $state): float
    {
        return $state->zone->areaM2 * $state->before->cureDensityGM2Um();
    }
}
