<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use OakGloss\Choosing\Suits;
use OakGloss\Finding\Finding;

/** A way of working as it would come out on a part like the one that is wished for. */
final readonly class Proposal
{
    /**
     * @param PlannedPart|null     $planned null where its sizes make no plan
     * @param array<string, mixed> $brief   what its form begins with
     */
    public function __construct(public string $code, public Suits $suits, public ?PlannedPart $planned, public array $brief)
    {
    }

    /** @return list<Finding> what the shelf or the sizes forbid */
    public function refusals(): array
    {
        return $this->planned?->plan->refusals() ?? [];
    }

    public function canBePlanned(): bool
    {
        return $this->planned !== null && $this->refusals() === [];
    }

    public function days(): ?float
    {
        $ready = $this->planned?->schedule->readyMin();

        return $ready === null ? null : ($ready - $this->planned->floor->nowMin) / 1440.0;
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
