<?php

declare(strict_types=1);

namespace App\Planning;

/** One way to do it and what it comes to. */
final readonly class PricedChoice
{
    public function __construct(public string $field, public string $value, public bool $isCurrent, public PlannedPart $plan)
    {
    }
}
