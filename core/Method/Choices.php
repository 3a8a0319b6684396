<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Method\Choice\Choice;
use OakGloss\Method\Choice\Listed;
use OakGloss\Quantity\Bounds;

/** What this part's finisher chose; what nobody chose is as usual. */
final readonly class Choices
{
    /** @var array<class-string<Choice<mixed>>, mixed> */
    private array $values;

    /**
     * By the names of the fields as parameters, such as `plies: 2, wetOut: WetOut::AtOnce`; null is not chosen.
     *
     * @throws \OakGloss\Quantity\OutOfRange If a number is out of its range.
     * @throws \InvalidArgumentException     If there is no such choice, or it can't be that.
     */
    public function __construct(mixed ...$chosen)
    {
        $values = [];
        foreach (Listed::fields() as $choice => [$field, $parameter]) {
            $value = $chosen[$parameter] ?? null;
            unset($chosen[$parameter]);
            if ($value !== null && ! $field->holds($value)) {
                throw new \InvalidArgumentException("{$field->name} can't be ".get_debug_type($value));
            }
            if ((is_int($value) || is_float($value)) && (float) $value !== $field->else) {
                Bounds::within((float) $value, $field->least, $field->most, str_replace('_', ' ', $field->name), '');
            }
            $values[$choice] = $value ?? $choice::USUAL;
        }
        if ($chosen !== []) {
            throw new \InvalidArgumentException('no choice is called '.implode(', ', array_keys($chosen)));
        }
        $this->values = $values;
    }

    /**
     * @template T
     *
     * @param class-string<Choice<T>> $choice
     *
     * @return T
     */
    public function of(string $choice): mixed
    {
        return $this->values[$choice];
    }

    /** The same with one or more of them made otherwise; null keeps what stands. */
    public function but(mixed ...$otherwise): self
    {
        $chosen = array_filter($otherwise, fn (mixed $v): bool => $v !== null);
        foreach (Listed::fields() as $choice => [, $parameter]) {
            $chosen += [$parameter => $this->values[$choice]];
        }

        return new self(...$chosen);
    }

    /** @return array<string, string|int|float|null> as they are kept, by field */
    public function kept(): array
    {
        $kept = [];
        foreach (Listed::fields() as $choice => [$field]) {
            $kept[$field->name] = $field->keep($this->values[$choice]);
        }

        return $kept;
    }

    /**
     * As they were kept, or come from a form.
     *
     * @param array<string, mixed> $kept by field; of what is missing stands what is usual
     *
     * @throws \OakGloss\Quantity\OutOfRange If a number is out of its range.
     * @throws \UnexpectedValueException     If one can't be read: nothing usual takes its place unsaid.
     */
    public static function read(array $kept): self
    {
        $chosen = [];
        foreach (Listed::fields() as [$field, $parameter]) {
            $chosen[$parameter] = $field->read($kept[$field->name] ?? null);
            if ($chosen[$parameter] === null && isset($kept[$field->name])) {
                throw new \UnexpectedValueException("{$field->name} can't be read");
            }
        }

        return new self(...$chosen);
    }

    /** The same where a field is what a form or an address says. */
    public function with(string $name, mixed $value): self
    {
        return self::read([$name => $value] + $this->kept());
    }
}
