<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Inspection\Remedy;

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
