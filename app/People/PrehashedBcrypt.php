<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Hashing\BcryptHasher;

/**
 * Bcrypt reads 72 bytes: a password is hashed to fewer first, so that all of a long one counts. Hashes of before are
 * still read, and renewed at the next sign-in.
 */
class PrehashedBcrypt extends BcryptHasher
{
    private const MARK = 'sha384:';

    /** @param array<string, mixed> $options */
    public function make(#[\SensitiveParameter] $value, array $options = []): string
    {
        return self::MARK.parent::make(self::short($value), $options);
    }

    /** @param array<string, mixed> $options */
    public function check(#[\SensitiveParameter] $value, $hashedValue, array $options = []): bool
    {
        return str_starts_with((string) $hashedValue, self::MARK)
            ? password_verify(self::short($value), substr((string) $hashedValue, strlen(self::MARK)))
            : password_verify($value, (string) $hashedValue);
    }

    /** @param array<string, mixed> $options */
    public function needsRehash($hashedValue, array $options = []): bool
    {
        return ! str_starts_with((string) $hashedValue, self::MARK) || parent::needsRehash(
            substr((string) $hashedValue, strlen(self::MARK)),
            $options,
        );
    }

    /** @return array<array-key, mixed> */
    public function info($hashedValue): array
    {
        return parent::info(preg_replace('/^'.self::MARK.'/', '', (string) $hashedValue) ?? '');
    }

    /** @param string $value */
    public function verifyConfiguration($value): bool
    {
        return str_starts_with((string) $value, self::MARK);
    }

    /** A hash that no password has, and that takes as long to check as any. */
    public function nobodys(): string
    {
        return self::MARK.sprintf('$2y$%02d$', $this->rounds).str_repeat('.', 53);
    }

    private static function short(#[\SensitiveParameter] string $value): string
    {
        return base64_encode(hash('sha384', $value, true));
    }
}
