<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Holding;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What holds the cloth until it is wetted out.
 *
 * @extends Choice<Holding>
 */
final class HoldingWay extends Choice
{
    public const USUAL = Holding::TackyBase;

    public const SETTLED_BY = [Role::Base, Role::Adhesive, Role::Lay, Role::WetOut];

    public static function field(): Field
    {
        return Field::choice('holding', Holding::class);
    }
}
