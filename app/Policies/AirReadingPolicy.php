<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\AirReading;
use App\Models\User;

final class AirReadingPolicy
{
    /** A typed reading is taken back by who works here; what a device said is left out by itself. */
    public function takeBack(User $user, AirReading $reading): bool
    {
        return $user->role->works() && $user->shop_id === $reading->shop_id && $reading->source === 'hand';
    }
}
