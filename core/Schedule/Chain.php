<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\AirCurve;
use OakGloss\Quantity\Bounds;

/** One part's steps as a whole shop has to place them. */
final readonly class Chain
{
    /**
     * @param list<RunStep>                        $steps
     * @param array{start: float, end: float}|null $done     the step already done that the first gap counts from
     * @param float                                $weight   what a minute of this part is worth against the others', 0.01 to 100
     * @param float|null                           $dueMin   when it was promised
     * @param float                                $lagMin   of the part behind the air
     * @param array<string, float>                 $kept     starts that were told before, by step
     * @param list<PlacedStep>|null                $standing all steps as the kept plan has them, where that holds by itself
     * @param PlacedStep|null                      $inHand   the first step, where hands are at it now
     *
     * @throws \OakGloss\Quantity\OutOfRange If the weight is out of range.
     */
    public function __construct(
        public string $id,
        public array $steps,
        public AirCurve $air,
        public ?array $done = null,
        public float $weight = 1.0,
        public ?float $dueMin = null,
        public float $lagMin = 0.0,
        public array $kept = [],
        public ?array $standing = null,
        public ?PlacedStep $inHand = null,
    ) {
        Bounds::within($weight, 0.01, 100.0, 'weight of a part', '');
    }

    public function late(): LateCost
    {
        return $this->dueMin === null ? LateCost::none() : LateCost::after($this->dueMin);
    }

    /** Pairs of hands times minutes. */
    public function handsMin(): float
    {
        return array_sum(array_map(fn (RunStep $s): float => $s->people * $s->handsMin, $this->steps));
    }

    /** Whether what is next has to bond to a coat that is on. */
    public function isInWindow(): bool
    {
        return $this->done !== null && ($this->steps[0]->after ?? null)?->isBond() === true;
    }

    /** @return list<RunStep> what is not in hand yet */
    public function toPlace(): array
    {
        return $this->inHand === null ? $this->steps : array_slice($this->steps, 1);
    }

    /** @return array{start: float, end: float}|null what the first of these counts from */
    public function anchor(): ?array
    {
        return $this->inHand === null ? $this->done : ['start' => $this->inHand->startMin, 'end' => $this->inHand->endMin];
    }

    /**
     * The steps from one on where they were told to begin, but for those of which something else was decided.
     *
     * @return list<RunStep>
     */
    public function pinnedFrom(int $from): array
    {
        $steps = $this->toPlace();
        foreach ($steps as $n => $step) {
            $stays = $n >= $from && isset($this->kept[$step->id]) && $step->pinnedAt === null && $this->kept[$step->id] >= $step->notBefore;
            $steps[$n] = $stays ? $step->at($this->kept[$step->id]) : $step;
        }

        return $steps;
    }

    /** A step that must come within minutes and can't be keyed goes before all that can wait. */
    public function cannotWait(): int
    {
        $gap = $this->steps[0]->after ?? null;

        return $this->done !== null && $gap !== null && is_finite($gap->most) && ! is_finite($gap->keyFrom) ? 0 : 1;
    }
}
