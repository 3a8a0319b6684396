<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\PrehashedBcrypt;

/** Remembers what each check cost (bcrypt's rounds, as a power of two). */
final class CountedBcrypt extends PrehashedBcrypt
{
    /** @var list<int> */
    public array $costs = [];

    public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
    {
        $this->costs[] = $this->info($hashedValue)['options']['cost'] ?? 0;

        return parent::check($value, $hashedValue, $options);
    }
}
