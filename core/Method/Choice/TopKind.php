<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Method\Top;
use OakGloss\Quantity\Field;

/**
 * What makes the surface: a clear, or the polished resin.
 *
 * @extends Choice<Top>
 */
final class TopKind extends Choice
{
    public const USUAL = Top::Clear;

    public const SETTLED_BY = [Role::LastFlat, Role::PostCure];

    public const IS_SAID = true;

    public static function field(): Field
    {
        return Field::choice('top', Top::class);
    }
}
