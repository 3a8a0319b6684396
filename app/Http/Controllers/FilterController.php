<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\FilterChange;
use App\Models\FilterKind;
use App\Models\User;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** A fresh filter in a mask. */
final class FilterController
{
    public function store(Request $request, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['kind' => ['required', Rule::enum(FilterKind::class)]]);
        FilterChange::query()->create([
            'shop_id' => $user->shop_id, 'user_id' => $user->id, 'kind' => $given['kind'], 'changed_at' => $clock->now(),
        ]);

        return back()->with('notice', __("shop.filter_changed.{$given['kind']}"));
    }
}
