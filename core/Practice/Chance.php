<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** Chance by seed: the same seed and matter always give the same number, in whatever order they are asked. */
final readonly class Chance
{
    public function __construct(private int $seed)
    {
    }

    /** Even, above 0 and below 1. */
    public function even(string $matter): float
    {
        return (hexdec(substr(hash('sha256', "{$this->seed}/{$matter}"), 0, 8)) + 0.5) / 4294967296.0;
    }

    /** Normal with mean 0 and deviation 1 (Box & Muller 1958). */
    public function normal(string $matter): float
    {
        return sqrt(-2.0 * log($this->even("{$matter}/r"))) * cos(2.0 * M_PI * $this->even("{$matter}/a"));
    }
}
