<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\Shop;

/** Letter tags: A to Z, then AA to ZZ. No two open parts carry one. */
final class Letters
{
    /** So many are offered when the single ones are gone. */
    private const PAIRS_OFFERED = 26;

    /**
     * Tags that no open part carries, the part's own first, then those of long ago and never.
     *
     * @return non-empty-list<string>
     */
    public static function free(Shop $shop, ?Part $part = null): array
    {
        $lastUsed = $shop->parts()->selectRaw('letter, max(id) as newest')->groupBy('letter')->pluck('newest', 'letter');
        $taken = $shop->parts()->whereNull('finished_at')->whereNull('cancelled_at')->whereKeyNot($part->id ?? 0)->pluck('letter')->all();
        $free = array_values(array_diff(range('A', 'Z'), $taken));
        usort(
            $free,
            fn (string $a, string $b): int => [
                $a !== $part?->letter,
                (int) ($lastUsed[$a] ?? 0),
                $a,
            ] <=> [$b !== $part?->letter, (int) ($lastUsed[$b] ?? 0), $b],
        );
        $own = $part !== null && strlen($part->letter) > 1 && ! in_array($part->letter, $taken, true) ? [$part->letter] : [];
        if ($free !== []) {
            return [...$own, ...$free];
        }
        $pairs = [];
        for ($pair = 'AA'; strlen($pair) === 2 && count($pairs) < self::PAIRS_OFFERED; $pair++) {
            if (! in_array($pair, [...$taken, ...$own], true)) {
                $pairs[] = $pair;
            }
        }

        return [...$own, ...$pairs] ?: throw new \LogicException('more than seven hundred open parts');
    }
}
