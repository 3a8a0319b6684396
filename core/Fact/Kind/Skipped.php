<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Method\StepKind;

/** A step that this part did not need. */
final readonly class Skipped extends Content
{
    public const KIND = 'skipped';

    public const IS_ACT = true;

    private const MAY_BE = [StepKind::Prepare, StepKind::Wipe, StepKind::Key, StepKind::Turn, StepKind::PostCure];

    public static function phrases(): array
    {
        return ['label' => 'Not needed'];
    }

    public static function fits(StepKind $kind): bool
    {
        return in_array($kind, self::MAY_BE, true);
    }

    public static function completes(StepKind $kind): bool
    {
        return true;
    }
}
