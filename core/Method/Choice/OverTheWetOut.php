<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What goes over the wet-out, and when.
 *
 * @extends Choice<AfterWetOut>
 */
final class OverTheWetOut extends Choice
{
    public const USUAL = AfterWetOut::CureThenKey;

    public const SETTLED_BY = [Role::Insurance, Role::Nibs, Role::Build];

    public const IS_SAID = true;

    public static function field(): Field
    {
        return Field::choice('after_wet_out', AfterWetOut::class);
    }
}
