<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/**
 * Something that happened at a step, as it was recorded. Time in minutes.
 *
 * @template-covariant T of Content = Content
 */
final readonly class Fact
{
    /** @param T $content */
    public function __construct(
        public int $id,
        public string $step,
        public float $atMin,
        public ?float $airC,
        public Content $content,
    ) {
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
    public static function read(int $id, string $kind, string $step, float $atMin, ?float $airC = null, array $data = []): self
    {
        return new self($id, $step, $atMin, $airC, Kinds::named($kind)::read($data));
    }

    /** @param self<Content> $other */
    public function isBefore(self $other): bool
    {
        return [$this->atMin, $this->id] < [$other->atMin, $other->id];
    }
}
