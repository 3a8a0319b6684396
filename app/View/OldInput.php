<?php

declare(strict_types=1);

namespace App\View;

/** What was typed before a form came back. */
final class OldInput
{
    /**
     * As text for each field of a group.
     *
     * @param array<array-key, mixed> $default
     *
     * @return array<array-key, mixed>
     */
    public static function list(string $field, array $default): array
    {
        $typed = old($field, $default);

        return is_array($typed) ? array_filter($typed, is_scalar(...)) : $default;
    }

    /**
     * Rows of a group, each with text for its fields; null where none was typed.
     *
     * @param array<string, mixed> $empty what a field has that was not typed
     *
     * @return list<array<array-key, mixed>>|null
     */
    public static function rows(string $field, array $empty): ?array
    {
        $typed = old($field);

        return is_array($typed)
            ? array_values(array_map(
                fn (array $r): array => array_filter($r, is_scalar(...)) + $empty,
                array_filter($typed, is_array(...)),
            ))
            : null;
    }

    /** As text for one field; whatever else was sent in its place is not shown again. */
    public static function of(string $field, mixed $default = null): string
    {
        $default = $default instanceof \BackedEnum ? $default->value : $default;
        $typed = old($field, $default);

        return is_scalar($typed) ? (string) $typed : (is_scalar($default) ? (string) $default : '');
    }
}
