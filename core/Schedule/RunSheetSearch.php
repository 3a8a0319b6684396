<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/**
 * A whole shop's parts against its hands and things.
 *
 * Each part is placed exactly (PartPlacer) into what the parts before it left free; the search is over who goes first.
 * 1. Every part alone: what it would cost without the others, which no plan can beat.
 * 2. Orders worth trying, the best one kept.
 * 3. Parts that lost most by the others are taken out together with one that lies in their way, and put back first.
 * 4. Parts bargain: hours that others want have a price, and dearer ones are left to whom they are worth most.
 * The search counts what it places, not seconds: the same shop always gets the same plan.
 */
final class RunSheetSearch
{
    /** Parts up to this many are tried in every order, and searched longer. */
    private const EVERY_ORDER = 3;

    /** Steps placed for each part, in all placements together. */
    private const EFFORT = 250;

    /** The same for a shop's first sheet, and where nobody waits: as much for up to so many parts, less for more by their square. */
    private const EFFORT_FIRST = 1000;
    private const EFFORT_LONG = 4000;
    private const LONG_PARTS = 12;

    /** Few parts with short chains are searched longer: this over the square of the steps of a chain. */
    private const EFFORT_FEW = 100000;
    private const EFFORT_MOST = 4000;

    private readonly Placing $placing;

    /**
     * @param list<Chain>                 $chains
     * @param float                       $untilMin nothing is placed later
     * @param int|null                    $effort   steps placed for each part that it may take; null: as many as the parts bear
     * @param (Closure(float): void)|null $progress told the share that is done
     */
    public function __construct(
        array $chains,
        Crew $crew,
        private readonly float $fromMin,
        private readonly float $untilMin,
        private readonly float $gridMin = 15.0,
        private readonly float $keyPenaltyMin = 0.0,
        ?int $effort = null,
        ?Closure $progress = null,
        Unrest $unrest = new Unrest(),
    ) {
        $longest = max([1, ...array_map(fn (Chain $c): int => count($c->steps), $chains)]);
        $few = count($chains) <= self::EVERY_ORDER ? min(self::EFFORT_MOST, intdiv(self::EFFORT_FEW, $longest ** 2)) : 0;
        $this->placing = new Placing(
            $chains,
            $crew,
            $fromMin,
            $untilMin,
            $gridMin,
            $keyPenaltyMin,
            $unrest,
            count($chains) * ($effort ?? max(self::EFFORT, $few)),
            $progress,
        );
    }

    /** What the long search may take for each part of a shop. */
    public static function longEffort(int $parts): int
    {
        return self::shared(self::EFFORT_LONG, $parts);
    }

    /** The same for a shop's first sheet, or null for few parts: they are searched well as it is. */
    public static function firstEffort(int $parts): ?int
    {
        return $parts <= self::EVERY_ORDER ? null : self::shared(self::EFFORT_FIRST, $parts);
    }

    private static function shared(int $effort, int $parts): int
    {
        return max(self::EFFORT, (int) ($effort * min(1.0, (self::LONG_PARTS / max(1, $parts)) ** 2)));
    }

    /**
     * @param RunSheetResult|null $known a plan made before, such as for a shorter day: while it keeps every rule, no worse one is given
     */
    public function plan(?RunSheetResult $known = null): RunSheetResult
    {
        $best = $known === null ? $this->asItStands() : $this->again($known);
        foreach ($this->orders() as $order) {
            $best = $this->placing->better($best, $this->placing->inOrder($order));
            if ($this->placing->isProven($best) || $this->placing->isSpent()) {
                break;
            }
        }
        $best ??= [];
        if (! $this->placing->isProven($best)) {
            $best = (new Displacement($this->placing))->improved($best);
            $best = (new PriceSearch($this->placing))->improved($best);
        }

        return $this->result($this->placedAgain($best));
    }

    /** What the kept plan costs, as it stands; null where it does not. */
    public function costAsItStands(): ?float
    {
        $plan = $this->asItStands();

        return $plan === null ? null : $this->placing->costs->ofAll($plan);
    }

    /** What no plan of the shop costs less than, after some rounds of prices. */
    public function provenBound(int $rounds): float
    {
        return (new ShopBound($this->placing, $this->plan()->costMin))->after($rounds);
    }

