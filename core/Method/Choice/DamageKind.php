<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Damage;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * How deep a damaged place goes.
 *
 * @extends Choice<Damage>
 */
final class DamageKind extends Choice
{
    public const USUAL = Damage::Chip;

    public const SETTLED_BY = [Role::Splice, Role::Build];

    public static function field(): Field
    {
        return Field::choice('damage', Damage::class);
    }
}
