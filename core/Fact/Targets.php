<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** A fact about another fact. */
interface Targets
{
    /** The number of the other. */
    public function target(): int;
}
