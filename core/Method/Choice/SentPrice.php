<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What a step that is sent out costs, in the shop's money.
 *
 * @extends Choice<float>
 */
final class SentPrice extends Choice
{
    public const USUAL = 0.0;

    public const SETTLED_BY = [Role::BackIn, Role::Inspect];

    public const IS_PRICED = false;

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::number('sent_price', 0.0, 100000.0);
    }
}
