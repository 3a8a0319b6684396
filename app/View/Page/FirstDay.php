<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Cloth;
use App\Models\Lot;
use App\Models\Paper;
use App\Models\Resin;
use App\Models\Shop;
use App\Planning\ShopFloor;
use App\Shelf\Kind\Cloths;

/** What a new shop still says before its first part: each ticked by itself when it is so, all of it gone when done. */
final readonly class FirstDay
{
    /** @param array<string, bool> $is what is so, in the order of a first day */
    private function __construct(private array $is)
    {
    }

    /** Null for a shop that finished a part: its first day is over. */
    public static function of(Shop $shop, ShopFloor $floor): ?self
    {
        if ($shop->parts()->where('is_trial', false)->whereNotNull('finished_at')->exists()) {
            return null;
        }
        $own = fn (string $model): bool => $model::query()->where('shop_id', $shop->id)->current()->where('made_up', false)->exists();

        return new self([
            'hours' => ! in_array('hours', $shop->assumed, true),
            'air' => $floor->lastReading !== null,
            'tools' => $shop->has() !== [] && Paper::query()->where('shop_id', $shop->id)->current()->thereAtAll()->exists(),
            'resin' => $own(Resin::class),
            'cloth' => $own(Cloth::class) || Lot::query()->where('shop_id', $shop->id)->where('kind', Cloths::NAME)->exists(),
            'trial' => $shop->parts()->where('is_trial', true)->exists(),
            'part' => $shop->parts()->where('is_trial', false)->exists(),
        ]);
    }

    public function isDone(): bool
    {
        return ! in_array(false, $this->is, true);
    }

    /** @return list<array{what: string, isDone: bool, isNext: bool, url: string}> */
    public function lines(): array
    {
        $next = array_search(false, $this->is, true);

        return array_map(fn (string $what): array => [
            'what' => $what, 'isDone' => $this->is[$what], 'isNext' => $what === $next, 'url' => self::url($what),
        ], array_keys($this->is));
    }

    private static function url(string $what): string
    {
        return match ($what) {
            'hours' => route('shop.edit', ['section' => 'week']),
            'air' => '#air_c',
            'tools' => route('shop.edit', ['section' => 'places']),
            'resin' => route('shelf.short', 'epoxy'),
            'cloth' => route('shelf.short', 'cloth'),
            'trial' => route('parts.create', ['trial' => 1]),
            default => route('parts.choose'),
        };
    }
}
