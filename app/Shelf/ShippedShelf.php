<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Shop;
use App\Shelf\Kind\Papers;
use Closure;

/** The made-up examples that ship with the app, in database/catalogue. */
final class ShippedShelf
{
    /** With which a made-up workshop works: all of it is there, and nobody doubts its sheets. */
    public static function stock(Shop $shop): void
    {
        self::put($shop, fn (string $kind): array => []);
    }

    /** For a shop to look at and to change: sheets that nobody's maker wrote, and no paper in the drawer. */
    public static function examples(Shop $shop): void
    {
        self::put($shop, fn (string $kind): array => ['made_up' => true] + ($kind === Papers::NAME ? ['sheets' => 0] : []));
    }

    /** @param Closure(string): array<string, mixed> $but by kind */
    private static function put(Shop $shop, Closure $but): void
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            $file = database_path("catalogue/{$name}.json");
            $rows = is_file($file) ? json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR) : [];
            foreach ($rows as $row) {
                $kind->make($but($name) + $row + ['shop_id' => $shop->id])->save();
            }
        }
    }
}
