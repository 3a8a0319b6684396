<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Validation\Rule;

/** One field of a sheet: what it is called, its unit and what it may be. */
final readonly class Field
{
    /**
     * @param list<mixed>           $rules
     * @param array<string, string> $choices
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public string $type,
        public array $rules,
        public string $hint = '',
        public array $choices = [],
    ) {
    }

    /** @param list<string> $more rules */
    public static function number(
        string $name,
        string $label,
        string $unit,
        float $least,
        float $most,
        string $hint = '',
        array $more = [],
    ): self {
        return new self($name, $label, $unit, 'number', ['required', 'numeric', "between:{$least},{$most}", ...$more], $hint);
    }

    /** @param array<string, string> $choices */
    public static function choice(string $name, string $label, array $choices): self
    {
        return new self($name, $label, '', 'choice', ['required', Rule::in(array_keys($choices))], '', $choices);
    }

    public static function flag(string $name, string $label): self
    {
        return new self($name, $label, '', 'flag', ['boolean']);
    }

    /**
     * What it may be, as a JSON schema.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $type = ['number' => 'number', 'flag' => 'boolean', 'choice' => 'string'][$this->type];
        $schema = ['type' => in_array('required', $this->rules, true) ? $type : [$type, 'null']];
        foreach ($this->rules as $rule) {
            if (is_string($rule) && preg_match('/^between:([\d.-]+),([\d.-]+)$/', $rule, $ends) === 1) {
                $schema += ['minimum' => (float) $ends[1], 'maximum' => (float) $ends[2]];
            }
        }

        return $schema + ($this->choices === [] ? [] : ['enum' => array_keys($this->choices)]);
    }

    /** @param list<string> $unless rules that may still demand it */
    public function optional(array $unless = []): self
    {
        $rules = array_values(array_filter($this->rules, fn (mixed $r): bool => $r !== 'required'));

        return new self(
            $this->name,
            $this->label,
            $this->unit,
            $this->type,
            [...$unless, 'nullable', ...$rules],
            $this->hint,
            $this->choices,
        );
    }
}
