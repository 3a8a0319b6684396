<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Their mean size across, mm.
 *
 * @extends Choice<float>
 */
final class OpeningSize extends Choice
{
    public const USUAL = 60.0;

    public const SETTLED_BY = [Role::OpenUp, Role::Inspect];

    public const IS_PRICED = false;

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::number('opening_mm', 5.0, 1500.0)->called('', 'mm');
    }
}
