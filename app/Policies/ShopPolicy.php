<?php

declare(strict_types=1);

namespace App\Policies;

use App\Clock\ShopClock;
use App\Models\User;

final class ShopPolicy
{
    public function __construct(private readonly ShopClock $clock)
    {
    }

    /** Hours, air and shelf: whoever works here; each only reaches the own shop. */
    public function run(User $user): bool
    {
        return $user->shop_id > 0;
    }

    /** Only a demo's clock can be moved. */
    public function skipClock(User $user): bool
    {
        return $this->clock->canSkip();
    }
}
