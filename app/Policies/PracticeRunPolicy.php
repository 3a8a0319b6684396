<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\PracticeRun;
use App\Models\User;

/** Everyone practises for themselves. */
final class PracticeRunPolicy
{
    public function play(User $user, PracticeRun $run): bool
    {
        return $user->role->works() && $run->user_id === $user->id;
    }
}
