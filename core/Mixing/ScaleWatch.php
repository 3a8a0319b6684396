<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/**
 * Follows a scale by its readings. At rest is what stayed within one and a half of its steps (at least 0.05 g) for a second,
 * over at least three readings, and what the scale itself does not call moving. Lost is what was silent for two seconds.
 * A leap of over 25 g between two readings is no pour (ours); what comes after it must rest again.
 */
final readonly class ScaleWatch
{
    public const REST_S = 1.0;

    public const REST_READINGS = 3;

    public const LOST_S = 2.0;

    private const LEAP_G = 25.0;

    private const STEPS = 1.5;

    private const LEAST_G = 0.05;

    /** No leap is remembered longer, seconds. */
    private const LEAP_S = 3.0;

    private function __construct(public ScaleState $state, public ?float $grams, public ?float $restSinceS)
    {
    }

    /**
     * @param list<ScaleReading> $readings rising in time
     * @param float              $nowS     on the same clock
     * @param float              $stepG    what the scale can tell apart
     */
    public static function of(array $readings, float $nowS, float $stepG): self
    {
        $newest = $readings === [] ? null : $readings[count($readings) - 1];
        if ($newest === null || $nowS - $newest->atS > self::LOST_S) {
            return new self(ScaleState::Lost, null, null);
        }
        if ($newest->isOver || $newest->grams === null) {
            return new self(ScaleState::Over, null, null);
        }
        if ($newest->grams < -3.0 * max($stepG, self::LEAST_G)) {
            return new self(ScaleState::Negative, $newest->grams, null);
        }
        $since = self::restSince($readings, $stepG);
        $isResting = $since !== null && $newest->atS - $since >= self::REST_S && $newest->isAtRest !== false;

        return new self(match (true) {
            $isResting => ScaleState::AtRest,
            self::leapt($readings, $nowS) => ScaleState::Jumped,
            default => ScaleState::Moving,
        }, $newest->grams, $isResting ? $since : null);
    }

    /**
     * Since when the newest readings lie within one another's reach; null where too few do.
     *
     * @param non-empty-list<ScaleReading> $readings
     */
    private static function restSince(array $readings, float $stepG): ?float
    {
        $reach = max(self::LEAST_G, self::STEPS * $stepG);
        [$least, $most, $since, $n] = [INF, -INF, null, 0];
        foreach (array_reverse($readings) as $reading) {
            if ($reading->grams === null || $reading->isOver) {
                break;
            }
            [$least, $most] = [min($least, $reading->grams), max($most, $reading->grams)];
            if ($most - $least > $reach + 1e-9) {
                break;
            }
            [$since, $n] = [$reading->atS, $n + 1];
        }

        return $n >= self::REST_READINGS ? $since : null;
    }

    /** @param list<ScaleReading> $readings */
    private static function leapt(array $readings, float $nowS): bool
    {
        foreach ($readings as $i => $reading) {
            $before = $readings[$i - 1]->grams ?? null;
            if ($before !== null && $reading->grams !== null && $nowS - $reading->atS <= self::LEAP_S
                && abs($reading->grams - $before) > self::LEAP_G) {
                return true;
            }
        }

        return false;
    }
}
