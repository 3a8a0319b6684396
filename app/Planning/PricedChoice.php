<?php

declare(strict_types=1);

namespace App\Planning;

use OakGloss\Quantity\Finding;

/** One way to do it and what it comes to. */
final readonly class PricedChoice
{
    public function __construct(
        public string $field,
        public string $value,
        public bool $isCurrent,
        public ?Finding $refusal,
        public ?float $readyMin,
        public float $grams,
        public float $handsMin,
        public float $risk,
    ) {
    }

    public static function of(string $field, string $value, bool $isCurrent, PlannedPart $planned): self
    {
        return new self(
            $field,
            $value,
            $isCurrent,
            $planned->plan->refusals()[0] ?? null,
            $planned->schedule->readyMin(),
            $planned->plan->totalGrams(),
            $planned->plan->handsAheadMin(),
            $planned->plan->worst()?->risk() ?? 0.0,
        );
    }
}
