<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Method\Role;

/** The flatting of the resin over the weave. What it settles stays settled from its first pass on. */
final class ResinFlatting
{
    /** Whether nothing was sanded of it, and it was not passed over. */
    public static function isAhead(FactLog $log): bool
    {
        return $log->ofRole(Role::ResinFlat, Sanded::class, Skipped::class) === [];
    }
}
