<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ShelfItem;
use App\Models\User;
use App\People\Role;

final class ShelfItemPolicy
{
    public function see(User $user, ShelfItem $item): bool
    {
        return $user->shop_id === $item->shop_id;
    }

    /** A superseded sheet belongs to the parts made with it and is not changed any more. */
    public function change(User $user, ShelfItem $item): bool
    {
        return $user->role === Role::Owner && $user->shop_id === $item->shop_id && $item->superseded_by_id === null;
    }
}
