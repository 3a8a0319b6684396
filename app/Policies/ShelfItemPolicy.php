<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ShelfItem;
use App\Models\User;

final class ShelfItemPolicy
{
    /** A superseded sheet belongs to the parts made with it and is not changed any more. */
    public function change(User $user, ShelfItem $item): bool
    {
        return $user->shop_id === $item->shop_id && $item->superseded_by_id === null;
    }
}
