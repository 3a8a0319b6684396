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

    /** A brief changes as long as the part is open; what was done holds what rests on it, and says so. */
    public function change(User $user, Part $part): bool
    {
        return $this->work($user, $part) && $part->finished_at === null;
    }
}
