<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HelpCall;
use App\Models\User;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** A second pair of hands is called for, and says that it comes. */
final class HelpController
{
    /** Older ones are nobody's any more, hours. */
    private const STANDS_H = 4;

    public function index(ShopClock $clock, #[CurrentUser] User $user): View
    {
        return view('bench.help', ['calls' => HelpCall::query()->with('user', 'part')->open()->where('shop_id', $user->shop_id)
            ->where('called_at', '>', $clock->now()->subHours(self::STANDS_H))->orderBy('id')->get()]);
    }

    public function store(Request $request, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $ours = Rule::exists('parts', 'id')->where('shop_id', $user->shop_id);
        $part = $request->validate(['part' => ['nullable', 'integer', $ours]])['part'] ?? null;
        $is = ['shop_id' => $user->shop_id, 'user_id' => $user->id, 'part_id' => $part];
        HelpCall::query()->open()->where($is)->firstOr(fn () => HelpCall::query()->create($is + ['called_at' => $clock->now()]));

        return back()->with('notice', __('bench.help.called'));
    }

    public function answer(HelpCall $call, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $call->answered_at ?? $call->update(['answered_by_id' => $user->id, 'answered_at' => $clock->now()]);

        return back()->with('notice', __('bench.help.comes', ['name' => $call->user->name]));
    }
}
