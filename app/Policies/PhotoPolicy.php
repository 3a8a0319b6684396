<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Photo;
use App\Models\User;

/** Everyone in a shop sees the photos of its parts; nobody else does. */
final class PhotoPolicy
{
    public function see(User $user, Photo $photo): bool
    {
        return $user->shop_id === $photo->part->shop_id;
    }
}