    /**
     * A known plan, placed step by step where it has them; null if it does not hold here.
     *
     * @return array<int, list<PlacedStep>>|null
     */
    private function again(RunSheetResult $known): ?array
    {
        $diary = Diary::of($this->placing->crew);
        $plan = [];
        foreach ($this->placing->chains as $i => $chain) {
            $were = $known->placed[$chain->id] ?? [];
            if (count($were) !== count($chain->steps)) {
                return null;
            }
            $steps = array_map(fn (RunStep $s, PlacedStep $p): RunStep => $s->at($p->startMin), $chain->steps, $were);
            $placed = (new PartPlacer(
                $chain->air,
                $diary,
                $this->fromMin,
                $this->untilMin,
                $this->gridMin,
                $this->keyPenaltyMin,
            ))->place($steps, $chain->done, $chain->late());
            if ($placed === null) {
                return null;
            }
            $plan[$i] = $diary->manned(array_map(
                fn (RunStep $s, PlacedStep $p): PlacedStep => new PlacedStep($s, $p->startMin, $p->endMin, $p->way),
                $chain->steps,
                $placed,
            ));
            $diary = $diary->with($plan[$i]);
        }

        return $plan;
    }

    /**
     * Every part where the kept plan has it; null if one has no such place, or two are in each other's way.
     *
     * @return array<int, list<PlacedStep>>|null
     */
    private function asItStands(): ?array
    {
        $diary = $this->placing->diaries->clear();
        $plan = [];
        foreach (array_keys($this->placing->chains) as $i) {
            $stays = $this->placing->stay($i, $diary);
            if ($stays === null) {
                return null;
            }
            $plan[$i] = $stays;
            $diary = $this->placing->diaries->entered($diary, $i, $stays);
        }

        return $plan === [] ? null : $plan;
    }

    /** @return iterable<list<int>> orders worth trying */
    private function orders(): iterable
    {
        $chains = $this->placing->chains;
        $parts = array_keys($chains);
        if (count($parts) <= self::EVERY_ORDER) {
            yield from $this->everyOrder($parts);

            return;
        }
        // A minute of hands is won back soonest on the part that needs fewest; promises first; then what is soonest ready.
        $keys = [
            fn (int $i): float => $this->placing->aloneCost($i) / $chains[$i]->weight ** 2,
            fn (int $i): float => $chains[$i]->dueMin ?? $this->untilMin + $this->placing->aloneCost($i),
            fn (int $i): float => $chains[$i]->handsMin() / $chains[$i]->weight,
            fn (int $i): float => $this->placing->alone($i)[0]->startMin ?? INF,
        ];
        foreach ($keys as $key) {
            $order = $parts;
            usort(
                $order,
                fn (int $a, int $b): int => [
                    $this->placing->chains[$a]->cannotWait(),
                    $key($a),
                    $a,
                ] <=> [$this->placing->chains[$b]->cannotWait(), $key($b), $b],
            );
            yield $order;
        }
    }

    /**
     * @param list<int> $parts
     *
     * @return iterable<list<int>>
     */
    private function everyOrder(array $parts): iterable
    {
        if (count($parts) <= 1) {
            yield $parts;
        }
        foreach (count($parts) > 1 ? $parts : [] as $k => $first) {
            $rest = $parts;
            array_splice($rest, $k, 1);
            foreach ($this->everyOrder($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * Each part once more where the others stay, now also where that costs the same: among equals a part's own sheet
     * puts nothing off.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function placedAgain(array $plan): array
    {
        foreach ($plan as $i => $was) {
            $is = $this->placing->place($i, $this->placing->diaries->without($plan, $i));
            $plan[$i] = $this->placing->costs->of($i, $is) <= $this->placing->costs->of($i, $was) + Placing::LEAST_GAIN_MIN ? $is : $was;
        }

        return $plan;
    }

    /** @param array<int, list<PlacedStep>|null> $plan */
    private function result(array $plan): RunSheetResult
    {
        $placed = $without = [];
        foreach ($plan as $i => $steps) {
            $id = $this->placing->chains[$i]->id;
            if ($steps === null) {
                $without[] = $id;
            } else {
                $placed[$id] = $steps;
            }
        }

        return new RunSheetResult($placed, $without, $this->placing->costs->ofAll($plan), $this->placing->bound());
    }
}
