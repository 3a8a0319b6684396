<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Faces;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Faces of a sheet that come off a plate.
 *
 * @extends Choice<Faces>
 */
final class FaceCount extends Choice
{
    public const USUAL = Faces::One;

    public const SETTLED_BY = [Role::Cover, Role::Demould];

    public static function field(): Field
    {
        return Field::choice('faces', Faces::class);
    }
}
