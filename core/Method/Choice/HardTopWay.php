<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Field\Field;
use OakGloss\Method\HardTop;
use OakGloss\Method\Role;

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
