<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** One thing on record that speaks for a cause, or against it: by how much it multiplies its odds, and its figure. */
final readonly class Sign
{
    /**
     * @param string $of     name of the evidence, or `told`
     * @param float  $factor over 1 speaks for it, under 1 against
     */
    public function __construct(public string $of, public float $factor, public float $figure)
    {
    }

    public function isFor(): bool
    {
        return $this->factor > 1.0;
    }

    /** Whether it is worth a word. */
    public function speaks(): bool
    {
        return $this->factor > 1.15 || $this->factor < 1.0 / 1.15;
    }
}
