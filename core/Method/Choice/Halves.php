<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Halves of a moulding that are joined.
 *
 * @extends Choice<int>
 */
final class Halves extends Choice
{
    public const USUAL = 1;

    public const SETTLED_BY = [Role::Join, Role::FillerClear];

    public static function field(): Field
    {
        return Field::whole('halves', 1, 2);
    }

    public static function offers(Situation $now): array
    {
        return [1, 2];
    }
}
