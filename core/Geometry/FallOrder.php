<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Film\Face;

/** Zones in the order in which a wet film runs over them. */
final class FallOrder
{
    /** A face less steep than this drains to all its sides. */
    public const LEVEL_DEG = 5.0;

    /**
     * Each fed by those before it, in one line from the top down.
     *
     * @return non-empty-list<Zone>
     */
    public static function down(Zone $first, Zone ...$others): array
    {
        $zones = [$first, ...array_values($others)];
        $links = array_map(fn (Zone $z): Face => $z->link(), $zones);

        return array_map(
            fn (Zone $z, int $i): Zone => $z->between(array_slice($links, 0, $i), array_slice($links, $i + 1)),
            $zones,
            array_keys($zones),
        );
    }

    /** A rim beside a line of faces that are there already: fed by them, and nothing below it. */
    public static function under(Zone $rim, Zone ...$above): Zone
    {
        return $rim->between(array_map(fn (Zone $z): Face => $z->link(), array_values($above)));
    }
}
