<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lot;
use App\Models\User;

final class LotPolicy
{
    /** Who works in the shop counts and takes. */
    public function work(User $user, Lot $lot): bool
    {
        return $user->role->works() && $user->shop_id === $lot->shop_id;
    }
}
