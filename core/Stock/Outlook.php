<?php

declare(strict_types=1);

namespace OakGloss\Stock;

/**
 * What lots and plan have to say to each other: each need in the order of time takes what then is good and first to
 * expire; what is missing, when first, and what will have expired untouched.
 */
final readonly class Outlook
{
    /**
     * @param float             $left      on the shelf now, past its date or not
     * @param float             $good      of it not past its date now
     * @param float             $reserved  by needs
     * @param float             $missing   that no good lot has when it is needed
     * @param Need|null         $firstMiss the first need that is not met in full
     * @param array<int, float> $wasted    left of lots when they expire, by lot; of those that do from now on within the time looked at
     */
    private function __construct(
        public float $left,
        public float $good,
        public float $reserved,
        public float $missing,
        public ?Need $firstMiss,
        public array $wasted,
    ) {
    }

    /**
     * @param list<Lot>  $lots
     * @param list<Need> $needs
     * @param float      $untilMin how far ahead lots are looked at that expire
     */
    public static function of(array $lots, array $needs, float $nowMin, float $untilMin): self
    {
        usort($needs, fn (Need $a, Need $b): int => $a->atMin <=> $b->atMin);
        $byId = array_column(array_map(fn (Lot $l): array => [$l->id, $l], $lots), 1, 0);
        [$missing, $first] = [0.0, null];
        foreach ($needs as $need) {
            $draw = Draw::of(array_values($byId), $need, false);
            foreach ($draw->taken as $id => $quantity) {
                $byId[$id] = $byId[$id]->less($quantity);
            }
            $missing += $draw->missing;
            $first ??= $draw->missing > 0.0 ? $need : null;
        }
        $wasted = [];
        foreach ($byId as $id => $lot) {
            if ($lot->left > 1e-6 && $lot->isGoodAt($nowMin) && ! $lot->isGoodAt($untilMin)) {
                $wasted[$id] = $lot->left;
            }
        }

        return new self(
            self::sum($lots),
            self::sum(array_filter($lots, fn (Lot $l): bool => $l->isGoodAt($nowMin))),
            array_sum(array_map(fn (Need $n): float => $n->quantity, $needs)),
            round($missing, 6),
            $first,
            $wasted,
        );
    }

    /** Good, and asked for by nobody; below nothing where more is reserved than there is. */
    public function free(): float
    {
        return $this->good - $this->reserved;
    }

    /** @param array<int, Lot> $lots */
    private static function sum(array $lots): float
    {
        return round(array_sum(array_map(fn (Lot $l): float => $l->left, $lots)), 6);
    }
}
