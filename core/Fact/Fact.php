<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Method\StepRef;

/**
 * Something that happened at a step, as it was recorded. Time in minutes.
 *
 * @template-covariant T of Content = Content
 */
final readonly class Fact
{
    /** What the step is in its method. */
    public ?StepRef $ref;

    /**
     * @param T            $content
     * @param StepRef|null $ref     null of what was recorded before steps had roles: read from its key then
     */
    public function __construct(
        public int $id,
        public string $step,
        public float $atMin,
        public ?float $airC,
        public Content $content,
        ?StepRef $ref = null,
    ) {
        $this->ref = $ref ?? StepRef::before($step);
    }

    /**
     * As a row has it.
     *
     * @param array<string, mixed> $data
     *
     * @return self<Content>
     *
     * @throws \UnexpectedValueException If there is no such kind, or the row is not whole.
     */
    public static function read(
        int $id,
        string $kind,
        string $step,
        float $atMin,
        ?float $airC = null,
        array $data = [],
        ?StepRef $ref = null,
    ): self {
        return new self($id, $step, $atMin, $airC, Kinds::named($kind)::read($data), $ref);
    }

    /** @param self<Content> $other */
    public function isBefore(self $other): bool
    {
        return [$this->atMin, $this->id] < [$other->atMin, $other->id];
    }
}
