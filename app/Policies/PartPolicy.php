<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Part;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Everyone in a shop sees its parts, finishers and owners work them; nobody else does. */
final class PartPolicy
{
    public function see(User $user, Part $part): bool
    {
        return $user->shop_id === $part->shop_id;
    }

    /** Nothing is done to a part that lies or was cancelled until it is taken up again. */
    public function work(User $user, Part $part): bool|Response
    {
        return $this->decide($user, $part) && ($part->held_at !== null || $part->cancelled_at !== null)
            ? Response::deny((string) __('parts.state.lies', ['part' => "{$part->letter} {$part->name}"]))
            : $this->decide($user, $part);
    }

    /** Whether it is held, cancelled or taken up again is the matter of who works here. */
    public function decide(User $user, Part $part): bool
    {
        return $this->see($user, $part) && $user->role->works();
    }

    /** A brief changes as long as the part is open; what was done holds what rests on it, and says so. */
    public function change(User $user, Part $part): bool
    {
        return $this->decide($user, $part) && $part->isOpen();
    }
}
