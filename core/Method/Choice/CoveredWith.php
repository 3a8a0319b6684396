<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Covering;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What is on the part as it comes: it decides how long the strip takes.
 *
 * @extends Choice<Covering>
 */
final class CoveredWith extends Choice
{
    public const USUAL = Covering::Remains;

    public const SETTLED_BY = [Role::Strip];

    public const IS_PRICED = false;

    public static function field(): Field
    {
        return Field::choice('covering', Covering::class);
    }
}
