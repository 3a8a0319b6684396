<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Something the plan noticed: a stable code and its arguments; the words are chosen where it is shown. */
final readonly class Finding
{
    /**
     * @param string                          $code  dotted and stable, such as `substrate.wont_hold`
     * @param array<string, string|float|int> $args
     * @param string|null                     $field the brief's field that it is about
     */
    public function __construct(
        public Severity $severity,
        public string $code,
        public array $args = [],
        public ?string $field = null,
    ) {
    }
}
