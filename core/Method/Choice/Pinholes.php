<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Pinholes in a hand's breadth of a raw moulding.
 *
 * @extends Choice<int>
 */
final class Pinholes extends Choice
{
    public const USUAL = 0;

    public const SETTLED_BY = [Role::FillerClear];

    public const IS_PRICED = false;

    public static function field(): Field
    {
        return Field::whole('pinholes', 0, 500);
    }
}
