<?php

declare(strict_types=1);

namespace App\View;

use DOMDocument;
use DOMElement;
use DOMXPath;

/** What the fields of a page's form hold, as its HTML says: what a browser would send of it untouched. */
final readonly class FormFields
{
    private const FIELDS = '//form[@data-showed]//*[self::input or self::select or self::textarea][@name and not(@disabled)]';

    /**
     * @param array<string, string|list<string>> $values by dotted name
     * @param array<string, string>              $labels
     * @param array<string, string>              $kept   in the unit that is kept, of fields with a unit
     * @param list<string>                       $lists  names of fields that are a list of words
     */
    private function __construct(public array $values, public array $labels, public array $kept, public array $lists)
    {
    }

    /** Of the form that carries what it shows. */
    public static function of(string $html): self
    {
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8"?>'.$html, LIBXML_NOERROR | LIBXML_NOWARNING);
        $path = new DOMXPath($document);
        [$pairs, $labels, $lists] = [[], [], []];
        foreach ($path->query(self::FIELDS) ?: [] as $field) {
            if (! $field instanceof DOMElement || ($value = self::value($field, $path)) === null) {
                continue;
            }
            $name = $field->getAttribute('name');
            if (str_ends_with($name, '[]')) {
                $lists[self::dotted($name)] = true;
            }
            $pairs[] = rawurlencode($name).'='.rawurlencode($value);
            $labels[self::dotted($name)] ??= self::label($field, $path);
        }
        parse_str(implode('&', $pairs), $sent);
        $measured = is_array($sent['measured'] ?? null) ? $sent['measured'] : [];
        unset($sent['measured']);

        return new self(self::flat($sent, array_keys($lists)), $labels, array_filter(array_map(
            fn (mixed $says): string => explode('|', is_string($says) ? $says : '')[3] ?? '',
            $measured,
        ), is_numeric(...)), array_keys($lists));
    }

    /**
     * What a form sent, as fields are named here.
     *
     * @param array<array-key, mixed> $sent
     * @param list<string>            $lists
     *
     * @return array<string, string|list<string>>
     */
    public static function flat(array $sent, array $lists, string $under = ''): array
    {
        $flat = [];
        foreach ($sent as $key => $value) {
            $name = $under.$key;
            if (! is_array($value)) {
                $flat[$name] = self::text($value);
            } elseif (in_array($name, $lists, true)) {
                $flat[$name] = array_values(array_map(self::text(...), $value));
            } else {
                $flat += self::flat($value, $lists, "{$name}.");
            }
        }

        return array_diff_key($flat, array_flip(['_token', '_method', 'token', 'seen', 'showed']));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? trim((string) $value) : '';
    }

    private static function dotted(string $name): string
    {
        return trim(str_replace(['[]', '[', ']'], ['', '.', ''], $name), '.');
    }

    /** Null of what would not be sent. */
    private static function value(DOMElement $field, DOMXPath $path): ?string
    {
        if ($field->tagName === 'textarea') {
            return $field->textContent;
        }
        if ($field->tagName === 'select') {
            $option = ($path->query('.//option[@selected]', $field) ?: null)?->item(0)
                ?? ($path->query('.//option', $field) ?: null)?->item(0);

            return $option instanceof DOMElement ? $option->getAttribute('value') : null;
        }
        $type = strtolower($field->getAttribute('type'));

        return match (true) {
            in_array($type, ['checkbox', 'radio'], true) => $field->hasAttribute('checked')
                ? ($field->getAttribute('value') ?: 'on') : null,
            in_array($type, ['file', 'submit', 'button', 'password'], true) => null,
            default => $field->getAttribute('value'),
        };
    }

    private static function label(DOMElement $field, DOMXPath $path): string
    {
        $id = $field->getAttribute('id');
        $label = ($id === '' ? null : ($path->query('//label[@for="'.str_replace('"', '', $id).'"]') ?: null)?->item(0))
            ?? ($path->query('ancestor::label', $field) ?: null)?->item(0);

        $text = $label instanceof DOMElement ? ($label->firstChild?->textContent ?: $label->textContent) : '';

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }
}
