<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** A cause of one defect, with what speaks for and against it. */
final readonly class Suspect
{
    /**
     * @param float      $prior of a hundred such defects
     * @param float      $odds  the prior times every sign
     * @param float      $share of the odds of all causes, 0 to 1
     * @param list<Sign> $signs
     */
    public function __construct(public Cause $cause, public float $prior, public float $odds, public float $share, public array $signs)
    {
    }

    /** @return list<Sign> */
    public function for(): array
    {
        return array_values(array_filter($this->signs, fn (Sign $s): bool => $s->speaks() && $s->isFor()));
    }

    /** @return list<Sign> */
    public function against(): array
    {
        return array_values(array_filter($this->signs, fn (Sign $s): bool => $s->speaks() && ! $s->isFor()));
    }
}
