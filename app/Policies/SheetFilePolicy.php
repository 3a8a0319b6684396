<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SheetFile;
use App\Models\User;

final class SheetFilePolicy
{
    public function see(User $user, SheetFile $file): bool
    {
        return $user->shop_id === $file->shop_id;
    }
}
