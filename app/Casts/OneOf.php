<?php

declare(strict_types=1);

namespace App\Casts;

use BackedEnum;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A word of a list. Another word, however it came there, is taken as the default.
 *
 * @implements CastsAttributes<BackedEnum|null, mixed>
 */
final class OneOf implements CastsAttributes
{
    /**
     * @param class-string<BackedEnum> $enum
     * @param string                   $default its value; empty for none
     */
    public function __construct(private readonly string $enum, private readonly string $default = '')
    {
    }

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?BackedEnum
    {
        $found = is_string($value) || is_int($value) ? $this->enum::tryFrom($value) : null;

        return $found ?? ($value === null || $this->default === '' ? null : $this->enum::from($this->default));
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        return $value instanceof BackedEnum ? $value->value : $value;
    }
}
