<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/**
 * A whole shop's parts against its hands and things.
 *
 * Each part is placed exactly (RunSheet) into what the parts before it left free; the search is over who goes first.
 * 1. Every part alone: what it would cost without the others, which no plan can beat.
 * 2. Orders worth trying, the best one kept.
 * 3. Parts that lost most by the others are taken out together with one that lies in their way, and put back first.
 * 4. Parts bargain: hours that others want have a price, and dearer ones are left to whom they are worth most.
 * The search counts what it places, not seconds: the same shop always gets the same plan.
 */
final class ShopSheet
{
    /** A part that has no place counts as this many lengths of the sheet. */
    private const WITHOUT = 3.0;

    private const LEAST_GAIN_MIN = 1e-6;

    /** A minute by which a first step is put off; so little that it only decides among equals. */
    private const PUT_OFF = 1e-3;

    /** So near to its bound a plan is not searched on, minutes for each part. */
    private const PROVEN_MIN = 0.1;

    /** Parts up to this many are tried in every order, and searched longer. */
    private const EVERY_ORDER = 3;

    /** Steps placed for each part, in all placements together. */
    private const EFFORT = 250;

    /** Few parts with short chains are searched longer: this over the square of the steps of a chain. */
    private const EFFORT_FEW = 100000;
    private const EFFORT_MOST = 4000;

    /** @var list<Chain> */
    private readonly array $chains;

    /** @var array<int, AgeTables> by the air's object id */
    private array $tables = [];

    /** @var array<int, list<PlacedStep>|null> */
    private array $alone = [];

    /** @var array<int, float> weighed */
    private array $aloneCost = [];

    /** @var array<int, float> how far to look for each part at first, minute */
    private array $until = [];

    private int $spent = 0;

    private float $bound = 0.0;

    private int $mood = 1;

    private readonly int $budget;

    /**
     * @param list<Chain>               $chains
     * @param float                     $untilMin nothing is placed later
     * @param int|null                  $effort   steps placed for each part that the search may take; null for what the number of parts bears
     * @param Closure(float): void|null $progress told the share that is done
     */
    public function __construct(
        array $chains,
        private readonly Crew $crew,
        private readonly float $fromMin,
        private readonly float $untilMin,
        private readonly float $gridMin = 15.0,
        private readonly float $keyPenaltyMin = 0.0,
        ?int $effort = null,
        private readonly ?Closure $progress = null,
    ) {
        $this->chains = $chains;
        $longest = max([1, ...array_map(fn (Chain $c): int => count($c->steps), $chains)]);
        $few = count($chains) <= self::EVERY_ORDER ? min(self::EFFORT_MOST, intdiv(self::EFFORT_FEW, $longest ** 2)) : 0;
        $this->budget = count($chains) * ($effort ?? max(self::EFFORT, $few));
    }

    /**
     * @param ShopPlan|null $known a plan made before, such as for a shorter day: while it keeps every rule, no worse one is given
     */
    public function plan(?ShopPlan $known = null): ShopPlan
    {
        $empty = Diary::of($this->crew);
        foreach ($this->chains as $i => $chain) {
            $this->alone[$i] = $this->place($i, $empty);
            $this->aloneCost[$i] = $this->cost($i, $this->alone[$i]);
        }
        $this->bound = array_sum($this->aloneCost);
        $best = $known === null ? null : $this->again($known);
        foreach ($this->orders() as $order) {
            $best = $this->better($best, $this->inOrder($order));
            if ($this->isProven($best) || $this->isSpent()) {
                break;
            }
        }
        if ($best !== null && ! $this->isProven($best)) {
            $best = $this->givenWay($best);
            $best = $this->bargained($best);
        }

        return $this->result($this->tidied($best ?? []));
    }

    /**
     * What each part costs least in a plan of its own under prices, less what the hands there are would fetch: no
     * plan of the shop costs less. Prices rise where hands are short, in shrinking steps.
     */
    public function provenBound(int $rounds): float
    {
        $plan = $this->plan();
        $prices = new HandPrices(array_fill(0, (int) ceil(($this->untilMin - $this->fromMin) / $this->gridMin), 0.0), $this->fromMin, $this->gridMin);
        $step = 1.0;
        for ($round = 0; $round < $rounds; $round++) {
            $prices = $this->repriced($prices, $plan->costMin, $step);
            $step *= 0.97;
        }

        return $this->bound;
    }

