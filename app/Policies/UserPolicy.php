<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** People are the owner's matter, and only the own shop's. */
final class UserPolicy
{
    public function manage(User $user, User $person): bool
    {
        return $user->role === Role::Owner && $user->shop_id === $person->shop_id;
    }

    /** Goes home, at the bench. */
    public function sendHome(User $user, User $person): bool
    {
        return $user->role->works() && $user->shop_id === $person->shop_id;
    }
}
