<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** What a move was answered with: what was felt or seen, and what went wrong with it. */
final readonly class Answer
{
    /**
     * @param string                      $code     of its words
     * @param array<string, float|string> $args
     * @param list<Mistake>               $mistakes
     */
    public function __construct(public Move $move, public float $fromMin, public string $code, public array $args, public array $mistakes)
    {
    }
}
