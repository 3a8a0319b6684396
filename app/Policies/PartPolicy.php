<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Part;
use App\Models\User;

/** Everyone in a shop sees and works its parts; nobody else does. */
final class PartPolicy
{
    public function see(User $user, Part $part): bool
    {
        return $user->shop_id === $part->shop_id;
    }

    public function work(User $user, Part $part): bool
    {
        return $this->see($user, $part);
    }

    /** The brief stands once something was done to the part. */
    public function change(User $user, Part $part): bool
    {
        return $this->see($user, $part) && ! $part->isBegun();
    }
}
