<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Which filler clear: it lies in its slot.
 *
 * @extends Choice<null>
 */
final class FillerClearOf extends Choice
{
    public const USUAL = null;

    public const SETTLED_BY = [Role::FillerClear, Role::Clear, Role::Varnish, Role::Polish];

    public const IS_PRICED = false;
    public const IS_IN_BRIEF = false;

    public static function field(): Field
    {
        return Field::whole('filler_id', 1);
    }
}
