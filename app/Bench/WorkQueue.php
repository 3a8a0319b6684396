<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Shop;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\Way;

/** All open parts in the order in which they want hands. */
final readonly class WorkQueue
{
    /** @param list<PlannedPart> $calls the most urgent first */
    private function __construct(public ShopFloor $floor, public array $calls)
    {
    }

    public static function of(Shop $shop, Planner $planner): self
    {
        $floor = $planner->floor($shop);
        $calls = array_values(array_filter($planner->all($shop), fn (PlannedPart $p): bool => $p->next !== null));
        usort(
            $calls,
            fn (PlannedPart $a, PlannedPart $b): int => [self::startOf($a), $a->part->letter] <=> [self::startOf($b), $b->part->letter],
        );

        return new self($floor, self::beforeItIsLost($calls, $floor->nowMin));
    }

    /** What wants hands now, if anything does. */
    public function now(): ?PlannedPart
    {
        $first = $this->calls[0] ?? null;

        return $first?->next?->needsHandsNow() === true ? $first : null;
    }

    /** Whether anything could be begun that the run sheet has later. */
    public function couldBegin(): bool
    {
        return array_filter($this->calls, fn (PlannedPart $p): bool => $p->next?->needsHandsNow() === true) !== [];
    }

    /** @return list<PlannedPart> */
    public function then(): array
    {
        return $this->now() === null ? $this->calls : array_slice($this->calls, 1);
    }

    /**
     * Windows that are open beside what is first, the one that closes first before the others: hands can serve one of them.
     *
     * @return list<PlannedPart>
     */
    public function competing(): array
    {
        $open = array_filter($this->then(), fn (PlannedPart $p): bool => $p->next?->state === ActState::Open);
        usort($open, fn (PlannedPart $a, PlannedPart $b): int => $a->next?->changesAtMin() <=> $b->next?->changesAtMin());

        return $this->now() === null ? [] : $open;
    }

    /** @return list<PlannedPart> the others, in the order of the run sheet */
    public function later(): array
    {
        $competing = $this->competing();

        return array_values(array_filter($this->then(), fn (PlannedPart $p): bool => ! in_array($p, $competing, true)));
    }

    /** The next moment at which a coat opens, closes or becomes sandable. */
    public function nextChangeMin(): ?float
    {
        $moments = array_filter(
            array_map(fn (PlannedPart $p): ?float => $p->next?->changesAtMin(), $this->calls),
            fn (?float $m): bool => $m !== null && $m > $this->floor->nowMin + 0.02,
        );

        return $moments === [] ? null : min($moments);
    }

    /** Where the run sheet has it: it was told so, and time alone does not change that. */
    private static function startOf(PlannedPart $planned): float
    {
        return $planned->slot()->startMin ?? INF;
    }

    /**
     * What is first stays first until it is done, or until an open window that the run sheet has use for would close
     * while hands are still at it.
     *
     * @param list<PlannedPart> $calls in the order of the run sheet
     *
     * @return list<PlannedPart>
     */
    private static function beforeItIsLost(array $calls, float $nowMin): array
    {
        $first = $calls[0] ?? null;
        $freeMin = $nowMin + ($first->next->step->handsMin ?? 0.0);
        foreach (array_slice($calls, 1, null, true) as $n => $call) {
            $closes = $call->next?->state === ActState::Open && $call->slot()?->way !== Way::Keyed ? $call->next->changesAtMin() : null;
            if ($closes !== null && self::startOf($call) <= $nowMin && $freeMin > $closes - $call->next->step->handsMin) {
                unset($calls[$n]);

                return [$call, ...array_values($calls)];
            }
        }

        return $calls;
    }
}
