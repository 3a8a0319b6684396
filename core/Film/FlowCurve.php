<?php

declare(strict_types=1);

namespace OakGloss\Film;

/**
 * How much has run past a line by a moment, cumulative, straight between its nodes. Scaled: film over the heaviest
 * load, time in metres.
 */
final readonly class FlowCurve
{
    /**
     * @param non-empty-list<float> $times rising from 0
     * @param non-empty-list<float> $past  never falling, from 0
     */
    public function __construct(public array $times, public array $past)
    {
    }

    /** Beyond the last node nothing more is counted. */
    public function at(float $time): float
    {
        [$low, $high] = [0, count($this->times) - 1];
        if ($time >= $this->times[$high]) {
            return $this->past[$high];
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->times[$middle] <= $time ? $low = $middle : $high = $middle;
        }

        return $this->past[$low]
            + ($this->past[$high] - $this->past[$low]) * ($time - $this->times[$low]) / ($this->times[$high] - $this->times[$low]);
    }
}
