<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** Something that can't be recorded as it was typed: the field, and the kind's phrase that says why. */
final class Refused extends \DomainException
{
    /**
     * @param class-string<Content> $kind
     * @param array<string, string> $args
     */
    public function __construct(
        public readonly string $kind,
        public readonly string $field,
        public readonly string $phrase,
        public readonly array $args = [],
    ) {
        parent::__construct($kind::phrases()[$phrase]);
    }
}
