<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Plies of cloth.
 *
 * @extends Choice<int>
 */
final class PlyCount extends Choice
{
    public const USUAL = 1;

    public const SETTLED_BY = [Role::BaggedPly, Role::Laminate, Role::InnerPly, Role::InnerWetOut, Role::WetOut, Role::Stack, Role::Infuse];

    public const MOST = 12;

    public static function field(): Field
    {
        return Field::whole('plies', 1, self::MOST);
    }

    public static function offers(Situation $now): array
    {
        $n = $now->choices->of(self::class);

        return range(max(1, $n - 1), max(1, min($now->mostPlies, $n + 1)));
    }
}
