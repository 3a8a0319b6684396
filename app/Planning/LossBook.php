<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Time\ShopTime;
use Illuminate\Database\Query\Builder;
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
        return PartFact::query()->where('kind', CupLeft::KIND)->whereIn('part_id', Part::query()->where('shop_id', $shop->id)->select('id'))
            ->whereNotExists(fn (Builder $q) => $q->from('facts as strikes')->whereColumn('strikes.part_id', 'facts.part_id')
                ->where('strikes.kind', Struck::KIND)->whereRaw("json_extract(strikes.data, '$.target') = facts.id"))
            ->orderByDesc('happened_at')->limit(self::MOST)->get();
    }
}
