<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** Who says figures and words for a fact, in the reader's language and the shop's zone. */
interface Words
{
    /** @param array<string, string|int|float> $args */
    public function phrase(Content $of, string $name, array $args = []): string;

    /** A value of a list, such as how a paper was driven. */
    public function word(string $group, ?string $value): string;

    public function grams(float $grams): string;

    /** So much over or under, as a share of what was asked for. */
    public function off(float $share): string;

    public function um(float $micrometres): string;

    /** @param float|null $minutes a moment */
    public function when(?float $minutes): string;

    public function between(?float $from, ?float $until): string;
}
