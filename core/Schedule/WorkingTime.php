<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** When hands are at the bench: windows [from, until] in minutes, in order, none touching another. */
final readonly class WorkingTime
{
    /** @param list<array{float, float}> $windows */
    private function __construct(public array $windows)
    {
    }

    /**
     * Windows that touch or overlap are joined.
     *
     * @param list<array{float, float}> $windows
     *
     * @throws BackwardWindow If one ends before it begins.
     */
    public static function of(array $windows): self
    {
        usort($windows, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $joined = [];
        foreach ($windows as [$from, $until]) {
            if (! is_finite($from) || ! is_finite($until) || $until <= $from) {
                throw BackwardWindow::from($from, $until);
            }
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $until);
            } else {
                $joined[] = [$from, $until];
            }
        }

        return new self($joined);
    }

    public function isOpenAt(float $minute): bool
    {
        foreach ($this->windows as [$from, $until]) {
            if ($minute >= $from && $minute < $until) {
                return true;
            }
        }

        return false;
    }

    /** End of the window that is open at a minute, or null when closed. */
    public function closesAfter(float $minute): ?float
    {
        foreach ($this->windows as [$from, $until]) {
            if ($minute >= $from && $minute < $until) {
                return $until;
            }
        }

        return null;
    }

    /**
     * Spans in which nobody works, cut to a stretch of time.
     *
     * @param float $leastMin shorter ones are breaks, and left out
     *
     * @return list<array{float, float}> from, until; rising
     */
    public function closedBetween(float $from, float $until, float $leastMin = 0.0): array
    {
        $closed = [];
        $edge = $from;
        foreach ([...$this->windows, [$until, $until]] as [$open, $close]) {
            $opens = min($open, $until);
            if ($close >= $from && $opens - $edge > $leastMin) {
                $closed[] = [$edge, $opens];
            }
            $edge = $close >= $from ? max($edge, $close) : $edge;
        }

        return $closed;
    }

    /** Begin of the next window after a minute. */
    public function opensAfter(float $minute): ?float
    {
        foreach ($this->windows as [$from]) {
            if ($from > $minute) {
                return $from;
            }
        }

        return null;
    }
}
