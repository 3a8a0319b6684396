<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\StepKind;

/** A defect that was found, with the way out that was taken of it last, and whether that is through. */
final readonly class DefectState
{
    /**
     * @param Fact<Found>       $found
     * @param Fact<WayOut>|null $way
     */
    private function __construct(public Fact $found, public ?Fact $way, public bool $isThrough)
    {
    }

    /**
     * What was found or went wrong on the part, of which nobody said yet what becomes of it, and over which nothing went
     * since: a step of that kind would bury it. Cloth that lies wrong is not worked on either.
     *
     * @return list<Fact<Found|WentWrong>>
     */
    public static function stopping(FinishPlan $plan, StepKind $next): array
    {
        $buries = in_array($next, [StepKind::Coat, StepKind::Spray, StepKind::Lay, StepKind::Polish], true);
        $goesOver = [StepKind::Coat, StepKind::Spray, StepKind::Lay, StepKind::Flat, StepKind::Polish];
        $last = -INF;
        foreach ($plan->steps as $step) {
            $isOver = $step->isDone() && ! $step->skipped && in_array($step->step->kind, $goesOver, true);
            $last = $isOver ? max($last, (float) $step->doneAtMin) : $last;
        }

        return array_values(array_filter(
            $plan->log->all(Found::class, WentWrong::class),
            fn (Fact $f): bool => $f->atMin >= $last && self::wayOf($plan->log, $f->id) === null
                && ($buries || ($next === StepKind::Key && $f->content instanceof Found && $f->content->defect->lies() === Lies::InCloth))
                && ($f->content instanceof Found || $f->content->mishap->isOnPart()),
        ));
    }

    /** @return list<self> in the order in which they were found */
    public static function all(FinishPlan $plan): array
    {
        return array_map(fn (Fact $found): self => self::of($plan, $found), $plan->log->all(Found::class));
    }

    /** @param Fact<Found> $found */
    public static function of(FinishPlan $plan, Fact $found): self
    {
        $way = self::wayOf($plan->log, $found->id);

        return new self($found, $way, $way !== null && self::through($plan, $way));
    }

    /** @return Fact<WayOut>|null the newest way out of a defect or a mishap */
    public static function wayOf(FactLog $log, int $target): ?Fact
    {
        $ways = array_values(array_filter($log->all(WayOut::class), fn (Fact $f): bool => $f->content->target === $target));

        return $ways === [] ? null : $ways[count($ways) - 1];
    }

    public function isAccepted(): bool
    {
        return $this->way?->content->remedy === Remedy::Accept;
    }

    /** Whether something of it is still to do. */
    public function isOpen(): bool
    {
        return ! $this->isThrough;
    }

    /** @param Fact<WayOut> $way */
    private static function through(FinishPlan $plan, Fact $way): bool
    {
        if ($way->content->remedy === Remedy::Bury) {
            return array_filter($plan->log->all(CoatOn::class), fn (Fact $f): bool => $way->isBefore($f)) !== [];
        }
        foreach ($plan->steps as $step) {
            if (str_starts_with($step->step->key, "mend-{$way->content->target}-") && ! $step->isDone()) {
                return false;
            }
        }

        return true;
    }
}
