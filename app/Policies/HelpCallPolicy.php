<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\HelpCall;
use App\Models\User;

final class HelpCallPolicy
{
    /** Whoever works in the same shop may come. */
    public function answer(User $user, HelpCall $call): bool
    {
        return $user->role->works() && $user->shop_id === $call->shop_id;
    }
}
