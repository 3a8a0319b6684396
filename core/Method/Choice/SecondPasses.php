<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Choices;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Coats of their own for the zones that are thinnest, flanks and rims mostly.
 *
 * @extends Choice<int>
 */
final class SecondPasses extends Choice
{
    public const USUAL = self::AS_RIMS_NEED;

    /** Faces set the count of coats; a rim that still needs more, and can't be rounded any more, gets passes of its own. */
    public const AS_RIMS_NEED = -1;

    public const SETTLED_BY = [Role::ResinFlat];

    public const IS_IN_BRIEF = false;

    public static function field(): Field
    {
        return Field::whole('second_passes', self::AS_RIMS_NEED, 3);
    }

    /** So many were chosen; 0 where none were, or the rims decide. */
    public static function number(Choices $choices): int
    {
        return max(0, $choices->of(self::class));
    }

    public static function offers(Situation $now): array
    {
        $chosen = $now->choices->of(self::class);

        // What the rims decide brings one of these already.
        return $now->isUneven || $chosen > 0 || $now->passes > 0
            ? array_values(array_diff([self::AS_RIMS_NEED, 0, 1, 2], $chosen === self::AS_RIMS_NEED ? [$now->passes] : []))
            : [];
    }
}
