<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Paper;
use App\Models\Shop;

/**
 * What a kind of shop usually has (ours), ticked in one press. Air from outside, a booth and a licence are in none: what
 * stands between a person and isocyanate is ticked by hand, one by one.
 */
enum UsualSet: string
{
    case Garage = 'garage';
    case Small = 'small';
    case Trade = 'trade';

    /** @return list<string> of Shop::TOOLS */
    public function tools(): array
    {
        return match ($this) {
            self::Garage => ['respirator', 'clamps', 'dryer'],
            self::Small => [...self::Garage->tools(), 'sander', 'spray_gun'],
            self::Trade => [...self::Small->tools(), 'vacuum_pump'],
        };
    }

    /** @return array<string, int> places for parts, by thing */
    public function things(): array
    {
        return match ($this) {
            self::Garage => [],
            self::Small => ['warm_box' => 1, 'heat_lamp' => 1],
            self::Trade => ['warm_box' => 2, 'heat_lamp' => 1, 'heated_room' => 1, 'cool_place' => 1],
        };
    }

    /** @return list<string> forms of the papers that lie there in all their grits */
    public function forms(): array
    {
        return ['dry sheet', 'wet sheet', ...($this === self::Garage ? [] : ['disc', 'foam pad'])];
    }

    /** Adds what is not ticked yet; nothing that is there goes. How many there are of a paper is not known by it. */
    public function tick(Shop $shop): void
    {
        $things = (array) $shop->things;
        foreach ($this->things() as $thing => $places) {
            $things[$thing] = max($places, (int) ($things[$thing] ?? 0));
        }
        $shop->update(['tools' => array_values(array_unique([...$shop->tools, ...$this->tools()])), 'things' => $things]);
        Paper::query()->where('shop_id', $shop->id)->current()->whereIn('form', $this->forms())->where('sheets', 0)
            ->update(['sheets' => null]);
    }
}
