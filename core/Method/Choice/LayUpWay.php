<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\LayUp;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * How resin comes into the plies of a moulding.
 *
 * @extends Choice<LayUp>
 */
final class LayUpWay extends Choice
{
    public const USUAL = LayUp::Hand;

    public const SETTLED_BY = [Role::Laminate, Role::InnerPly, Role::Stack, Role::Infuse];

    public static function field(): Field
    {
        return Field::choice('lay_up', LayUp::class);
    }
}
