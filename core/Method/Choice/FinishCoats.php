<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Coats over the flatted build; more than two where a flatting left too little.
 *
 * @extends Choice<int>
 */
final class FinishCoats extends Choice
{
    public const USUAL = 1;

    public const SETTLED_BY = [Role::LastFlat, Role::PostCure];

    public const IS_PRICED = false;
    public const IS_SAID = true;

    public static function field(): Field
    {
        return Field::whole('finish_coats', 1, 4);
    }
}
