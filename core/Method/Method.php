<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** A way of cladding a part. */
interface Method
{
    /** @return non-empty-list<Step> in the order of the work */
    public function steps(Job $job): array;
}
