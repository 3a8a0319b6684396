<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Openings that the cloth goes over, such as of gauges and vents.
 *
 * @extends Choice<int>
 */
final class Openings extends Choice
{
    public const USUAL = 0;

    public const SETTLED_BY = [Role::OpenUp, Role::Inspect];

    public const IS_PRICED = false;

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::whole('openings', 0, 60);
    }
}
