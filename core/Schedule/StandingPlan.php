<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/**
 * A kept plan held against what is known now. Whatever is late slides into the time behind it; the plan stands as long as
 * no step slides by a move (Unrest::MOVED_MIN) and every rule is kept, windows within the doubt of their ages.
 *
 * A first step is taken to be in hand from its planned start to its planned end, and until it is recorded.
 */
final class StandingPlan
{
    /** Nobody drops the brush at the stroke of closing, minutes (ours). */
    public const OVERRUN_MIN = 10.0;

    /** A forecast so much under what a resin bears holds nobody up, °C (ours). */
    private const COLD_C = 0.5;

    private const SLACK = 1e-6;

    /** @var array<int|string, StandingPart> */
    public array $parts = [];

    private readonly KeptHands $hands;

    private readonly GapCheck $gaps;

    /** @var array<int|string, list<PlacedStep>> */
    private array $placed = [];

    /** @var array<int|string, list<PlacedStep>> */
    private array $told = [];

    /** @var array<int|string, Breach|null> what pushes a part's last placed step */
    private array $pushed = [];

    /** @var array<int|string, PlacedStep> */
    private array $inHand = [];

    /** @var array<int|string, PlacedStep|null> in hand when the part broke at a later step */
    private array $begun = [];

    /**
     * @param array<int|string, StepsAhead> $chains
     * @param array<int|string, KeptPart>   $kept
     */
    private function __construct(
        private readonly array $chains,
        private readonly array $kept,
        public readonly Crew $crew,
        private readonly float $nowMin,
    ) {
        $this->hands = new KeptHands();
        $this->gaps = new GapCheck($nowMin);
    }

    /**
     * @param array<int|string, StepsAhead> $chains by part
     * @param array<int|string, KeptPart>   $kept   by part
     */
    public static function of(array $chains, array $kept, Crew $crew, float $nowMin): self
    {
        $standing = new self($chains, $kept, $crew, $nowMin);
        $standing->parts = $standing->held();

        return $standing;
    }

    public function stands(): bool
    {
        return $this->broken() === [];
    }

    /** @return array<int|string, Breach> by part */
    public function broken(): array
    {
        return array_filter(array_map(fn (StandingPart $p): ?Breach => $p->breach, $this->parts));
    }

    /** @return array<int|string, StandingPart> */
    private function held(): array
    {
        $steps = $breaches = [];
        foreach ($this->chains as $id => $chain) {
            $steps[$id] = $chain->steps($this->crew, $this->kept[$id]->leniency ?? Leniency::None);
            $breach = KeptPart::unlike($steps[$id], $this->kept[$id] ?? null);
            $breaches += $breach === null ? [] : [$id => $breach];
        }
        // What is broken holds nobody up: the others are held against the rest.
        do {
            $found = $this->slide(array_diff_key($steps, $breaches));
            $breaches += $found;
        } while ($found !== []);
        $parts = [];
        foreach ($steps as $id => $of) {
            $breach = $breaches[$id] ?? null;
            $parts[$id] = new StandingPart(
                $of,
                $this->kept[$id]->leniency ?? Leniency::None,
                $breach === null ? $this->placed[$id] ?? [] : null,
                $breach === null ? $this->told[$id] ?? [] : null,
                $breach === null ? $this->inHand[$id] ?? null : $this->begun($id, $of, $breach),
                $breach,
            );
        }

        return $parts;
    }

    /**
     * The step that hands are at though what comes after it must be placed anew.
     *
     * @param list<RunStep> $steps
     */
    private function begun(int|string $id, array $steps, Breach $breach): ?PlacedStep
    {
        $first = $steps[0] ?? null;
        $kept = $first === null ? null : $this->kept[$id]->steps[$first->id] ?? null;
        if (array_key_exists($id, $this->begun)) {
            return $this->begun[$id];
        }
        if ($first === null
            || $kept === null
            || $breach->step === $first->id
            || $kept->startMin > $this->nowMin
            || $kept->endMin < $this->nowMin) {
            return null;
        }

        return new PlacedStep($first, $kept->startMin, $kept->endMin, $kept->way, $kept->people);
    }

