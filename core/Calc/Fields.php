<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Quantity\Field;

/**
 * Reads one JSON object field by field. Every field that is there must be asked for: `close` refuses the rest,
 * so that a misspelt name is never taken for an absent one.
 */
final class Fields
{
    /** Characters of a text. */
    private const TEXT = 200;

    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<string, mixed> $values */
    private function __construct(private readonly array $values, private readonly string $path)
    {
    }

    /** @throws BadField If the value is no JSON object. */
    public static function of(mixed $json, string $path = ''): self
    {
        if (! $json instanceof \stdClass) {
            throw new BadField($path === '' ? 'input' : $path, 'must be a JSON object');
        }
        $values = [];
        foreach (get_object_vars($json) as $name => $value) {
            $values[(string) $name] = $value;
        }

        return new self($values, $path);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    /** @throws BadField If missing, no number, not finite or outside $least to $most. */
    public function number(string $name, float $least, float $most): float
    {
        return (float) $this->checked(Field::number($name, $least, $most));
    }

    /**
     * @template T of float|null
     *
     * @param T $else what an absent or null field means
     *
     * @return float|T
     */
    public function numberOr(string $name, ?float $else, float $least, float $most): ?float
    {
        return $this->has($name) ? $this->number($name, $least, $most) : $this->absent($name, $else);
    }

    /** @throws BadField If missing or no whole number from $least to $most. */
    public function whole(string $name, int $least, int $most): int
    {
        return (int) $this->checked(Field::whole($name, $least, $most));
    }

    /** @throws BadField If missing or no text of 1 to 200 characters. */
    public function text(string $name): string
    {
        return (string) $this->checked(Field::text($name, self::TEXT));
    }

    /**
     * @param non-empty-list<string> $choices
     *
     * @throws BadField If missing or none of the choices.
     */
    public function choice(string $name, array $choices): string
    {
        return (string) $this->checked(Field::choice($name, $choices));
    }

    /** @throws BadField If it is there and neither true nor false. */
    public function flagOr(string $name): ?bool
    {
        if (! $this->has($name)) {
            return $this->absent($name, null);
        }

        return (bool) $this->checked(Field::flag($name));
    }

    public function object(string $name): self
    {
        return self::of($this->value($name), $this->pathTo($name));
    }

    public function objectOr(string $name): ?self
    {
        return $this->has($name) ? $this->object($name) : $this->absent($name, null);
    }

    /**
     * @return list<mixed>
     *
     * @throws BadField If missing, no list, or shorter or longer than allowed.
     */
    public function list(string $name, int $least, int $most): array
    {
        $value = $this->value($name);
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->bad($name, 'must be a JSON array');
        }
        if (count($value) < $least || count($value) > $most) {
            throw $this->bad($name, sprintf('must have %d to %d entries', $least, $most));
        }

        return $value;
    }

    /** @return list<self> */
    public function objects(string $name, int $least, int $most): array
    {
        $objects = [];
        foreach ($this->list($name, $least, $most) as $i => $entry) {
            $objects[] = self::of($entry, $this->pathTo("{$name}[{$i}]"));
        }

        return $objects;
    }

    /** @return list<self> none where the field is absent */
    public function objectsOr(string $name, int $most): array
    {
        return $this->has($name) ? $this->objects($name, 0, $most) : $this->absent($name, []);
    }

    /**
     * @return list<string>|null null where the field is absent
     *
     * @throws BadField If an entry is no text of 1 to 200 characters.
     */
    public function textsOr(string $name, int $most): ?array
    {
        if (! $this->has($name)) {
            return $this->absent($name, null);
        }
        $texts = [];
        foreach ($this->list($name, 0, $most) as $i => $entry) {
            $texts[] = (string) $this->sound(Field::text("{$name}[{$i}]", self::TEXT), $entry);
        }

        return $texts;
    }

    /**
     * @return list<float>
     *
     * @throws BadField If an entry is no finite number within the bounds.
     */
    public function numbersOr(string $name, int $most, float $from, float $to): array
    {
        return $this->has($name) ? $this->numbers($name, 0, $most, $from, $to) : $this->absent($name, []);
    }

    /**
     * @return list<float>
     *
     * @throws BadField If an entry is no finite number within the bounds.
     */
    public function numbers(string $name, int $least, int $most, float $from, float $to): array
    {
        $numbers = [];
        foreach ($this->list($name, $least, $most) as $i => $entry) {
            $numbers[] = (float) $this->sound(Field::number("{$name}[{$i}]", $from, $to), $entry);
        }

        return $numbers;
    }

    /** @throws BadField If a field is left that nothing asked for. */
    public function close(): void
    {
        foreach ($this->names() as $name) {
            if (! isset($this->asked[$name])) {
                throw $this->bad($name, 'is no field here; known are '.implode(', ', array_keys($this->asked)));
            }
        }
    }

    public function bad(string $name, string $message): BadField
    {
        return new BadField($this->pathTo($name), $message);
    }

    /** @throws BadField If it is missing, or not what is declared. */
    private function checked(Field $field): string|int|float|bool
    {
        return $this->sound($field, $this->value($field->name));
    }

    private function sound(Field $field, mixed $value): string|int|float|bool
    {
        $fault = $field->fault($value);

        return $fault === null && is_scalar($value) ? $value : throw $this->bad($field->name, $fault ?? 'must be one value');
    }

    private function value(string $name): mixed
    {
        $this->asked[$name] = true;
        if (! array_key_exists($name, $this->values)) {
            throw $this->bad($name, 'is missing');
        }

        return $this->values[$name];
    }

    /**
     * @template T
     *
     * @param T $else
     *
     * @return T
     */
    private function absent(string $name, mixed $else): mixed
    {
        $this->asked[$name] = true;

        return $else;
    }

    private function pathTo(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }
}
