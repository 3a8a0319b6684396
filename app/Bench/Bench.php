<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Shop;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;

/** All open parts in the order in which they want hands. */
final readonly class Bench
{
    /** @param list<PlannedPart> $calls the most urgent first */
    private function __construct(public ShopFloor $floor, public array $calls)
    {
    }

    public static function of(Shop $shop, Planner $planner): self
    {
        $floor = $planner->floor($shop);
        $calls = array_values(array_filter($planner->all($shop), fn (PlannedPart $p): bool => $p->next !== null));
        usort($calls, fn (PlannedPart $a, PlannedPart $b): int => self::rank($a, $floor->nowMin) <=> self::rank($b, $floor->nowMin));

        return new self($floor, $calls);
    }

    /** What wants hands now, if anything does. */
    public function now(): ?PlannedPart
    {
        $first = $this->calls[0] ?? null;

        return $first?->next?->needsHandsNow() === true ? $first : null;
    }

    /** @return list<PlannedPart> */
    public function then(): array
    {
        return $this->now() === null ? $this->calls : array_slice($this->calls, 1);
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

    /**
     * What can be done now in the order in which the run sheet does it, a closing window first where two begin at once;
     * then what waits.
     *
     * @return array{int, float, float, string}
     */
    private static function rank(PlannedPart $planned, float $nowMin): array
    {
        /** @var NextAct $next */
        $next = $planned->next;
        $start = max($nowMin, $planned->schedule->slot($next->step->step->key)->startMin ?? INF);
        $close = $next->state === ActState::Open ? $next->changesAtMin() ?? INF : INF;
        // A window that the run sheet would let go by is still open: whoever stands there decides.
        $start = $start > $close ? $nowMin : $start;

        return match ($next->state) {
            ActState::Waiting, ActState::MissedWait => [1, $next->changesAtMin() ?? INF, $start, $planned->part->letter],
            default => [0, $start, $close, $planned->part->letter],
        };
    }
}
