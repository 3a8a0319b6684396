<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Held;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Whether it is a tank, and held what burns.
 *
 * @extends Choice<Held>
 */
final class HeldBefore extends Choice
{
    public const USUAL = Held::Nothing;

    public const SETTLED_BY = [Role::Purge, Role::Strip];

    public const IS_PRICED = false;

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::choice('held', Held::class);
    }
}