    /**
     * A known plan, placed step by step where it has them; null if it does not hold here.
     *
     * @return array<int, list<PlacedStep>>|null
     */
    private function again(ShopPlan $known): ?array
    {
        $diary = Diary::of($this->crew);
        $plan = [];
        foreach ($this->chains as $i => $chain) {
            $were = $known->placed[$chain->id] ?? [];
            if (count($were) !== count($chain->steps)) {
                return null;
            }
            $steps = array_map(fn (RunStep $s, PlacedStep $p): RunStep => $s->at($p->startMin), $chain->steps, $were);
            $placed = (new RunSheet($chain->air, $diary, $this->fromMin, $this->untilMin, $this->gridMin, $this->keyPenaltyMin))->place($steps, $chain->done, $chain->late());
            if ($placed === null) {
                return null;
            }
            $plan[$i] = $diary->manned(array_map(fn (RunStep $s, PlacedStep $p): PlacedStep => new PlacedStep($s, $p->startMin, $p->endMin, $p->way), $chain->steps, $placed));
            $diary = $diary->with($plan[$i]);
        }

        return $plan;
    }

    /** @param array<int, list<PlacedStep>|null>|null $plan */
    private function isProven(?array $plan): bool
    {
        return $plan !== null && $this->costOf($plan) <= $this->bound + self::PROVEN_MIN * count($this->chains);
    }

    private function isSpent(): bool
    {
        return $this->spent >= $this->budget;
    }

    /** @return list<PlacedStep>|null */
    private function place(int $i, Diary $diary, ?HandPrices $prices = null): ?array
    {
        $this->spent += count($this->chains[$i]->steps);
        if ($this->progress !== null) {
            ($this->progress)(min(1.0, $this->spent / max(1, $this->budget)));
        }
        $chain = $this->chains[$i];
        $tables = $this->tables[spl_object_id($chain->air)] ??= new AgeTables($chain->air, $this->earliest());
        $until = min($this->untilMin, $this->until[$i] ?? $this->fromMin + 2880.0);
        while (true) {
            $sheet = new RunSheet($chain->air, $diary, $this->fromMin, $until, $this->gridMin, $this->keyPenaltyMin, $tables, $prices);
            $placed = $sheet->place($chain->steps, $chain->done, $chain->late());
            if ($until >= $this->untilMin || ($placed !== null && $this->isProvenBy($chain, $placed, $prices, $until))) {
                break;
            }
            $until = min($this->untilMin, $this->fromMin + 2.0 * ($until - $this->fromMin));
        }
        if ($placed !== null) {
            $this->until[$i] = max($this->until[$i] ?? 0.0, $placed[count($placed) - 1]->endMin + 720.0);
        }

        return $placed === null ? null : $diary->manned($placed);
    }

    /**
     * Whatever ends later than the horizon costs more than a sheet whose whole cost lies within it.
     *
     * @param list<PlacedStep> $placed
     */
    private function isProvenBy(Chain $chain, array $placed, ?HandPrices $prices, float $until): bool
    {
        $cost = $this->plainCost($chain, $placed);
        foreach ($placed as $step) {
            $cost += $step->step->people * ($prices?->of($step->startMin, $step->endMin - $step->startMin) ?? 0.0);
        }

        return $this->fromMin + $cost <= $until + $chain->late()->of($until);
    }

    private function earliest(): float
    {
        return min($this->fromMin, ...array_map(fn (Chain $c): float => $c->done['start'] ?? INF, $this->chains));
    }

