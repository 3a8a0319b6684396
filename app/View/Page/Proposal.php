<?php

declare(strict_types=1);

namespace App\View\Page;

use OakGloss\Choosing\Suits;
use OakGloss\Method\Finding;
use OakGloss\Plan\FinishPlan;

/** A way of working as it would come out on a part like the one that is wished for. */
final readonly class Proposal
{
    /**
     * @param FinishPlan|null $plan       null where its sizes make no plan
     * @param float|null      $readyInMin begun now, among the parts that are planned; null if it has no place
     */
    public function __construct(public string $code, public Suits $suits, public ?FinishPlan $plan, private ?float $readyInMin)
    {
    }

    /** @return list<Finding> what the shelf or the sizes forbid */
    public function refusals(): array
    {
        return $this->plan?->refusals() ?? [];
    }

    public function canBePlanned(): bool
    {
        return $this->plan !== null && $this->refusals() === [];
    }

    public function days(): ?float
    {
        return $this->readyInMin === null ? null : $this->readyInMin / 1440.0;
    }

    /** @return array<string, int> reasons that speak for it, the strongest first */
    public function for(): array
    {
        $for = array_filter($this->suits->reasons, fn (int $points): bool => $points > 0);
        arsort($for);

        return $for;
    }

    /** @return array<string, int> and against it */
    public function against(): array
    {
        $against = array_filter($this->suits->reasons, fn (int $points): bool => $points < 0);
        asort($against);

        return $against;
    }
}
