<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Time\ShopTime;
use OakGloss\Fact\Kind\CupLeft;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Mixing\CupLosses;

/** What was left in a shop's cups. */
final class LossBook
{
    /** The newest that are read: hands change. */
    private const MOST = 200;

    public static function of(Shop $shop): CupLosses
    {
        $leftovers = [];
        foreach (self::rows($shop) as $fact) {
            $left = $fact->content();
            if ($left instanceof CupLeft && $left->ofG > 0.0) {
                $at = ShopTime::minutes($fact->happened_at);
                $leftovers[] = ['atMin' => $at, 'grams' => $left->grams, 'cupG' => (float) $left->ofG, 'tool' => $left->tool];
            }
        }

        return new CupLosses(array_reverse($leftovers));
    }

    /** @return iterable<PartFact> the newest first, without those that were struck out */
    private static function rows(Shop $shop): iterable
    {
        $parts = Part::query()->where('shop_id', $shop->id)->select('id');
        $facts = PartFact::query()->where('kind', CupLeft::KIND)->whereIn('part_id', $parts)->orderByDesc('happened_at')
            ->limit(self::MOST)->get();
        $struck = $facts->isEmpty() ? [] : PartFact::query()->where('kind', Struck::KIND)
            ->whereIn('part_id', $facts->pluck('part_id')->unique()->all())->get()->map(fn (PartFact $f): int => $f->target())->all();

        return $facts->reject(fn (PartFact $f): bool => in_array($f->id, $struck, true));
    }
}
