<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How many build coats a method plans: never fewer than the least, so many more at a time, until it is settled. */
final readonly class CoatCount
{
    /**
     * @param int  $atOnce    coats that are added together; 0 where the film decides nothing
     * @param Role $settledBy the sanding with whose first pass the number stands
     * @param Role $coat      that is counted
     */
    public function __construct(public int $least, public int $atOnce, public Role $settledBy, public Role $coat = Role::Build)
    {
    }
}
