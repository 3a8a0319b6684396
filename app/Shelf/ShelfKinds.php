<?php

declare(strict_types=1);

namespace App\Shelf;

/** The kinds of the shelf, in its order. The one place that lists them. */
final class ShelfKinds
{
    /** @var list<class-string<ShelfKind>> */
    private const ALL = [
        Kind\Resins::class, Kind\Cloths::class, Kind\Papers::class, Kind\Clears::class, Kind\Aids::class,
        Kind\Rolls::class, Kind\Consumables::class, Kind\ReleaseAgents::class, Kind\Fillers::class, Kind\Cores::class,
        Kind\Adhesives::class, Kind\Compounds::class, Kind\Pads::class, Kind\GunTips::class, Kind\Gloves::class,
    ];

    /** @return array<string, ShelfKind> by name */
    public static function all(): array
    {
        return array_column(array_map(fn (string $kind): array => [$kind::NAME, new $kind()], self::ALL), 1, 0);
    }

    public static function named(string $name): ?ShelfKind
    {
        return self::all()[$name] ?? null;
    }
}
