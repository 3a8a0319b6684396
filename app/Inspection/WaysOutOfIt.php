<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Money\Billing;
use App\Planning\OneReckons;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\Trials;
use App\Words\Formatter;
use OakGloss\Cure\CoatState;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Draft;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Remedies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\FollowKind;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FreshFilm;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\RemedyOffer;
use OakGloss\Plan\WaysOut;

/** The ways out of a defect or a mishap, each tried on the plan and priced, the best first. */
final class WaysOutOfIt
{
    /** A way out that goes wrong costs about a day and a half more, minutes (ours). */
    private const AGAIN_MIN = 2160.0;

    /** A quarter of an hour of hands weighs as much as an hour of waiting (ours). */
    private const HANDS_WEIGH = 4.0;

    public const SHOWN = 3;

    public function __construct(
        private readonly Trials $trials,
        private readonly Planner $planner,
        private readonly Formatter $format,
        private readonly Billing $billing,
    ) {
    }

    /**
     * Kept for as long as nothing that they rest on changes.
     *
     * @param Fact<Found|WentWrong> $of
     *
     * @return list<PricedWay> those that fit first
     */
    public function of(PlannedPart $planned, Fact $of): array
    {
        $state = $this->planner->state($planned->part->shop);
        $name = implode('-', ['ways-out', $state, $planned->part->id, $planned->part->recorded(), $of->id]);

        return OneReckons::remember($name, 3600, fn (): array => $this->reckoned($planned, $of));
    }

    /**
     * @param Fact<Found|WentWrong> $of
     *
     * @return list<PricedWay>
     */
    private function reckoned(PlannedPart $planned, Fact $of): array
    {
        $film = self::filmNow($planned);
        $offers = $of->content instanceof Found
            ? WaysOut::ofDefect($planned->plan, $of->id, $of->content, $film, CausesOf::surely($planned, $of))
            : WaysOut::ofMishap($planned->plan, $of->id, $of->content, $film, self::isOnPart($planned, $of));
        $now = $this->trial($planned, $planned->plan->log);
        $ways = array_map(fn (RemedyOffer $offer): PricedWay => $this->priced($planned, $of, $offer, $now), $offers);
        // What comes before another in the trade's order is offered before it, whatever it costs.
        $first = $of->content instanceof Found ? Remedies::before($of->content->defect) : null;
        $isFirst = fn (PricedWay $way): bool => $way->offer->remedy === $first;
        usort($ways, fn (PricedWay $a, PricedWay $b): int => [! $a->fits(), ! $isFirst($a), self::cost($a)]
            <=> [! $b->fits(), ! $isFirst($b), self::cost($b)]);

        return $ways;
    }

    /** The newest coat of resin as it is now; null where none is on, or where clear lies over it. */
    public static function filmNow(PlannedPart $planned): ?FreshFilm
    {
        $coat = $planned->plan->lastCoat();
        foreach ($planned->plan->steps as $step) {
            if ($step->step->kind === StepKind::Spray && $step->isDone() && ! $step->skipped) {
                return null;
            }
        }
        if ($coat?->doneAtMin === null || ! is_finite($coat->doneAtMin)) {
            return null;
        }
        $clocks = $planned->schedule->clocks;

        return FreshFilm::of(
            CoatState::atAge($clocks->forecastOf($coat)->age($coat->doneAtMin, $planned->floor->nowMin), $clocks->clock($coat)),
            $planned->floor->nowMin - $coat->doneAtMin,
            $coat,
            $planned->plan->materials,
            self::holdsMin($planned, $coat),
        );
    }

    /** From now on that a coat holds cloth or another coat, minutes. */
    private static function holdsMin(PlannedPart $planned, PlannedStep $coat): ?float
    {
        if ($coat->step->layer === null) {
            return null;
        }
        $clocks = $planned->schedule->clocks;
        $until = $clocks->forecastOf($coat)->event(Milestone::TackUntil, (float) $coat->doneAtMin, $clocks->paceOf($coat))->expectedMin;

        return $until === null ? null : max(0.0, $until - $planned->floor->nowMin);
    }

    /**
     * What was recorded, with the way out taken.
     *
     * @param Fact<Found|WentWrong> $of
     */
    public static function log(PlannedPart $planned, Fact $of, RemedyOffer $offer): FactLog
    {
        $coat = $offer->remedy->takesCoatOff() ? self::coatToWashOff($planned, $of) : null;
        $log = $coat === null ? $planned->plan->log : FactLog::standing([
            ...$planned->plan->log->before,
            ...$planned->plan->log->facts,
            new Fact(PHP_INT_MAX - 1, $coat->step, $planned->floor->nowMin, null, new Struck($coat->id, '')),
        ]);

        $letting = self::lettingGo($planned, $offer);

        return $log->drafted(
            [new Draft($of->step, $offer->content), ...($letting === null ? [] : [$letting])],
            $planned->floor->nowMin,
        );
    }

