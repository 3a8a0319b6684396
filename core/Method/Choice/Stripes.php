<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Masked lines or stripes of colour under the clear.
 *
 * @extends Choice<int>
 */
final class Stripes extends Choice
{
    public const USUAL = 0;

    public const SETTLED_BY = [Role::MaskLine, Role::Clear, Role::Varnish, Role::Polish];

    public const IS_PRICED = false;
    public const NEEDS_TOOTH = true;

    public static function field(): Field
    {
        return Field::whole('stripes', 0, 4);
    }
}
