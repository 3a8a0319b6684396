<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** The gap between a kept step and the one before it, in the air as it is known now. Minutes. */
final readonly class GapCheck
{
    /** A limit in minutes is a round number (ours). */
    private const LIMIT_MIN = 5.0;

    private const SLACK = 1e-6;

    public function __construct(private float $nowMin)
    {
    }

    /**
     * When it may begin; null where that is further off than is looked.
     *
     * @param array{start: float, end: float} $before
     */
    public function opens(StepsAhead $chain, Gap $gap, array $before, bool $isKeyed): ?float
    {
        if ($gap->clock === null) {
            return $before['end'] + $gap->least;
        }
        $ages = $chain->ages()->of($gap->clock, $gap->stallC);

        return $ages->when(
            $ages->at($before['end']) + ($isKeyed ? $gap->keyFrom : $gap->least),
            max($before['end'], $this->nowMin) + StepsAhead::AGES_AHEAD_MIN,
        );
    }

    /**
     * Whether it begins while the coat before it bears that.
     *
     * @param array{start: float, end: float} $before
     */
    public function isInTime(StepsAhead $chain, PlacedStep $placed, Gap $gap, array $before, bool $isLate): bool
    {
        if (! is_finite($gap->most)) {
            return true;
        }
        $start = $isLate ? $this->nowMin : $placed->startMin;
        if ($gap->clock === null) {
            return $start - $before['end'] <= $gap->most + self::LIMIT_MIN;
        }
        $ages = $chain->ages()->of($gap->clock, $gap->stallC);
        $most = $gap->most * (1.0 + $gap->doubt) + self::SLACK;

        // When hands begin it must bond by all that is expected; what is not sure is how long the edges of the coat bear.
        return $ages->at($start) - $ages->at($before['end']) <= $gap->most + self::SLACK
            && ($isLate
                || ($ages->at($start) - $ages->at($before['start']) <= $most
                    && $ages->at($placed->endMin) - $ages->at($before['end']) <= $most));
    }
}
