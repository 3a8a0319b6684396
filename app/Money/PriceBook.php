<?php

declare(strict_types=1);

namespace App\Money;

use App\Database\Present;
use App\Models\Lot;
use App\Models\Shop;
use App\Shelf\Lineage;
use App\Stock\Jar;

/** What a shop pays and asks: the last price of each jar, and its rates. */
final class PriceBook
{
    public function __construct(private readonly Present $present, private readonly Lineage $lineage)
    {
    }

    /** @return array{float, int}|null how much came last, and for how much; null of what never had a price */
    public function last(int $shopId, Jar $jar): ?array
    {
        return $this->present->read("prices-{$shopId}", fn (): array => $this->prices($shopId))[$jar->key()] ?? null;
    }

    /** What minutes of hands cost; null in a shop that has no rate. */
    public static function hands(Shop $shop, float $minutes): ?int
    {
        return self::hours($shop->money()->handMinor, $minutes);
    }

    /** Of a warm box or lamp. */
    public static function box(Shop $shop, float $minutes): ?int
    {
        return self::hours($shop->money()->boxMinor, $minutes);
    }

    public static function say(Shop $shop, ?int $minor): ?string
    {
        return $minor === null ? null : $shop->money()->say($minor);
    }

    private static function hours(int $rateMinor, float $minutes): ?int
    {
        return $rateMinor === 0 ? null : (new \OakGloss\Cost\Hours(max(0.0, $minutes), $rateMinor))->minor();
    }

    /** @return array<string, array{float, int}> pack and price by jar */
    private function prices(int $shopId): array
    {
        $newest = Lot::query()->where('shop_id', $shopId)->whereNotNull('price_minor')->whereNull('cut_from_id')
            ->selectRaw('max(id)')->groupBy('kind', 'item_id', 'jar');
        $prices = [];
        foreach (Lot::query()->whereIn('id', $newest)->orderBy('id')->toBase()->get() as $row) {
            $jar = new Jar($row->kind, $this->lineage->newest($row->kind, (int) $row->item_id), $row->jar);
            $prices[$jar->key()] = [(float) $row->quantity, (int) $row->price_minor];
        }

        return $prices;
    }
}
