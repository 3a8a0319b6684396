<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clock\ShopClock;
use App\Models\AirReading;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A reading typed at the bench: it corrects the forecast of the next hours. */
final class AirController
{
    public function __invoke(Request $request, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validateWithBag('air', [
            'air_c' => ['required', 'numeric', 'between:-20,50'],
            'rh_percent' => ['nullable', 'numeric', 'between:1,100'],
        ], [], ['air_c' => 'air', 'rh_percent' => 'humidity']);
        AirReading::query()->create([
            'shop_id' => $user->shop_id,
            'user_id' => $user->id,
            'measured_at' => $clock->now(),
            'air_c' => (float) $given['air_c'],
            'rh_percent' => isset($given['rh_percent']) ? (float) $given['rh_percent'] : null,
        ]);

        return back()->with('notice', 'Reading kept. The forecast of the next hours follows it.');
    }
}
