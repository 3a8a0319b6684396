<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\ShopMoney;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** An amount of the shop's money, with no finer units than its currency has. */
final readonly class Amount implements ValidationRule
{
    public function __construct(private ShopMoney $money)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) && ! is_int($value) && ! is_float($value) || $this->money->minor((string) $value) === null) {
            $fail(__('money.no_amount', ['currency' => $this->money->currency, 'digits' => $this->money->digits]));
        }
    }
}
