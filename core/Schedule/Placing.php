<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/**
 * Places one part after the other, each at its least cost in what a diary leaves free, and counts the steps placed.
 *
 * A plan is an array of placed steps by the number of the part, null where a part has no place.
 */
final class Placing
{
    public const LEAST_GAIN_MIN = 1e-6;

    /** Looked so far beyond where a part ended before, minutes. */
    private const BEYOND_MIN = 1440.0;

    /** So near to its bound a plan is not searched on, minutes for each part. */
    private const PROVEN_MIN = 0.1;

    public readonly PlanCost $costs;

    public readonly HandsGrid $hands;

    public readonly PartDiaries $diaries;

    /** @var array<string, AgeTables> by the air's object id and the lag */
    private array $tables = [];

    /** @var array<int, list<PlacedStep>|null> */
    private array $alone = [];

    /** @var array<int, float> weighed */
    private array $aloneCost = [];

    /** @var array<int, float> how far to look for each part at first, minute */
    private array $until = [];

    private int $spent = 0;

    private ?float $bound = null;

    /**
     * @param list<Chain>                 $chains
     * @param float                       $untilMin nothing is placed later
     * @param int                         $budget   steps that may be placed in all
     * @param (Closure(float): void)|null $progress told the share that is done
     */
    public function __construct(
        public readonly array $chains,
        public readonly Crew $crew,
        public readonly float $fromMin,
        public readonly float $untilMin,
        public readonly float $gridMin,
        private readonly float $keyPenaltyMin,
        Unrest $unrest,
        private readonly int $budget,
        private readonly ?Closure $progress = null,
    ) {
        $this->costs = new PlanCost($chains, $fromMin, $untilMin, $keyPenaltyMin, $unrest);
        $this->diaries = new PartDiaries($chains, $crew);
        $this->hands = new HandsGrid($crew, $fromMin, $untilMin, $gridMin);
    }

    /**
     * The cheapest place in what is free: where it stands, if that is free, or another.
     *
     * @return list<PlacedStep>|null
     */
    public function place(int $i, Diary $diary, ?HandPrices $prices = null): ?array
    {
        $standing = $prices === null ? $this->stay($i, $diary) : null;
        $best = $this->best($i, $diary, $prices);

        return $standing !== null && $this->costs->of($i, $standing) <= $this->costs->of($i, $best) + self::LEAST_GAIN_MIN
            ? $standing
            : $best;
    }

    /**
     * Where the kept plan has it; null if it has none that holds, or others are in its way.
     *
     * @return list<PlacedStep>|null
     */
    public function stay(int $i, Diary $diary): ?array
    {
        return $this->had($i, $diary, $this->chains[$i]->standing);
    }

    /**
     * A part where it was placed in another diary, if this one has hands and things for it; else null.
     *
     * @param list<PlacedStep>|null $placed
     *
     * @return list<PlacedStep>|null
     */
    public function had(int $i, Diary $diary, ?array $placed): ?array
    {
        $held = $this->chains[$i]->inHand;
        $rest = $placed === null ? null : $diary->manning($held === null ? $placed : array_slice($placed, 1));

        return $rest === null || $held === null ? $rest : [$held, ...$rest];
    }

    /**
     * As much of the end of its kept plan as can stay, and what comes before it placed anew.
     *
     * @return list<PlacedStep>|null
     */
    public function stayFrom(int $i, Diary $diary): ?array
    {
        $chain = $this->chains[$i];
        $steps = $chain->toPlace();
        $found = null;
        $until = min($this->untilMin, max([$this->fromMin, ...array_values($chain->kept)]) + self::BEYOND_MIN);
        // Most of it can stay: few steps are freed first, then twice as many; between the last two it is halved.
        [$low, $high, $k] = [0, null, 1];
        while ($high === null ? $low < count($steps) : $high - $low > 1) {
            $k = $high === null ? min(count($steps), $k) : intdiv($low + $high, 2);
            $trial = $this->search($chain, $chain->pinnedFrom($k), $diary, $until);
            [$low, $high, $found] = $trial === null ? [$k, $high, $found] : [$low, $k, $trial];
            $k *= 2;
        }

        return $found === null
            ? null
            : $this->manned(
                $chain,
                array_map(
                    fn (PlacedStep $p, RunStep $s): PlacedStep => new PlacedStep($s, $p->startMin, $p->endMin, $p->way),
                    $found,
                    $steps,
                ),
                $diary,
            );
    }

