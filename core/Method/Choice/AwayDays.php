<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Days that a part is away where a step of it is sent out.
 *
 * @extends Choice<float>
 */
final class AwayDays extends Choice
{
    public const USUAL = 7.0;

    public const SETTLED_BY = [Role::BackIn, Role::Inspect];

    public const IS_PRICED = false;

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::number('away_days', 0.5, 90.0)->called('', 'days');
    }
}
