<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Feed;
use App\Models\User;

/** An address of the calendar is its maker's. */
final class FeedPolicy
{
    public function revoke(User $user, Feed $feed): bool
    {
        return $user->id === $feed->user_id;
    }
}
