<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use App\Time\ShopClock;

final class ShopPolicy
{
    public function __construct(private readonly ShopClock $clock)
    {
    }

    /** Bench, parts, air, hours of a day and practice. */
    public function run(User $user): bool
    {
        return $user->role->works();
    }

    /** The shop's own numbers, its shelf, its devices and its people. */
    public function own(User $user): bool
    {
        return $user->role === Role::Owner;
    }

    /** Only a demo's clock can be moved. */
    public function skipClock(User $user): bool
    {
        return $user->role->works() && $this->clock->canSkip();
    }
}
