<?php

declare(strict_types=1);

namespace App\Rules;

use App\Time\ShopClock;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A date that a shop can mean: from a year back to two ahead. */
final class NearDate implements ValidationRule
{
    private const BACK_DAYS = 366;
    private const AHEAD_DAYS = 731;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $isNear = is_string($value) && self::isNear(CarbonImmutable::parse($value, 'UTC'), app(ShopClock::class)->now());
        } catch (\InvalidArgumentException) {
            $isNear = false;
        }
        if (! $isNear) {
            $fail((string) __('shop.too_far'));
        }
    }

    public static function isNear(CarbonImmutable $moment, CarbonImmutable $now): bool
    {
        return $moment > $now->subDays(self::BACK_DAYS) && $moment < $now->addDays(self::AHEAD_DAYS);
    }
}
