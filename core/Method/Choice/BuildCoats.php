<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Build coats; null for the fewest that keep every show zone under the target.
 *
 * @extends Choice<int|null>
 */
final class BuildCoats extends Choice
{
    public const USUAL = null;

    public const SETTLED_BY = [Role::ResinFlat];

    public const LEAST = 2;
    public const MOST = 10;

    public const IS_IN_BRIEF = false;

    public static function field(): Field
    {
        return Field::whole('build_coats', self::LEAST, self::MOST)->optional();
    }

    public static function offers(Situation $now): array
    {
        return range(max(self::LEAST, $now->buildCoats - 1), min(self::MOST, $now->buildCoats + 1));
    }

    public static function standing(Situation $now): int
    {
        return $now->buildCoats;
    }
}
