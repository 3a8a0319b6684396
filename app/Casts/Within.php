<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A number of a row that came there however it did: outside its bounds the default stands in, so that no page fails; who
 * shows rows names it.
 *
 * @implements CastsAttributes<float|int, float|int>
 */
final class Within implements CastsAttributes
{
    private readonly float $least;
    private readonly float $most;
    private readonly float $default;

    /** @param string $as int for a whole number */
    public function __construct(string $least, string $most, string $default, private readonly string $as = 'float')
    {
        [$this->least, $this->most, $this->default] = [(float) $least, (float) $most, (float) $default];
    }

    public static function of(float $least, float $most, float $default, string $as = 'float'): string
    {
        return self::class.":{$least},{$most},{$default},{$as}";
    }

    public function holds(mixed $value): bool
    {
        return is_numeric($value) && $value >= $this->least && $value <= $this->most;
    }

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): float|int
    {
        $number = self::holds($value) ? (float) $value : $this->default;

        return $this->as === 'int' ? (int) $number : $number;
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): mixed
    {
        return $value;
    }
}
