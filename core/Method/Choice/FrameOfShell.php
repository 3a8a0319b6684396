<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Method\ShellFrame;
use OakGloss\Quantity\Field;

/**
 * Which frame takes a lifted shell.
 *
 * @extends Choice<ShellFrame>
 */
final class FrameOfShell extends Choice
{
    public const USUAL = ShellFrame::Spare;

    public const SETTLED_BY = [Role::Bond];

    public static function field(): Field
    {
        return Field::choice('frame', ShellFrame::class);
    }
}
