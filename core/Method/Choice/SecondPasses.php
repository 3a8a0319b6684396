<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Coats of their own for the zones that are thinnest, flanks and rims mostly.
 *
 * @extends Choice<int>
 */
final class SecondPasses extends Choice
{
    public const USUAL = 0;

    public const SETTLED_BY = [Role::ResinFlat];

    public const IS_IN_BRIEF = false;

    public static function field(): Field
    {
        return Field::whole('second_passes', 0, 3);
    }

    public static function offers(Situation $now): array
    {
        return $now->isUneven || $now->choices->of(self::class) > 0 ? [0, 1, 2] : [];
    }
}
