<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** Whose hands are at what while a kept plan is held against what is known now. Minutes. */
final class KeptHands
{
    private const SLACK = 1e-6;

    /** @var array<int, list<array{float, float, Breach}>> by person: from, until, and why if that is not as it was kept */
    private array $busy = [];

    /**
     * @var array<int, list<array{
     *     float, float, Breach,
     * }>> by person: late with a step that was broken off, so at nothing that was to begin after it
     */
    private array $late = [];

    /** @param list<int> $people */
    public function take(array $people, float $from, float $until, Breach $breach): void
    {
        foreach ($people as $person) {
            $this->busy[$person][] = [$from, $until, $breach];
        }
    }

    /** @param list<int> $people */
    public function noteLate(array $people, float $from, float $until, Breach $breach): void
    {
        foreach ($people as $person) {
            $this->late[$person][] = [$from, $until, $breach];
        }
    }

    /** All are free again but for what they are late with. */
    public function reset(): void
    {
        $this->busy = $this->late;
    }

    /**
     * From when on people are free for so long, and what keeps them until then.
     *
     * @param list<int> $people
     *
     * @return array{float, Breach|null}
     */
    public function firstFree(array $people, float $from, float $hands): array
    {
        $holds = null;
        do {
            $wasFrom = $from;
            foreach ($people as $person) {
                foreach ($this->busy[$person] ?? [] as [$start, $end, $breach]) {
                    if ($start < $from + $hands - self::SLACK && $end > $from + self::SLACK) {
                        [$from, $holds] = [$end, $breach];
                    }
                }
            }
        } while ($from > $wasFrom);

        return [$from, $holds];
    }

    /** Whether somebody's hours hold a step. */
    public static function areThere(WorkingTime $work, PlacedStep $placed, bool $isInHand, float $nowMin): bool
    {
        foreach ($work->windows as [$open, $close]) {
            // Who is at it need not have been there by these hours when it began.
            if ($open <= ($isInHand ? max($placed->startMin, $nowMin) : $placed->startMin) + self::SLACK
                && $close + StandingPlan::OVERRUN_MIN >= $placed->endMin
                && $close > $placed->startMin) {
                return true;
            }
        }

        return false;
    }
}
