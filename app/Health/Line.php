<?php

declare(strict_types=1);

namespace App\Health;

/** One thing that has to be well, and how it is. */
final readonly class Line
{
    /**
     * @param string                          $what of lang/en/health.php
     * @param string                          $says key under health.says
     * @param array<string, string|int|float> $args of it; `at` and `since` are moments in Unix seconds
     */
    public function __construct(public string $what, public State $state, public string $says, public array $args = [])
    {
    }
}
