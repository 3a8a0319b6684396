<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * What is done against weave that prints through.
 *
 * @extends Choice<PrintThrough>
 */
final class AgainstPrintThrough extends Choice
{
    public const USUAL = PrintThrough::Flat;

    public const SETTLED_BY = [Role::LastFlat, Role::PostCure];

    public static function field(): Field
    {
        return Field::choice('print_through', PrintThrough::class);
    }
}
