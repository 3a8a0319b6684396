<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Shop;

/** The made-up examples that ship with the app, in database/catalogue. */
final class ShippedShelf
{
    public static function stock(Shop $shop): void
    {
        foreach (ShelfKinds::all() as $name => $kind) {
            $file = database_path("catalogue/{$name}.json");
            $rows = is_file($file) ? json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR) : [];
            foreach ($rows as $row) {
                $kind->make($row + ['shop_id' => $shop->id])->save();
            }
        }
    }
}
