<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/**
 * What a fact says happened. One class for each kind: what it holds and what that may be (`fields`), its words
 * (`phrases`, `details`, `record`), and what it does: `fits` and `completes` a step of the plan, and as ReadsFilm,
 * ChecksCoat or ChangesAir it reaches film, pace and air. Each field fills the constructor's parameter of its name.
 */
abstract readonly class Content
{
    /** @var string the name of the kind in the table of facts */
    public const KIND = '';

    /** It is pressed at the bench as it happens. */
    public const IS_ACT = false;

    /** It is offered beside the act that a step is done with. */
    public const IS_BESIDES = false;

    /** Work on the part; without it a part is not begun. */
    public const IS_WORK = true;

    /** It changes what is planned, not what was done. */
    public const IS_DECISION = false;

    /** @return list<Field> */
    public static function fields(): array
    {
        return [];
    }

    /**
     * English, by name: `label` on its button, what `record` and `details` need, what `refused` is said with.
     *
     * @return array<string, string>
     */
    abstract public static function phrases(): array;

    /**
     * As a row has it. What a kind does not hold is passed over.
     *
     * @param array<string, mixed> $data
     *
     * @throws \UnexpectedValueException If something is missing without which it says nothing.
     */
    final public static function read(array $data): static
    {
        $values = [];
        foreach (static::fields() as $field) {
            $value = $field->read($data[$field->name] ?? null);
            if ($value === null && $field->isRequired) {
                throw new \UnexpectedValueException(sprintf('%s is kept without %s', static::KIND, $field->name));
            }
            $values[$field->parameter()] = $value;
        }

        return (new \ReflectionClass(static::class))->newInstanceArgs($values);
    }

    /**
     * As it is recorded now: what was typed, with what the bench reckons of it.
     *
     * @param array<string, mixed> $typed checked against the fields
     *
     * @throws Refused If it makes no sense on this part.
     */
    public static function typed(array $typed, Situation $now): static
    {
        return static::read($typed);
    }

    /** @return array<string, string|int|float> as it is kept */
    final public function data(): array
    {
        $data = [];
        foreach (static::fields() as $field) {
            $kept = $field->keep($this->{$field->parameter()});
            if ($kept !== null) {
                $data[$field->name] = $kept;
            }
        }

        return $data;
    }

    /** Whether it may be recorded of a step of this kind. */
    public static function fits(StepKind $kind): bool
    {
        return false;
    }

    /** Whether a step of this kind is done with it. */
    public static function completes(StepKind $kind): bool
    {
        return false;
    }

    /** Whether a step of this kind is done with what this very fact says. */
    public function ends(StepKind $kind): bool
    {
        return static::completes($kind);
    }

    /**
     * What stands behind its label in short: `P240`, `matt`.
     *
     * @return list<string>
     */
    public function details(Words $words): array
    {
        return [];
    }

    /** Its line in the record. */
    public function record(Words $words): string
    {
        return lcfirst($words->phrase($this, 'label'));
    }
}
