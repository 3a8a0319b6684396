<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;

/** All ways of working against one wish: which to take, which comes next, and which must not be taken. */
final readonly class Ways
{
    /**
     * @param array<string, Suits> $offered by method, the best first
     * @param array<string, Suits> $refused that begin with what lies there, and must not be taken
     */
    private function __construct(public array $offered, public array $refused)
    {
    }

    /** Of two that suit alike the one that comes first in the list of methods. */
    public static function for(Wish $wish): self
    {
        $offered = $refused = [];
        foreach (Methods::all() as $code => $method) {
            $suits = $method->suits($wish);
            if ($suits->isOffered()) {
                $offered[$code] = $suits;
            } elseif ($suits->isPlaced) {
                $refused[$code] = $suits;
            }
        }
        uasort($offered, fn (Suits $a, Suits $b): int => $b->points <=> $a->points);

        return new self($offered, $refused);
    }

    /** @return list<string> the one that is proposed and the runner-up */
    public function best(): array
    {
        return array_slice(array_keys($this->offered), 0, 2);
    }
}
