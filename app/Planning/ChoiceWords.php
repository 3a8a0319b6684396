<?php

declare(strict_types=1);

namespace App\Planning;

use App\Words\Formatter;

/** The words of a choice's values. */
final class ChoiceWords
{
    public function __construct(private readonly Formatter $format)
    {
    }

    /** A value of a choice, as it stands on its button: `4 coats`, `70 g/m²`, `at once + second coat at tack`. */
    public function option(string $field, string $value): string
    {
        if ($field === 'pair') {
            $pair = OpenChoices::pair($value);

            return implode(' + ', array_map($this->option(...), array_keys($pair), $pair));
        }

        return match (true) {
            $field === 'build_coats' => (string) __('words.coats', ['n' => $value]),
            $field === 'build_g_m2' && $value !== '0' => $this->format->weight((float) $value),
            default => $this->format->word($field, $value),
        };
    }

    public function optionWhy(string $field, string $value): string
    {
        return match (true) {
            $field === 'pair', $field === 'build_coats' => '',
            $field === 'build_g_m2' => $value === '0' ? '' : (string) __('words.build_g_m2_holds'),
            default => $this->format->word("{$field}_why", $value),
        };
    }
}
