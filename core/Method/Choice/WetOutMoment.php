<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Method\WetOut;
use OakGloss\Quantity\Field;

/**
 * When the cloth is wetted out.
 *
 * @extends Choice<WetOut>
 */
final class WetOutMoment extends Choice
{
    public const USUAL = WetOut::OnSetBase;

    public const SETTLED_BY = [Role::WetOut];

    public const IS_SAID = true;

    public static function field(): Field
    {
        return Field::choice('wet_out', WetOut::class);
    }
}
