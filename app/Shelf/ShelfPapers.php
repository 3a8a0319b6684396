<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Paper;

/** The papers that a shop has. */
final class ShelfPapers
{
    /** Papers by the way that they are driven; wet ones stand dry use, pads are soft blocks. */
    public const FORMS = [
        'wet_block' => ['wet sheet', 'foam pad'],
        'dry_block' => ['dry sheet', 'wet sheet'],
        'orbital' => ['disc', 'foam pad'],
    ];

    /** @return array<string, list<int>> P numbers by the way that they are driven, rising */
    public static function by(int $shopId): array
    {
        $papers = Paper::query()->where('shop_id', $shopId)->current()->thereAtAll()->orderBy('grit')->get(['grit', 'form']);

        return array_map(
            fn (array $forms): array => array_values(array_unique(array_map(
                intval(...),
                $papers->whereIn('form', $forms)->pluck('grit')->all(),
            ))),
            self::FORMS,
        );
    }

    /**
     * @param array<string, list<int>> $by
     *
     * @return list<int> all of them; on the way those that can be driven dry, wet and by an orbital
     */
    public static function all(array $by): array
    {
        $all = array_values(array_unique(array_merge($by['dry_block'], $by['wet_block'], $by['orbital'])));
        sort($all);

        return $all;
    }
}
