<?php

declare(strict_types=1);

namespace OakGloss\Plan;

/** Something that happened, as it was recorded. Time in minutes. */
final readonly class Fact
{
    /** @param array<string, string|int|float> $data such as grams, component, grit, touch, target */
    public function __construct(
        public int $id,
        public FactKind $kind,
        public string $step,
        public float $atMin,
        public ?float $airC = null,
        public array $data = [],
    ) {
    }

    public function isBefore(self $other): bool
    {
        return [$this->atMin, $this->id] < [$other->atMin, $other->id];
    }

    public function number(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @return list<string> written with bars between them; none where nothing was written */
    public function words(string $name): array
    {
        return $this->word($name) === '' ? [] : explode('|', $this->word($name));
    }

    public function word(string $name): string
    {
        return (string) ($this->data[$name] ?? '');
    }
}
