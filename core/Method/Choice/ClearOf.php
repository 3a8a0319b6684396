<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Which clear: it lies in its slot.
 *
 * @extends Choice<null>
 */
final class ClearOf extends Choice
{
    public const USUAL = null;

    public const SETTLED_BY = [Role::MaskLine, Role::Clear, Role::Varnish, Role::Polish];

    public const IS_PRICED = false;
    public const IS_IN_BRIEF = false;
    public const NEEDS_TOOTH = true;

    public static function field(): Field
    {
        return Field::whole('clear_id', 1);
    }
}
