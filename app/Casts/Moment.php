<?php

declare(strict_types=1);

namespace App\Casts;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A moment in UTC. A row that holds none, however it came there, stops no page: it is taken as never.
 *
 * @implements CastsAttributes<CarbonImmutable|null, mixed>
 */
final class Moment implements CastsAttributes
{
    /** Read as it is kept, whatever was put in. */
    public bool $withoutObjectCaching = true;

    /** @param string $always “always” where a row can't be without: then it is long ago */
    public function __construct(private readonly string $always = '')
    {
    }

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        if ($value === null) {
            return $this->never(null);
        }
        try {
            return CarbonImmutable::parse(is_string($value) ? $value : '', 'UTC');
        } catch (\Throwable) {
            return $this->never(CarbonImmutable::createFromTimestamp(0, 'UTC'));
        }
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : $model->fromDateTime($value);
    }

    private function never(?CarbonImmutable $longAgo): ?CarbonImmutable
    {
        return $this->always === '' ? null : $longAgo;
    }
}
