<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\KeptQuote;
use App\Models\User;

final class KeptQuotePolicy
{
    /** Prices and customers are for who works in the shop. */
    public function see(User $user, KeptQuote $quote): bool
    {
        return $user->role->works() && $user->shop_id === $quote->shop_id;
    }
}
