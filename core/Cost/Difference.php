<?php

declare(strict_types=1);

namespace OakGloss\Cost;

/**
 * Why a part came to another cost than was quoted, by cause; what it sums up to is the difference of the two costs, to
 * the minor unit. Each line is first taken at the old price with the new quantity, then at the new price.
 */
final readonly class Difference
{
    /** @param array<string, int> $byCause minor units; causes that come to nothing are left out */
    private function __construct(public array $byCause, public int $costMinor, public int $totalMinor)
    {
    }

    public static function between(Bill $quoted, Bill $actual): self
    {
        $by = array_fill_keys(['rescue', 'grams', 'hours', 'places', 'price', 'rate', 'new', 'left_out', 'waste'], 0);
        $old = array_column(array_map(fn (BillLine $l): array => [$l->key, $l], $quoted->lines), 1, 0);
        $seen = [];
        foreach ($actual->lines as $line) {
            $was = $old[$line->key] ?? null;
            $seen[$line->key] = true;
            if ($was === null) {
                $by[$line->isRescue ? 'rescue' : 'new'] += $line->minor();
            } else {
                $more = $was->minorOf($line->quantity) - $was->minor();
                $by[self::ofQuantity($line->kind)] += $more;
                $by[$line->kind === CostKind::Material ? 'price' : 'rate'] += $line->minor() - $was->minorOf($line->quantity);
            }
        }
        foreach ($quoted->lines as $line) {
            $by['left_out'] -= isset($seen[$line->key]) ? 0 : $line->minor();
        }
        $by['waste'] = $actual->sums->wasteMinor - $quoted->sums->wasteMinor;

        return new self(
            array_filter($by),
            $actual->sums->costMinor - $quoted->sums->costMinor,
            $actual->sums->totalMinor - $quoted->sums->totalMinor,
        );
    }

    private static function ofQuantity(CostKind $kind): string
    {
        return match ($kind) {
            CostKind::Hands => 'hours',
            CostKind::Place => 'places',
            default => 'grams',
        };
    }
}
