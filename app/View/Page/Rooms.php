<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\User;
use Illuminate\Http\Request;

/** The rooms in the order of the bar, as far as somebody may enter them. */
final class Rooms
{
    /** Its route, its key, the routes that lie in it. */
    private const ALL = [
        'bench' => ['bench', 'b', 'bench'],
        'parts' => ['parts.index', 'p', 'parts.*'],
        'run-sheet' => ['run-sheet', 'r', 'run-sheet*'],
        'shelf' => ['shelf', 's', 'shelf*'],
        'air' => ['air', 'a', 'air*'],
        'practice' => ['practice', 'e', 'practice*'],
        'shop' => ['shop.edit', 'o', 'shop.*'],
    ];

    /** @return list<array{name: string, route: string, key: string, isHere: bool, isLit: bool}> */
    public static function of(Request $request, User $user): array
    {
        $rooms = [];
        foreach (self::ALL as $room => [$route, $key, $pattern]) {
            if ($room === 'practice' && ! $user->role->works()) {
                continue;
            }
            $isHere = $request->routeIs($pattern);
            // A cup is weighed for a part.
            $isLit = $isHere || ($room === 'parts' && $request->routeIs('weigh'));
            $name = (string) __("app.rooms.{$room}");
            $rooms[] = ['name' => $name, 'route' => $route, 'key' => $key, 'isHere' => $isHere, 'isLit' => $isLit];
        }

        return $rooms;
    }

    /** @return array<string, string> what each key does */
    public static function keys(): array
    {
        return array_combine(array_column(self::ALL, 1), __('app.rooms')) + __('app.more_keys');
    }
}
