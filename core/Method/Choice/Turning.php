<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Each coat over the cloth is turned over at half of its flow.
 *
 * @extends Choice<bool>
 */
final class Turning extends Choice
{
    public const USUAL = false;

    public const SETTLED_BY = [Role::LastFlat];

    public const IS_IN_BRIEF = false;
    public const IS_OF_A_COAT = true;

    public static function field(): Field
    {
        return Field::flag('turned');
    }

    public static function offers(Situation $now): array
    {
        return $now->holdsGM2 !== null || $now->choices->of(self::class) ? [false, true] : [];
    }
}
