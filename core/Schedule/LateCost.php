<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\Bounds;

/** What it costs to be ready after the promised time: minutes late, each weighed. */
final readonly class LateCost
{
    /** A minute late weighs as much as this many minutes of work going on (ours). */
    public const WEIGHT = 4.0;

    private function __construct(private float $dueMin, private float $weight)
    {
    }

    public static function none(): self
    {
        return new self(INF, 0.0);
    }

    /** @throws \OakGloss\Quantity\OutOfRange If the weight is negative. */
    public static function after(float $dueMin, float $weight = self::WEIGHT): self
    {
        return new self($dueMin, Bounds::within($weight, 0.0, 1000.0, 'weight of a late minute', ''));
    }

    public function of(float $endMin): float
    {
        return $endMin > $this->dueMin ? $this->weight * ($endMin - $this->dueMin) : 0.0;
    }
}
