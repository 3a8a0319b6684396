<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** When an event is expected, and its early and late bounds, in minutes; null if not within 60 days. */
final readonly class CureEvent
{
    public function __construct(public ?float $expectedMin, public ?float $earlyMin, public ?float $lateMin)
    {
    }
}
