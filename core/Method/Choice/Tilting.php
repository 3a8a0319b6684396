<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * The part lies so that its faces are equally steep while they flow.
 *
 * @extends Choice<bool>
 */
final class Tilting extends Choice
{
    public const USUAL = false;

    public const SETTLED_BY = [Role::LastFlat];

    public const IS_IN_BRIEF = false;
    public const IS_OF_A_COAT = true;

    public static function field(): Field
    {
        return Field::flag('tilted');
    }

    public static function offers(Situation $now): array
    {
        return $now->canTilt ? [false, true] : [];
    }
}
