<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** One value that a kind of fact holds: its name in the row, its type, and what it may be. */
final readonly class Entry
{
    /**
     * @param string                         $type    number, whole, text, choice, flag or names
     * @param float                          $least   of a number
     * @param float                          $most    of a number, or characters of a text
     * @param list<string|int>               $choices what it may be, where that is listed
     * @param class-string<\BackedEnum>|null $enum    of the choices
     * @param bool                           $isTyped false where it is reckoned at the moment of recording
     * @param bool                           $isEmpty a text that may be left empty, and is read so
     */
    private function __construct(
        public string $name,
        public string $type,
        public float $least = -INF,
        public float $most = INF,
        public array $choices = [],
        public ?string $enum = null,
        public bool $isRequired = true,
        public bool $isTyped = true,
        public bool $isEmpty = false,
    ) {
    }

    public static function number(string $name, float $least = -INF, float $most = INF): self
    {
        return new self($name, 'number', $least, $most);
    }

    /** @param list<int> $choices */
    public static function whole(string $name, float $least = -INF, float $most = INF, array $choices = []): self
    {
        return new self($name, 'whole', $least, $most, $choices);
    }

    public static function text(string $name, int $most): self
    {
        return new self($name, 'text', most: $most);
    }

    /** @param class-string<\BackedEnum>|list<string> $of */
    public static function choice(string $name, string|array $of): self
    {
        return is_array($of)
            ? new self($name, 'choice', choices: $of)
            : new self($name, 'choice', choices: array_map(fn (\BackedEnum $c): string|int => $c->value, $of::cases()), enum: $of);
    }

    /** Kept as 1 or 0. */
    public static function flag(string $name): self
    {
        return new self($name, 'flag');
    }

    /** A list of names, kept with bars between them. */
    public static function names(string $name): self
    {
        return new self($name, 'names');
    }

    public function optional(): self
    {
        return $this->but(isRequired: false, isTyped: $this->isTyped);
    }

    /** A text of its own where nothing was written: the empty one. */
    public function orEmpty(): self
    {
        return new self($this->name, $this->type, $this->least, $this->most, isRequired: false, isEmpty: true);
    }

    /** Not asked of who records it. */
    public function reckoned(): self
    {
        return $this->but(isRequired: $this->isRequired, isTyped: false);
    }

    private function but(bool $isRequired, bool $isTyped): self
    {
        return new self($this->name, $this->type, $this->least, $this->most, $this->choices, $this->enum, $isRequired, $isTyped);
    }

    /** A row's value, or a form's; null for one that is missing or says nothing. */
    public function read(mixed $value): mixed
    {
        if ($value === null || $value === '') {
            return $this->isEmpty ? '' : null;
        }

        return match ($this->type) {
            'number' => is_numeric($value) ? (float) $value : null,
            'whole' => is_numeric($value) ? (int) $value : null,
            'flag' => is_scalar($value) ? (bool) $value : null,
            'names' => is_string($value) ? explode('|', $value) : null,
            default => is_scalar($value) ? ($this->enum === null ? (string) $value : $this->enum::tryFrom((string) $value)) : null,
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
}
