<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column of JSON. What can't be read, however it came there, holds nothing: no page fails over it, and who shows rows
 * names it.
 *
 * @implements CastsAttributes<array<array-key, mixed>|null, mixed>
 */
final class Rows implements CastsAttributes
{
    /** Read as it is kept, whatever was put in. */
    public bool $withoutObjectCaching = true;

    /** @return array<array-key, mixed>|null null where none was kept */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        if ($value === null) {
            return null;
        }
        $rows = json_decode(is_string($value) ? $value : '', true);

        return is_array($rows) ? $rows : [];
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
