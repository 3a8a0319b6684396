<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Quantity\Field;

/**
 * What somebody else does, who has the tool or the licence for it.
 *
 * @extends Choice<SentOutWork>
 */
final class SentOut extends Choice
{
    public const USUAL = SentOutWork::Nothing;

    public const SETTLED_BY = [Role::SendOut, Role::Clear, Role::Varnish, Role::Inspect];

    public const IS_RARE = true;

    public static function field(): Field
    {
        return Field::choice('sent_out', SentOutWork::class);
    }
}
