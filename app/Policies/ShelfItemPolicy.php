<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ShelfItem;
use App\Models\User;

final class ShelfItemPolicy
{
    public function see(User $user, ShelfItem $item): bool
    {
        return $user->shop_id === $item->shop_id;
    }
}
