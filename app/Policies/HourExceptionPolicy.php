<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\HourException;
use App\Models\User;

/** Other hours of a day are the matter of who works here. */
final class HourExceptionPolicy
{
    public function withdraw(User $user, HourException $exception): bool
    {
        return $user->role->works() && $user->shop_id === $exception->shop_id;
    }
}