    /** Without a new cup the window goes by, and the coat is keyed for; null where none closes. */
    public static function lettingGo(PlannedPart $planned, RemedyOffer $offer): ?Draft
    {
        $next = $planned->plan->next();

        return $offer->remedy === Remedy::Later && $next?->step->follow->kind === FollowKind::Tacky && $next->step->kind === StepKind::Coat
            ? new Draft($next->step->key, new Decided(key: true)) : null;
    }

    /**
     * The coat that a wrong jar made, or that is taken off again.
     *
     * @param Fact<Found|WentWrong> $of
     *
     * @return Fact<CoatOn>|null
     */
    public static function coatToWashOff(PlannedPart $planned, Fact $of): ?Fact
    {
        $newest = $planned->plan->lastCoat()?->step->key;

        return $planned->plan->log->last($of->step, CoatOn::class)
            ?? ($newest === null ? null : $planned->plan->log->last($newest, CoatOn::class));
    }

    /** @param Fact<Found|WentWrong> $of */
    private static function isOnPart(PlannedPart $planned, Fact $of): bool
    {
        return $of->content instanceof WentWrong && $of->content->mishap === Mishap::WrongJar
            && $planned->plan->log->last($of->step, CoatOn::class) !== null;
    }

    /** @return array{part: PlannedPart, all: array<int, PlannedPart>} */
    private function trial(PlannedPart $planned, FactLog $log): array
    {
        if ($planned->part->finished_at !== null || $planned->next === null) {
            return ['part' => $this->trials->trial($planned, $log), 'all' => []];
        }
        $all = $this->trials->repaired($planned, $log);

        return ['part' => $all[$planned->part->id] ?? $this->trials->trial($planned, $log), 'all' => $all];
    }

    /**
     * @param Fact<Found|WentWrong>                                  $of
     * @param array{part: PlannedPart, all: array<int, PlannedPart>} $now
     */
    private function priced(PlannedPart $planned, Fact $of, RemedyOffer $offer, array $now): PricedWay
    {
        $before = $now['part'];
        $readyNow = $before->schedule->readyMin() ?? $planned->floor->nowMin;
        $isNothing = $offer->remedy === Remedy::NewCup
            || ($offer->remedy->isLeaving() && self::lettingGo($planned, $offer) === null);
        if (! $offer->fits() || $isNothing) {
            $grams = $offer->remedy === Remedy::NewCup && $of->content instanceof WentWrong ? (float) $of->content->grams : 0.0;

            return new PricedWay($offer, $readyNow, 0.0, $grams, 0.0, 0.0, []);
        }
        $trial = $this->trial($planned, self::log($planned, $of, $offer));
        $ready = $trial['part']->schedule->readyMin();
        $others = 0.0;
        foreach ($trial['all'] as $id => $other) {
            $others += $id === $planned->part->id ? 0.0
                : ($other->schedule->readyMin() ?? 0.0) - ($now['all'][$id]->schedule->readyMin() ?? 0.0);
        }
        $prefix = "mend-{$of->id}-";
        $isAnew = $offer->remedy === Remedy::StartOver;
        $steps = array_values(array_filter(
            $trial['part']->plan->ahead(),
            fn (PlannedStep $s): bool => str_starts_with($s->step->key, $prefix),
        ));

        return new PricedWay(
            $offer,
            $ready,
            $trial['part']->plan->handsAheadMin() - $planned->plan->handsAheadMin(),
            max(0.0, $trial['part']->plan->weighedGrams() - $planned->plan->weighedGrams() + ($isAnew ? self::usedG($planned) : 0.0)),
            ($ready ?? $readyNow) - $readyNow,
            $others,
            array_map(fn (PlannedStep $s): string => $this->format->step($s->step), $steps),
            $this->billing->quoted($trial['part'])->sums->costMinor - $this->billing->quoted($planned)->sums->costMinor
                + ($isAnew ? $this->billing->actual($planned)->sums->costMinor : 0),
        );
    }

    /** Resin, hardener and pigment that lie on the part, grams. */
    private static function usedG(PlannedPart $planned): float
    {
        return array_sum(array_map(
            fn (PlannedStep $s): float => $s->isDone() && ! $s->skipped ? $s->usedG ?? $s->batch?->totalG() ?? 0.0 : 0.0,
            $planned->plan->steps,
        ));
    }

    private static function cost(PricedWay $way): float
    {
        return max(0.0, $way->laterMin) + max(0.0, $way->othersLaterMin) + self::HANDS_WEIGH * max(0.0, $way->handsMin)
            + self::AGAIN_MIN * $way->offer->risk();
    }
}
