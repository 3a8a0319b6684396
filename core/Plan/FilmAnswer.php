<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\PassEnd;
use OakGloss\Method\StepKind;

/** What the film, as it is known now, asks for: go on, stop here, or one more coat. */
final readonly class FilmAnswer
{
    public const GO_ON = 'go_on';
    public const ONE_MORE = 'one_more';
    public const STOP = 'stop';

    /**
     * @param string         $code   go_on, one_more or stop
     * @param ZoneState|null $worst  show zone that the next flatting endangers most
     * @param bool           $bare   the weave was seen, or a zone lies below what its doubt allows
     * @param string|null    $choice build_coats or finish_coats: what one more coat is
     * @param float|null     $toGoG  grams of film from now to the end of the flatting that is next or begun
     * @param float|null     $limitG grams of film from now until the worst show zone is at the target
     */
    private function __construct(public string $code, public ?ZoneState $worst, public bool $bare, public ?string $choice, public ?float $toGoG, public ?float $limitG)
    {
    }

    public static function of(FinishPlan $plan): self
    {
        $next = $plan->next();
        $flat = self::flattingAhead($plan);
        if ($next === null || $flat === null) {
            return new self(self::GO_ON, null, false, null, null, null);
        }
        $isBegun = $flat === $next && ($flat->sanding->facts ?? []) !== [];
        $worst = $flat->worst();
        $bare = self::isBare($plan);
        $choice = self::isStillBuilding($plan) ? 'build_coats' : 'finish_coats';
        $isOver = $worst !== null && $worst->risk() > $plan->shop->targetBurnThrough;
        $code = match (true) {
            $bare, $isOver && $isBegun => self::STOP,
            $isOver => self::ONE_MORE,
            default => self::GO_ON,
        };

        return new self($code, $worst, $bare, $code === self::GO_ON ? null : $choice, self::toGoG($flat), self::limitG($flat, $plan->shop->targetBurnThrough));
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

    private static function isStillBuilding(FinishPlan $plan): bool
    {
        return $plan->log->of('flat', FactKind::Sanded, FactKind::Skipped) === [];
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
