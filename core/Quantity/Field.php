<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/**
 * One declared field, wherever it is typed, kept or read: its name, type, range, choices, whether it is needed, what it is
 * called and in what it is measured. Facts, sheets on the shelf, `gloss:calc` and the rules of forms all read this one.
 */
final readonly class Field
{
    /**
     * @param float                          $least   of a number
     * @param float                          $most    of a number, or characters of a text
     * @param list<string|int>               $choices what it may be, where that is listed
     * @param class-string<\BackedEnum>|null $enum    of the choices
     * @param bool                           $isTyped false where it is reckoned at the moment of recording
     * @param bool                           $isEmpty a text that may be left empty, and is read so
     * @param array<string|int, string>      $words   of the choices
     * @param string|null                    $above   the field that it has to be more than
     * @param array<string, string>          $if      field by field, by what value it is needed after all
     * @param array<string, string>          $unless  the same, needed by every other value
     * @param string|null                    $into    the parameter that it fills, where that has another name
     * @param float|null                     $else    the one value that it may have outside its range
     */
    private function __construct(
        public string $name,
        public FieldType $type,
        public float $least = -INF,
        public float $most = INF,
        public array $choices = [],
        public ?string $enum = null,
        public bool $isRequired = true,
        public bool $isTyped = true,
        public bool $isEmpty = false,
        public string $label = '',
        public string $unit = '',
        public string $hint = '',
        public array $words = [],
        public ?string $above = null,
        public array $if = [],
        public array $unless = [],
        public ?string $into = null,
        public ?float $else = null,
    ) {
    }

    public static function number(string $name, float $least = -INF, float $most = INF): self
    {
        return new self($name, FieldType::Number, $least, $most);
    }

    /** @param list<int> $choices */
    public static function whole(string $name, float $least = -INF, float $most = INF, array $choices = []): self
    {
        return new self($name, FieldType::Whole, $least, $most, $choices);
    }

    public static function text(string $name, int $most): self
    {
        return new self($name, FieldType::Text, most: $most);
    }

    /** @param class-string<\BackedEnum>|list<string>|array<string, string> $of an enum, values, or words by value */
    public static function choice(string $name, string|array $of): self
    {
        return match (true) {
            is_string($of) => new self(
                $name,
                FieldType::Choice,
                choices: array_map(fn (\BackedEnum $c): string|int => $c->value, $of::cases()),
                enum: $of,
            ),
            array_is_list($of) => new self($name, FieldType::Choice, choices: $of),
            default => new self($name, FieldType::Choice, choices: array_keys($of), words: $of),
        };
    }

    public static function flag(string $name): self
    {
        return new self($name, FieldType::Flag);
    }

    public static function names(string $name): self
    {
        return new self($name, FieldType::Names);
    }

    /** What it is called on a sheet, its unit, and what helps to fill it in. */
    public function called(string $label, string $unit = '', string $hint = ''): self
    {
        return $this->but(label: $label, unit: $unit, hint: $hint);
    }

    public function optional(): self
    {
        return $this->but(isRequired: false);
    }

    /** A text of its own where nothing was written: the empty one. */
    public function orEmpty(): self
    {
        return $this->but(isRequired: false, isEmpty: true);
    }

    /** Not asked of who records it. */
    public function reckoned(): self
    {
        return $this->but(isTyped: false);
    }

    /** A parameter of another name: `size` is kept, and is `sizeMm`. */
    public function into(string $parameter): self
    {
        return $this->but(into: $parameter);
    }

    /** Or this one value outside its range. */
    public function orElse(float $value): self
    {
        return $this->but(else: $value);
    }

    /** More than another field. */
    public function above(string $field): self
    {
        return $this->but(above: $field);
    }

    /** Needed where another field has a value, and nowhere else. */
    public function neededIf(string $field, string $value): self
    {
        return $this->but(isRequired: false, if: [$field => $value]);
    }

    /** Needed but where another field has a value. */
    public function neededUnless(string $field, string $value): self
    {
        return $this->but(isRequired: false, unless: [$field => $value]);
    }

    /**
     * @param array<string, string>|null $if
     * @param array<string, string>|null $unless
     */
    private function but(
        ?bool $isRequired = null,
        ?bool $isTyped = null,
        ?bool $isEmpty = null,
        ?string $label = null,
        ?string $unit = null,
        ?string $hint = null,
        ?string $above = null,
        ?array $if = null,
        ?array $unless = null,
        ?string $into = null,
        ?float $else = null,
    ): self {
        return new self(
            $this->name,
            $this->type,
            $this->least,
            $this->most,
            $this->choices,
            $this->enum,
            $isRequired ?? $this->isRequired,
            $isTyped ?? $this->isTyped,
            $isEmpty ?? $this->isEmpty,
            $label ?? $this->label,
            $unit ?? $this->unit,
            $hint ?? $this->hint,
            $this->words,
            $above ?? $this->above,
            $if ?? $this->if,
            $unless ?? $this->unless,
            $into ?? $this->into,
            $else ?? $this->else,
        );
    }

    /** The constructor's parameter that it fills. */
    public function parameter(): string
    {
        return $this->into ?? lcfirst(str_replace(' ', '', ucwords(str_replace('_', ' ', $this->name))));
    }

    /** A row's value, or a form's; null for one that is missing or says nothing. */
    public function read(mixed $value): mixed
    {
        if ($value === null || $value === '') {
            return $this->isEmpty ? '' : null;
        }

        return match ($this->type) {
            FieldType::Number => is_numeric($value) ? (float) $value : null,
            FieldType::Whole => is_numeric($value) ? (int) $value : null,
            FieldType::Flag => is_scalar($value) ? (bool) $value : null,
            FieldType::Names => is_string($value) ? explode('|', $value) : null,
            default => is_scalar($value) ? ($this->enum === null ? (string) $value : $this->enum::tryFrom((string) $value)) : null,
        };
    }

    /** Whether a value is of its type, whatever its range. */
    public function holds(mixed $value): bool
    {
        return match ($this->type) {
            FieldType::Number => is_float($value) || is_int($value),
            FieldType::Whole => is_int($value),
            FieldType::Flag => is_bool($value),
            FieldType::Names => is_array($value),
            default => $this->enum === null ? is_string($value) : $value instanceof $this->enum,
        };
    }

    /** As it stands in the row; null for what is left out of it. */
    public function keep(mixed $value): string|int|float|null
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            is_bool($value) => (int) $value,
            is_array($value) => $value === [] ? null : implode('|', array_filter($value, is_string(...))),
            is_string($value), is_int($value), is_float($value) => $value === '' ? null : $value,
            default => null,
        };
    }

    /** What is wrong with a value of JSON, in words after the field's name; null where nothing is. */
    public function fault(mixed $value): ?string
    {
        return match ($this->type) {
            FieldType::Number, FieldType::Whole => match (true) {
                ! is_int($value) && ! is_float($value) => 'must be a number',
                ! is_finite((float) $value) || $value < $this->least
                    || $value > $this->most => sprintf('must be a finite number from %s to %s', $this->least, $this->most),
                $this->type === FieldType::Whole && floor((float) $value) !== (float) $value => 'must be a whole number',
                default => null,
            },
            FieldType::Choice => in_array($value, $this->choices, true) ? null : 'must be one of '.implode(', ', $this->choices),
            FieldType::Flag => is_bool($value) ? null : 'must be true or false',
            default => is_string($value) && $value !== '' && strlen($value) <= $this->most
                ? null : "must be a text of 1 to {$this->most} characters",
        };
    }

    /**
     * What it may be, as a JSON schema.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $type = match ($this->type) {
            FieldType::Number => 'number',
            FieldType::Whole => 'integer',
            FieldType::Flag => 'boolean',
            default => 'string',
        };
        $schema = ['type' => $this->isRequired ? $type : [$type, 'null']];
        if ($this->type->isNumber() && is_finite($this->least) && is_finite($this->most)) {
            $schema += ['minimum' => $this->least, 'maximum' => $this->most];
        }

        return $schema + ($this->choices === [] ? [] : ['enum' => $this->choices]);
    }
}