    /** @return list<PlacedStep>|null */
    private function best(int $i, Diary $diary, ?HandPrices $prices = null): ?array
    {
        $chain = $this->chains[$i];
        if ($this->progress !== null) {
            ($this->progress)(min(1.0, $this->spent / max(1, $this->budget)));
        }
        // A kept plan tells how far ahead a part reaches.
        $until = min(
            $this->untilMin,
            $this->until[$i] ?? max($this->fromMin + 2880.0, $chain->kept === [] ? -INF : max($chain->kept) + self::BEYOND_MIN),
        );
        while (true) {
            $placed = $this->search($chain, $chain->toPlace(), $diary, $until, $prices);
            if ($until >= $this->untilMin
                || ($placed !== null && ($prices?->isRough === true || $this->isProvenBy($chain, $placed, $prices, $until)))) {
                break;
            }
            $until = min($this->untilMin, $this->fromMin + 2.0 * ($until - $this->fromMin));
        }
        if ($placed !== null && $placed !== []) {
            $this->until[$i] = $placed[count($placed) - 1]->endMin + self::BEYOND_MIN;
        }

        return $placed === null ? null : $this->manned($chain, $placed, $diary);
    }

    /**
     * @param list<RunStep> $steps
     *
     * @return list<PlacedStep>|null
     */
    private function search(Chain $chain, array $steps, Diary $diary, float $until, ?HandPrices $prices = null): ?array
    {
        $this->spent += count($steps);
        $tables = $this->tables[spl_object_id($chain->air)."/{$chain->lagMin}"] ??= new AgeTables(
            $chain->air,
            $this->earliest(),
            $chain->lagMin,
        );

        return (new PartPlacer(
            $chain->air,
            $diary,
            $this->fromMin,
            $until,
            $this->gridMin,
            $this->keyPenaltyMin,
            $tables,
            $prices,
        ))->place($steps, $chain->anchor(), $chain->late());
    }

    /**
     * @param list<PlacedStep> $placed
     *
     * @return list<PlacedStep>
     */
    private function manned(Chain $chain, array $placed, Diary $diary): array
    {
        return $chain->inHand === null ? $diary->manned($placed) : [$chain->inHand, ...$diary->manned($placed)];
    }

    /**
     * Whatever ends later than the horizon costs more than a sheet whose whole cost lies within it.
     *
     * @param list<PlacedStep> $placed
     */
    private function isProvenBy(Chain $chain, array $placed, ?HandPrices $prices, float $until): bool
    {
        $cost = $this->costs->plain($chain, $placed);
        foreach ($placed as $step) {
            $cost += $step->step->people * ($prices?->of($step->startMin, $step->endMin - $step->startMin) ?? 0.0);
        }

        return $this->fromMin + $cost <= $until + $chain->late()->of($until);
    }

    private function earliest(): float
    {
        return min($this->fromMin, ...array_map(fn (Chain $c): float => $c->anchor()['start'] ?? INF, $this->chains));
    }

    /**
     * @param array<int, list<PlacedStep>|null>|null $a
     * @param array<int, list<PlacedStep>|null>      $b
     *
     * @return array<int, list<PlacedStep>|null>
     */
    public function better(?array $a, array $b): array
    {
        return $a === null || $this->costs->ofAll($b) < $this->costs->ofAll($a) - self::LEAST_GAIN_MIN ? $b : $a;
    }

    /** @return list<PlacedStep>|null where a part would go without the others */
    public function alone(int $i): ?array
    {
        if (! array_key_exists($i, $this->alone)) {
            $this->alone[$i] = $this->place($i, $this->diaries->clear());
            $this->aloneCost[$i] = $this->costs->of($i, $this->alone[$i]);
        }

        return $this->alone[$i];
    }

    public function aloneCost(int $i): float
    {
        $this->alone($i);

        return $this->aloneCost[$i];
    }

    /** No plan costs less than every part alone. */
    public function bound(): float
    {
        return $this->bound ??= array_sum(array_map($this->aloneCost(...), array_keys($this->chains)));
    }

    /** @param array<int, list<PlacedStep>|null> $plan */
    public function isProven(array $plan): bool
    {
        return $this->costs->ofAll($plan) <= $this->bound() + self::PROVEN_MIN * count($this->chains);
    }

    /** Rounds in which every part is placed once that the budget still bears. */
    public function roundsLeft(): int
    {
        return intdiv(
            max(0, $this->budget - $this->spent),
            max(1, array_sum(array_map(fn (Chain $c): int => count($c->steps), $this->chains))),
        );
    }

    public function isSpent(): bool
    {
        return $this->spent >= $this->budget;
    }

    /**
     * @param list<int> $order
     *
     * @return array<int, list<PlacedStep>|null>
     */
    public function inOrder(array $order): array
    {
        $diary = $this->diaries->clear();
        $plan = [];
        foreach ($order as $i) {
            $plan[$i] = $this->place($i, $diary);
            $diary = $this->diaries->entered($diary, $i, $plan[$i]);
        }
        ksort($plan);

        return $plan;
    }
}
