<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Plies of a mould.
 *
 * @extends Choice<int>
 */
final class MouldPlies extends Choice
{
    public const USUAL = 8;

    public const SETTLED_BY = [Role::Lift];

    public const MOST = 40;

    public static function field(): Field
    {
        return Field::whole('mould_plies', 1, self::MOST);
    }

    public static function offers(Situation $now): array
    {
        $n = $now->choices->of(self::class);

        return range(max(1, $n - 2), min(self::MOST, $n + 2), 2);
    }
}
