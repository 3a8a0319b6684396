<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PlanOffer;
use App\Models\User;

/** Offers are taken and left by who works here. */
final class PlanOfferPolicy
{
    public function decide(User $user, PlanOffer $offer): bool
    {
        return $user->role->works() && $user->shop_id === $offer->shop_id;
    }
}
