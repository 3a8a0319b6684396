<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\HardTop;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What closes a polyester to the air.
 *
 * @extends Choice<HardTop>
 */
final class HardTopWay extends Choice
{
    public const USUAL = HardTop::Wax;

    public const SETTLED_BY = [Role::HardTop];

    public static function field(): Field
    {
        return Field::choice('hard_top', HardTop::class);
    }
}
