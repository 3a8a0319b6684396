<?php

declare(strict_types=1);

namespace App\View\Page;

use Illuminate\Http\Request;
use OakGloss\Quantity\Unit;

/** The unit of New part was changed: what stands there is turned, not read anew. */
final class NewUnit
{
    /** Fields of a zone, and which power of a length they are. */
    private const OF_ZONE = ['length_mm' => 1, 'radius_mm' => 1, 'area_cm2' => 2];

    /** Kept so fine that turning it back gives what was typed. */
    private const DIGITS = 9;

    public static function turn(Request $request): void
    {
        $was = Unit::tryFrom((string) (explode('/', (string) $request->string('sizes_for'))[1] ?? ''));
        $now = Unit::tryFrom((string) $request->string('unit'));
        if ($was === null || $now === null || $was === $now) {
            return;
        }
        $sizes = $zones = [];
        foreach ((array) $request->input('sizes', []) as $size => $typed) {
            $sizes[$size] = str_ends_with((string) $size, '_deg') ? $typed : self::turned($typed, $was->to($now, 1.0));
        }
        foreach ((array) $request->input('zones', []) as $i => $zone) {
            $zones[$i] = is_array($zone) ? $zone : [];
            foreach (self::OF_ZONE as $field => $power) {
                $zones[$i] += [$field => null];
                $zones[$i][$field] = self::turned($zones[$i][$field], $was->to($now, 1.0) ** $power);
            }
        }
        $request->merge(['sizes' => $sizes] + ($zones === [] ? [] : ['zones' => $zones]));
    }

    private static function turned(mixed $typed, float $factor): mixed
    {
        return is_numeric($typed) ? (string) json_encode(round((float) $typed * $factor, self::DIGITS)) : $typed;
    }
}
