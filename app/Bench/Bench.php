<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
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
        $calls = [];
        foreach ($shop->parts()->whereNull('finished_at')->with(Part::PLAN_NEEDS)->orderBy('letter')->get() as $part) {
            $planned = $planner->plan($part);
            if ($planned->next !== null) {
                $calls[] = $planned;
            }
        }
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
     * A closing window first, then what is running a clock or was begun, then what can be done any time, then what waits.
     *
     * @return array{int, float, string}
     */
    private static function rank(PlannedPart $planned, float $nowMin): array
    {
        /** @var NextAct $next */
        $next = $planned->next;
        $started = $planned->plan->lastDone() !== null;

        return match ($next->state) {
            ActState::Open => [0, $next->changesAtMin() ?? INF, $planned->part->letter],
            ActState::Keyed => [1, 0.0, $planned->part->letter],
            ActState::KeyFirst => [2, $next->keyFromMin ?? INF, $planned->part->letter],
            ActState::Ready => [$started ? 2 : 3, $planned->schedule->slot($next->step->step->key)->startMin ?? $nowMin, $planned->part->letter],
            ActState::Waiting, ActState::MissedWait => [4, $next->changesAtMin() ?? INF, $planned->part->letter],
        };
    }
}
