<?php

declare(strict_types=1);

namespace App\View;

/** What a field is, for who never filled it in: a line of lang/en/help.php by its name. */
final class FieldHelp
{
    /** Of one of many alike (`sizes.length`, `sheet.0.c`) it is the line of them all (`sizes.*`, `sheet.*.c`). */
    public static function of(string $field): ?string
    {
        /** @var array<string, string> $lines */
        $lines = __('help.of');
        $row = preg_replace('/\.\d+(?=\.|$)/', '.*', $field);
        foreach ([$field, (string) $row, (string) preg_replace('/\.[^.]+$/', '.*', $field)] as $name) {
            if (isset($lines[$name])) {
                return $lines[$name];
            }
        }

        return null;
    }
}