    /** @param list<PlacedStep> $placed minutes from the sheet's begin, not weighed */
    private function plainCost(Chain $chain, array $placed): float
    {
        $end = $placed[count($placed) - 1]->endMin;
        $keyed = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Keyed));

        return $end - $this->fromMin + $keyed * $this->keyPenaltyMin + $chain->late()->of($end) + self::PUT_OFF * max(0.0, $placed[0]->startMin - $this->fromMin);
    }

    /** @param list<PlacedStep>|null $placed */
    private function cost(int $i, ?array $placed): float
    {
        $chain = $this->chains[$i];

        return $chain->weight * ($placed === null ? self::WITHOUT * ($this->untilMin - $this->fromMin) : $this->plainCost($chain, $placed));
    }

    /** @param array<int, list<PlacedStep>|null> $plan */
    private function costOf(array $plan): float
    {
        $sum = 0.0;
        foreach ($plan as $i => $placed) {
            $sum += $this->cost($i, $placed);
        }

        return $sum;
    }

    /**
     * @param array<int, list<PlacedStep>|null>|null $a
     * @param array<int, list<PlacedStep>|null>      $b
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function better(?array $a, array $b): array
    {
        return $a === null || $this->costOf($b) < $this->costOf($a) - self::LEAST_GAIN_MIN ? $b : $a;
    }

    /** @return iterable<list<int>> orders worth trying */
    private function orders(): iterable
    {
        $parts = array_keys($this->chains);
        if (count($parts) <= self::EVERY_ORDER) {
            yield from $this->everyOrder($parts);

            return;
        }
        // A minute of hands is won back soonest on the part that needs fewest; promises first; then what is soonest ready.
        $keys = [
            fn (int $i): float => $this->aloneCost[$i] / $this->chains[$i]->weight ** 2,
            fn (int $i): float => $this->chains[$i]->dueMin ?? $this->untilMin + $this->aloneCost[$i],
            fn (int $i): float => $this->chains[$i]->handsMin() / $this->chains[$i]->weight,
            fn (int $i): float => $this->alone[$i][0]->startMin ?? INF,
        ];
        foreach ($keys as $key) {
            $order = $parts;
            usort($order, fn (int $a, int $b): int => [$this->cannotWait($a), $key($a), $a] <=> [$this->cannotWait($b), $key($b), $b]);
            yield $order;
        }
    }

    /** A step that must come within minutes and can't be keyed goes before all that can wait. */
    private function cannotWait(int $i): int
    {
        $gap = $this->chains[$i]->steps[0]->after;

        return $this->chains[$i]->done !== null && $gap !== null && is_finite($gap->most) && ! is_finite($gap->keyFrom) ? 0 : 1;
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
     * @param list<int> $order
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function inOrder(array $order): array
    {
        $diary = Diary::of($this->crew);
        $plan = [];
        foreach ($order as $i) {
            $plan[$i] = $this->place($i, $diary);
            $diary = $diary->with($plan[$i] ?? []);
        }
        ksort($plan);

        return $plan;
    }

    /**
     * The diary of all parts but some.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     */
    private function diaryWithout(array $plan, int ...$out): Diary
    {
        $diary = Diary::of($this->crew);
        foreach ($plan as $i => $placed) {
            $diary = in_array($i, $out, true) ? $diary : $diary->with($placed ?? []);
        }

        return $diary;
    }

    /**
     * Lets whoever loses most go before one that lies in its way, as long as that helps both together.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function givenWay(array $plan): array
    {
        $tried = [];
        while (! $this->isSpent() && ! $this->isProven($plan)) {
            $next = $this->nextToGiveWay($plan, $tried);
            if ($next === null) {
                break;
            }
            [$i, $j] = $next;
            $tried["{$i}/{$j}"] = true;
            $diary = $this->diaryWithout($plan, $i, $j);
            $trial = [$i => $this->place($i, $diary)] + $plan;
            if ($i !== $j) {
                $trial[$j] = $this->place($j, $diary->with($trial[$i] ?? []));
            }
            ksort($trial);
            if ($this->costOf($trial) < $this->costOf($plan) - self::LEAST_GAIN_MIN) {
                $plan = $trial;
                $tried = ["{$i}/{$j}" => true];
            }
        }

        return $plan;
    }

    /**
     * The part that lost most, and the one not yet tried that lies most in the way of what it would do alone; itself
     * where only the place it found is not its best any more.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     * @param array<string, true>               $tried
     *
     * @return array{int, int}|null
     */
    private function nextToGiveWay(array $plan, array $tried): ?array
    {
        $lost = [];
        foreach ($plan as $i => $placed) {
            $lost[$i] = $this->cost($i, $placed) - $this->aloneCost[$i];
        }
        arsort($lost);
        foreach ($lost as $i => $loss) {
            if ($loss <= self::LEAST_GAIN_MIN) {
                break;
            }
            if (! isset($tried["{$i}/{$i}"])) {
                return [$i, $i];
            }
            $inTheWay = [];
            foreach ($plan as $j => $placed) {
                $overlap = $j === $i || isset($tried["{$i}/{$j}"]) ? 0.0 : self::overlap($this->alone[$i] ?? [], $placed ?? []);
                if ($overlap > 0.0) {
                    $inTheWay[$j] = $overlap;
                }
            }
            if ($inTheWay !== []) {
                arsort($inTheWay);

                return [$i, (int) array_key_first($inTheWay)];
            }
        }

        return null;
    }

    /**
     * @param list<PlacedStep> $a
     * @param list<PlacedStep> $b
     */
    private static function overlap(array $a, array $b): float
    {
        $sum = 0.0;
        $from = 0;
        foreach ($a as $mine) {
            for ($k = $from; $k < count($b) && $b[$k]->startMin < $mine->endMin; $k++) {
                if ($b[$k]->endMin <= $mine->startMin) {
                    $from = $k + 1;
                }
                $sum += max(0.0, min($mine->endMin, $b[$k]->endMin) - max($mine->startMin, $b[$k]->startMin));
            }
        }

        return $sum;
    }

    /**
     * Lets the parts bargain: each is placed anew, alone but for prices on the hours that the others want now; an
     * hour fought over stays dearer from round to round. Every round ends in a real plan, in which those placed first
     * still pay for what the later ones want.
     *
     * @param array<int, list<PlacedStep>|null> $best
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function bargained(array $best): array
    {
        $points = (int) ceil(($this->untilMin - $this->fromMin) / $this->gridMin);
        $hands = $this->handsAt($points);
        /** @var array<int, float> $fought */
        $fought = array_fill(0, $points, 0.0);
        $empty = Diary::of($this->crew);
        $wishes = $this->alone;
        for ($round = 1; ! $this->isSpent() && ! $this->isProven($best); $round++) {
            $now = 0.25 * (1 + $round % 8);
            foreach (array_keys($wishes) as $i) {
                $wishes[$i] = $this->place($i, $empty, $this->asked($i, array_diff_key($wishes, [$i => true]), $hands, $fought, $now));
            }
            foreach ($this->wanted($wishes, $points) as $k => $wanted) {
                $fought[$k] += 0.25 * max(0, $wanted - $hands[$k]);
            }
            $order = array_keys($wishes);
            usort($order, fn (int $a, int $b): int => [$this->cannotWait($a), $this->turn($wishes[$a], $round), $a] <=> [$this->cannotWait($b), $this->turn($wishes[$b], $round), $b]);
            $diary = $empty;
            $trial = [];
            foreach ($order as $i) {
                $later = array_diff_key($wishes, $trial, [$i => true]);
                $trial[$i] = $this->place($i, $diary, $later === [] ? null : $this->asked($i, $later, $hands, $fought, $now));
                $diary = $diary->with($trial[$i] ?? []);
            }
            ksort($trial);
            $best = $this->better($best, $this->settled($trial));
        }

        return $best;
    }

    /**
     * By what a round puts the parts in order: their end, or their beginning.
     *
     * @param list<PlacedStep>|null $wish
     */
    private function turn(?array $wish, int $round): float
    {
        return $wish === null ? INF : ($round % 2 === 0 ? $wish[0]->startMin : $wish[count($wish) - 1]->endMin);
    }

    /**
     * What the hours that others want cost a part.
     *
     * @param array<int, list<PlacedStep>|null> $others
     * @param list<int>                         $hands
     * @param array<int, float>                 $fought
     */
    private function asked(int $i, array $others, array $hands, array $fought, float $now): HandPrices
    {
        $prices = [];
        foreach ($this->wanted($others, count($hands)) as $k => $wanted) {
            $prices[$k] = $wanted + 1 > $hands[$k] ? $this->gridMin * ($now + $fought[$k]) * $this->nextMood() / $this->chains[$i]->weight : 0.0;
        }

        return new HandPrices(array_values($prices), $this->fromMin, $this->gridMin);
    }

    /** 0 to 2, ever another, always the same row: bargains that got stuck come loose. */
    private function nextMood(): float
    {
        $this->mood = ($this->mood * 1103515245 + 12345) % 2147483648;

        return $this->mood / 1073741824.0;
    }

    /**
     * Pairs of hands wanted at each point of the grid.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return list<int>
     */
    private function wanted(array $plan, int $points): array
    {
        $wanted = array_fill(0, $points, 0);
        foreach ($plan as $placed) {
            foreach ($placed ?? [] as $p) {
                $from = max(0, (int) ceil(($p->startMin - $this->fromMin) / $this->gridMin - 1e-9));
                $until = min($points, (int) ceil(($p->endMin - $this->fromMin) / $this->gridMin - 1e-9));
                for ($k = $from; $k < $until; $k++) {
                    $wanted[$k] += $p->step->people;
                }
            }
        }

        return array_values($wanted);
    }

    /**
     * Each part once more without prices, where the others stay: what prices made it leave free and nobody took is taken back.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function settled(array $plan): array
    {
        foreach (array_keys($plan) as $i) {
            $trial = $plan;
            $trial[$i] = $this->place($i, $this->diaryWithout($plan, $i));
            $plan = $this->better($plan, $trial);
        }

        return $plan;
    }

    /**
     * Each part once more where the others stay, now also where that costs the same: among equals a part's own sheet
     * puts nothing off.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return array<int, list<PlacedStep>|null>
     */
    private function tidied(array $plan): array
    {
        foreach ($plan as $i => $was) {
            $is = $this->place($i, $this->diaryWithout($plan, $i));
            $plan[$i] = $this->cost($i, $is) <= $this->cost($i, $was) + self::LEAST_GAIN_MIN ? $is : $was;
        }

        return $plan;
    }

    /**
     * One round of prices: every part alone under them, the bound that this proves, and the next prices.
     */
    private function repriced(HandPrices $prices, float $costMin, float $step): HandPrices
    {
        $empty = Diary::of($this->crew);
        $points = count($prices->prices);
        $hands = $this->handsAt($points);
        $bound = 0.0;
        $relaxed = [];
        foreach ($this->chains as $i => $chain) {
            $weighed = new HandPrices(array_map(fn (float $p): float => $p / $chain->weight, $prices->prices), $this->fromMin, $this->gridMin);
            $relaxed[$i] = $placed = $this->place($i, $empty, $weighed);
            $bound += $this->cost($i, $placed);
            foreach ($placed ?? [] as $p) {
                $bound += $chain->weight * $p->step->people * $weighed->of($p->startMin, $p->endMin - $p->startMin);
            }
        }
        $wanted = $this->wanted($relaxed, $points);
        $square = 0.0;
        foreach ($prices->prices as $k => $price) {
            $bound -= $price * $hands[$k];
            $square += ($wanted[$k] - $hands[$k] > 0 || $price > 0.0) ? ($wanted[$k] - $hands[$k]) ** 2 : 0.0;
        }
        $this->bound = max($this->bound, $bound);
        $scale = $square > 0.0 ? $step * max(1.0, $costMin - $bound) / $square : 0.0;
        $next = [];
        foreach ($prices->prices as $k => $price) {
            $next[] = max(0.0, $price + $scale * ($wanted[$k] - $hands[$k]));
        }

        return new HandPrices($next, $this->fromMin, $this->gridMin);
    }

    /** @return list<int> people at the bench at each point of the grid */
    private function handsAt(int $points): array
    {
        $hands = array_fill(0, $points, 0);
        foreach ($this->crew->people as $work) {
            foreach ($work->windows as [$open, $close]) {
                $until = min($points, (int) ceil(($close - $this->fromMin) / $this->gridMin - 1e-9));
                for ($k = max(0, (int) ceil(($open - $this->fromMin) / $this->gridMin - 1e-9)); $k < $until; $k++) {
                    $hands[$k]++;
                }
            }
        }

        return array_values($hands);
    }

    /** @param array<int, list<PlacedStep>|null> $plan */
    private function result(array $plan): ShopPlan
    {
        $placed = $without = [];
        foreach ($plan as $i => $steps) {
            if ($steps === null) {
                $without[] = $this->chains[$i]->id;
            } else {
                $placed[$this->chains[$i]->id] = $steps;
            }
        }

        return new ShopPlan($placed, $without, $this->costOf($plan), $this->bound);
    }
}
