<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What is still free of a crew's hands and things once some parts have their places. */
final class Diary
{
    private const SLACK = 1e-9;

    /** @var list<list<array{float, float}>> by person, in the order of time */
    private array $free;

    /** @var array<string, list<array{float, float}>> by thing, merged for each part */
    private array $busy = [];

    /** @var array<int, list<array{float, float}>> by number of people */
    private array $windows = [];

    /** @var array<string, list<array{float, float}>> by thing: where no place is left */
    private array $full = [];

    private function __construct(public readonly Crew $crew)
    {
        $this->free = array_map(fn (WorkingTime $w): array => $w->windows, $crew->people);
    }

    public static function of(Crew $crew): self
    {
        return new self($crew);
    }

    public static function alone(WorkingTime $work): self
    {
        return new self(Crew::alone($work));
    }

    /**
     * A part's steps with the people who do them: those whose free time each leaves least of, so that long free
     * times stay whole.
     *
     * @param list<PlacedStep> $placed one part's, in order, each where this diary has hands for it
     *
     * @return list<PlacedStep>
     */
    public function manned(array $placed): array
    {
        $manned = [];
        foreach ($placed as $step) {
            $fits = [];
            foreach ($this->free as $person => $windows) {
                foreach ($windows as [$from, $until]) {
                    if ($from <= $step->startMin + self::SLACK && $until >= $step->endMin - self::SLACK) {
                        $fits[] = [$until - $from, $person];
                        break;
                    }
                }
            }
            usort($fits, fn (array $a, array $b): int => $a <=> $b);
            $people = array_column(array_slice($fits, 0, $step->step->people), 1);
            sort($people);
            $manned[] = new PlacedStep($step->step, $step->startMin, $step->endMin, $step->way, $people);
        }

        return $manned;
    }

    /**
     * A part's steps where they stand, by whom they were given to, or by others who are free then; null if hands or
     * things are not.
     *
     * @param list<PlacedStep> $standing one part's, in order
     *
     * @return list<PlacedStep>|null
     */
    public function manning(array $standing): ?array
    {
        $manned = [];
        foreach ($standing as $step) {
            foreach ($step->step->uses as $thing => $hold) {
                if (! $this->holds($thing, $step->startMin, $step->endMin + $hold)) {
                    return null;
                }
            }
            $keeps = count($step->people) === $step->step->people && array_filter(
                $step->people,
                fn (int $p): bool => ! $this->isFree($p, $step->startMin, $step->endMin),
            ) === [];
            $manned[] = $keeps ? $step : $this->manned([$step])[0];
            if (count($manned[count($manned) - 1]->people) < $step->step->people) {
                return null;
            }
        }

        return $manned;
    }

    public function isFree(int $person, float $from, float $until): bool
    {
        foreach ($this->free[$person] ?? [] as [$start, $end]) {
            if ($start <= $from + self::SLACK && $end >= $until - self::SLACK) {
                return true;
            }
        }

        return false;
    }

    /**
     * The same with a part's steps entered under their people.
     *
     * @param list<PlacedStep> $placed
     */
    public function with(array $placed): self
    {
        $next = clone $this;
        $next->windows = $next->full = [];
        $uses = [];
        foreach ($placed as $step) {
            foreach ($step->people as $person) {
                $next->take($person, $step->startMin, $step->endMin);
            }
            foreach ($step->step->uses as $thing => $holdMin) {
                $last = count($uses[$thing] ?? []) - 1;
                if ($last >= 0 && $uses[$thing][$last][1] >= $step->startMin) {
                    $uses[$thing][$last][1] = max($uses[$thing][$last][1], $step->endMin + $holdMin);
                } else {
                    $uses[$thing][] = [$step->startMin, $step->endMin + $holdMin];
                }
            }
        }
        foreach ($uses as $thing => $spans) {
            $next->busy[$thing] = [...$next->busy[$thing] ?? [], ...$spans];
        }

        return $next;
    }

    /**
     * Windows in which a step wanting that many people may lie wholly; they may overlap.
     *
     * @return list<array{float, float}>
     */
    public function windows(int $people): array
    {
        if (! isset($this->windows[$people])) {
            $windows = $people <= 1 ? array_merge(...$this->free) : $this->shared(0, $people, [[-INF, INF]]);
            usort($windows, fn (array $a, array $b): int => $a <=> $b);
            $this->windows[$people] = $windows;
        }

        return $this->windows[$people];
    }

    /** Whether a thing has a place all through a span. */
    public function holds(string $thing, float $from, float $until): bool
    {
        foreach ($this->full[$thing] ??= $this->fullSpans($thing) as [$start, $end]) {
            if ($start < $until - self::SLACK && $end > $from + self::SLACK) {
                return false;
            }
        }

        return true;
    }

    private function take(int $person, float $start, float $end): void
    {
        foreach ($this->free[$person] ?? [] as $i => [$from, $until]) {
            if ($from < $end - self::SLACK && $until > $start + self::SLACK) {
                $rest = array_values(array_filter([[$from, $start], [$end, $until]], fn (array $w): bool => $w[1] - $w[0] > self::SLACK));
                array_splice($this->free[$person], $i, 1, $rest);

                return;
            }
        }
    }

    /**
     * Spans shared by that many people from one on.
     *
     * @param list<array{float, float}> $within
     *
     * @return list<array{float, float}>
     */
    private function shared(int $from, int $people, array $within): array
    {
        if ($people === 0) {
            return $within;
        }
        $found = [];
        for ($person = $from; $person <= count($this->free) - $people; $person++) {
            $both = [];
            foreach ($within as [$start, $end]) {
                foreach ($this->free[$person] as [$open, $close]) {
                    if (min($end, $close) > max($start, $open)) {
                        $both[] = [max($start, $open), min($end, $close)];
                    }
                }
            }
            $found = [...$found, ...$both === [] ? [] : $this->shared($person + 1, $people - 1, $both)];
        }

        return $found;
    }

    /** @return list<array{float, float}> */
    private function fullSpans(string $thing): array
    {
        $marks = [];
        foreach ($this->busy[$thing] ?? [] as [$from, $until]) {
            $marks[] = [$from, 1];
            $marks[] = [$until, -1];
        }
        usort($marks, fn (array $a, array $b): int => $a <=> $b);
        $places = $this->crew->things[$thing] ?? 1;
        $taken = 0;
        $since = null;
        $spans = [];
        foreach ($marks as [$minute, $change]) {
            $taken += $change;
            if ($since === null && $taken >= $places) {
                $since = $minute;
            } elseif ($since !== null && $taken < $places) {
                $spans[] = [$since, $minute];
                $since = null;
            }
        }

        return $spans;
    }
}
