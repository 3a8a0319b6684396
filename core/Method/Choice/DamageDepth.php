<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * How deep a damaged place is, mm; 0 where nobody measured it.
 *
 * @extends Choice<float>
 */
final class DamageDepth extends Choice
{
    public const USUAL = 0.0;

    public const SETTLED_BY = [Role::Build];

    public const IS_PRICED = false;

    public const DEEPEST_MM = 20.0;

    public static function field(): Field
    {
        return Field::number('damage_mm', 0.0, self::DEEPEST_MM)->called('', 'mm');
    }
}
