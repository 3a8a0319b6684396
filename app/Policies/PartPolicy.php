<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Part;
use App\Models\User;

/** Everyone in a shop sees its parts, finishers and owners work them; nobody else does. */
final class PartPolicy
{
    public function see(User $user, Part $part): bool
    {
        return $user->shop_id === $part->shop_id;
    }

    public function work(User $user, Part $part): bool
    {
        return $this->see($user, $part) && $user->role->works();
    }

    /** The brief stands once something was done to the part. */
    public function change(User $user, Part $part): bool
    {
        return $this->work($user, $part) && ! $part->isBegun();
    }
}
