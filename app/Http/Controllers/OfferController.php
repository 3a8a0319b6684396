<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PlanOffer;
use App\Models\User;
use App\Planning\BetterPlans;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** A better plan than the one that was told: looked for, taken or left. */
final class OfferController
{
    public function look(BetterPlans $plans, #[CurrentUser] User $user): RedirectResponse
    {
        return back()->with('notice', $plans->look($user->shop) === null ? __('offer.none') : __('offer.found'));
    }

    public function take(PlanOffer $offer, BetterPlans $plans, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        if (! $plans->take($offer, $user->shop, $user, $clock->now())) {
            throw ValidationException::withMessages(['act' => __('offer.gone')]);
        }

        return back()->with('notice', __('offer.taken'));
    }

    public function refuse(PlanOffer $offer, BetterPlans $plans, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        if (! $plans->refuse($offer, $user, $clock->now())) {
            throw ValidationException::withMessages(['act' => __('offer.gone')]);
        }

        return back()->with('notice', __('offer.left'));
    }
}
