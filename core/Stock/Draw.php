<?php

declare(strict_types=1);

namespace OakGloss\Stock;

/**
 * From which lots a quantity is taken: the first to expire goes first, of two the one that came first; of cloth the
 * narrowest that the piece fits on, so that offcuts go before rolls. A lot past its date is touched last.
 */
final readonly class Draw
{
    private const NOTHING = 1e-6;

    /**
     * @param array<int, float> $taken   by lot
     * @param float             $missing that no lot has
     */
    private function __construct(public array $taken, public float $missing)
    {
    }

    /**
     * @param list<Lot> $lots
     * @param bool      $alsoOld from lots past their date too, where the others do not reach
     */
    public static function of(array $lots, Need $need, bool $alsoOld = true): self
    {
        $lots = array_values(array_filter(
            $lots,
            fn (Lot $l): bool => $l->left > self::NOTHING && $l->isWide($need->widthMm) && ($alsoOld || $l->isGoodAt($need->atMin)),
        ));
        $width = fn (Lot $l): float => $need->widthMm === null ? 0.0 : $l->widthMm ?? INF;
        // Each is ranked once: a shop of years has hundreds of lots of one jar.
        $ranks = array_map(fn (Lot $l): array => [! $l->isGoodAt($need->atMin), $width($l), $l->useByMin ?? INF, $l->id], $lots);
        asort($ranks);
        $lots = array_map(fn (int $i): Lot => $lots[$i], array_keys($ranks));
        // A piece of cloth is not sewn together from two rolls.
        if ($need->widthMm !== null) {
            $lots = array_slice(array_values(array_filter($lots, fn (Lot $l): bool => $l->left >= $need->quantity - self::NOTHING)), 0, 1);
        }
        $open = $need->quantity;
        $taken = [];
        foreach ($lots as $lot) {
            $part = min($open, $lot->left);
            if ($part <= self::NOTHING) {
                break;
            }
            $taken[$lot->id] = $part;
            $open -= $part;
        }

        return new self($taken, $open <= self::NOTHING ? 0.0 : round($open, 6));
    }
}
