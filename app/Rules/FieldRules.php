<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Validation\Rule;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\FieldType;

/** A declared field as the rules of a form. */
final class FieldRules
{
    /**
     * @param list<Field> $fields
     *
     * @return array<string, list<mixed>> of those that are typed, by name
     */
    public static function all(array $fields): array
    {
        $rules = [];
        foreach ($fields as $field) {
            if ($field->isTyped) {
                $rules[$field->name] = self::of($field);
            }
        }

        return $rules;
    }

    /** @return list<mixed> */
    public static function of(Field $field): array
    {
        $unless = fn (array $values, string $rule): array => array_map(
            fn (string $of): string => "{$rule}:{$of},{$values[$of]}",
            array_keys($values),
        );

        return [
            ...$unless($field->if, 'required_if'),
            ...$unless($field->unless, 'required_unless'),
            $field->isRequired ? 'required' : 'nullable',
            ...self::what($field),
            ...($field->above === null ? [] : ["gt:{$field->above}"]),
        ];
    }

    /** @return list<mixed> without whether it must be sent */
    public static function what(Field $field): array
    {
        return match (true) {
            $field->type === FieldType::Whole && $field->choices !== [] => ['integer', Rule::in($field->choices)],
            $field->choices !== [] => [Rule::in($field->choices)],
            $field->type === FieldType::Whole => ['integer', ...self::range($field)],
            $field->else !== null => ['numeric', Rule::anyOf([["in:{$field->else}"], ['numeric', ...self::range($field)]])],
            $field->type === FieldType::Number => ['numeric', ...self::range($field)],
            $field->type === FieldType::Flag => ['boolean'],
            default => ['string', ...(is_finite($field->most) ? ["max:{$field->most}"] : [])],
        };
    }

    /** @return list<string> */
    private static function range(Field $field): array
    {
        return is_finite($field->least) && is_finite($field->most) ? ["between:{$field->least},{$field->most}"] : [];
    }
}