    /**
     * All steps in the order in which they were to begin, each as late as what is before it makes it.
     *
     * @param array<int|string, list<RunStep>> $steps
     *
     * @return array<int|string, Breach> parts that this breaks
     */
    private function slide(array $steps): array
    {
        $this->reset();
        $found = $things = $queue = [];
        foreach ($steps as $id => $of) {
            foreach ($of as $n => $step) {
                $queue[] = [$this->kept[$id]->steps[$step->id]->startMin, $n, $id, $step];
            }
        }
        usort($queue, fn (array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);
        foreach ($queue as [, $n, $id, $step]) {
            if (isset($found[$id])) {
                continue;
            }
            $placed = $this->at($id, $step, $n === 0);
            if ($placed instanceof Breach) {
                $found[$id] = $placed;
                $this->begun[$id] = $n === 0 ? null : $this->inHand[$id] ?? null;
                $this->noteLate($id, $placed);
                continue;
            }
            $this->placed[$id][] = $placed;
            $kept = $this->kept[$id]->steps[$step->id];
            $this->told[$id][] = ($this->pushed[$id]->late ?? null) === null
                ? $placed
                : new PlacedStep(
                    $step,
                    $kept->startMin,
                    $kept->startMin + min($kept->endMin - $kept->startMin, $placed->endMin - $placed->startMin),
                    $placed->way,
                    $placed->people,
                );
            foreach ($step->uses as $thing => $hold) {
                $things[$thing][] = [$placed->startMin, $placed->endMin + $hold, $id, $step->id];
            }
        }

        return $found !== [] ? $found : $this->crowded($things);
    }

    /** Whoever was to do a step that is late and was not told done is taken to be at none that was to follow it. */
    private function noteLate(int|string $id, Breach $breach): void
    {
        $kept = $breach->late === null || $breach->part !== null ? null : $this->kept[$id]->steps[$breach->late] ?? null;
        if ($kept === null || $kept->startMin >= $this->nowMin) {
            return;
        }
        $why = new Breach(Breach::LATE, $breach->late, $id, $breach->late);
        $this->hands->noteLate($kept->people, $kept->startMin, $this->nowMin, $why);
    }

    private function reset(): void
    {
        $this->placed = $this->told = $this->pushed = $this->inHand = [];
        $this->hands->reset();
    }

    private function at(int|string $id, RunStep $step, bool $isFirst): PlacedStep|Breach
    {
        $kept = $this->kept[$id]->steps[$step->id];
        $last = $isFirst ? null : $this->placed[$id][count($this->placed[$id]) - 1];
        $before = $last === null ? $this->chains[$id]->anchor() : ['start' => $last->startMin, 'end' => $last->endMin];
        $gap = $before === null ? null : $step->after;
        // Or wiped once more.
        $isKeyed = in_array($kept->way, [Way::Keyed, Way::Wiped], true) && $gap !== null && is_finite($gap->keyFrom);
        $hands = $step->handsMin + ($isKeyed ? $step->keyMin : 0.0);

        $opens = $before === null ? -INF : $this->gaps->opens($this->chains[$id], $gap ?? Gap::minutes(0.0), $before, $isKeyed);
        if ($opens === null) {
            return new Breach(Breach::OPENS, $step->id);
        }
        [$start, $holds] = $this->hands->firstFree($kept->people, max($kept->startMin, $opens), $hands);
        $pushedBy = match (true) {
            $start <= $kept->startMin => null,
            $holds !== null => $holds,
            $last !== null && $opens <= $last->endMin + self::SLACK => $this->pushed[$id],
            default => $last === null
                ? new Breach(Breach::OPENS, $step->id)
                : ($this->pushed[$id] ?? new Breach(Breach::OPENS, $step->id)),
        };
        if ($start - $kept->startMin >= Unrest::MOVED_MIN - self::SLACK) {
            return Breach::pushed($id, $step, $pushedBy);
        }
        $isBegun = $isFirst && $start <= $this->nowMin && ($pushedBy?->late === null || $start < $this->nowMin);
        $isLate = $isBegun && $this->nowMin > $start + $hands;
        $end = $isLate ? $this->nowMin : $start + $hands;
        $placed = new PlacedStep(
            $step,
            $start,
            $end,
            $isKeyed ? $kept->way : Way::after($gap, $isFirst && $before === null),
            $kept->people,
        );
        $breach = $this->breach($id, $placed, $gap, $before, $isBegun, $isLate);
        if ($breach !== null) {
            return $breach;
        }
        if ($isBegun && ! $isLate) {
            $this->inHand[$id] = $placed;
        }
        $this->pushed[$id] = $isLate ? new Breach(Breach::LATE, $step->id, $id, $step->id) : $pushedBy;
        $this->hands->take($kept->people, $start, $end, $this->pushed[$id] ?? new Breach(Breach::BUSY, $step->id, $id));

        return $placed;
    }

    /** @param array{start: float, end: float}|null $before */
    private function breach(int|string $id, PlacedStep $placed, ?Gap $gap, ?array $before, bool $isBegun, bool $isLate): ?Breach
    {
        $step = $placed->step;
        if (count(array_filter($placed->people, fn (int $p): bool => isset($this->crew->people[$p]))) !== $step->people) {
            return new Breach(Breach::HANDS, $step->id);
        }
        foreach ($placed->people as $person) {
            if (! KeptHands::areThere($this->crew->people[$person], $placed, $isBegun && ! $isLate, $this->nowMin)) {
                $pushedBy = $isLate ? new Breach(Breach::LATE, $step->id, $id, $step->id) : ($this->pushed[$id] ?? null);

                return $pushedBy === null ? new Breach(Breach::HANDS, $step->id) : Breach::pushed($id, $step, $pushedBy);
            }
        }
        $air = $this->chains[$id]->air->at($placed->startMin);
        if (! $isBegun && ($air < ($step->minC ?? -INF) - self::COLD_C || $air > ($step->maxC ?? INF) + self::COLD_C)) {
            return new Breach(Breach::COLD, $step->id);
        }

        return $before === null || $gap === null || in_array($placed->way, [Way::Keyed, Way::Wiped], true) || $this->gaps->isInTime(
            $this->chains[$id],
            $placed,
            $gap,
            $before,
            $isLate,
        ) ? null
            : ($isLate ? new Breach(Breach::LATE, $step->id, $id, $step->id) : new Breach(Breach::CLOSES, $step->id));
    }

    /**
     * A part that comes into a thing that is full then.
     *
     * @param array<string, list<array{float, float, int|string, string}>> $things
     *
     * @return array<int|string, Breach>
     */
    private function crowded(array $things): array
    {
        foreach ($things as $thing => $stays) {
            foreach ($stays as [$from, $until, $id, $step]) {
                $others = array_filter($stays, fn (array $s): bool => $s[2] !== $id && $s[0] <= $from && $s[1] > $from + self::SLACK);
                if (count(array_unique(array_column($others, 2))) >= ($this->crew->things[$thing] ?? 1)) {
                    return [$id => new Breach(Breach::THING, $step)];
                }
            }
        }

        return [];
    }

}
