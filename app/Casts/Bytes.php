<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A file's bytes, bound as what they are: as text they would end at their first NUL for whoever reads them as text.
 *
 * @implements CastsAttributes<string, string>
 */
final class Bytes implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! is_resource($value)) {
            return is_scalar($value) ? (string) $value : '';
        }
        rewind($value);

        return (string) stream_get_contents($value);
    }

    /**
     * @param array<string, mixed> $attributes
     *
     * @return resource
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        $stream = fopen('php://temp', 'r+') ?: throw new \RuntimeException('there is no room for a file');
        fwrite($stream, is_string($value) ? $value : throw new \InvalidArgumentException('bytes are a string'));
        rewind($stream);

        return $stream;
    }
}
