<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Method\StepKind;

/** A step without a name of its own was done. */
final readonly class Done extends Content
{
    public const KIND = 'done';

    public const IS_ACT = true;

    public static function phrases(): array
    {
        return ['label' => 'Done'];
    }

    public static function fits(StepKind $kind): bool
    {
        return self::completes($kind);
    }

    public static function completes(StepKind $kind): bool
    {
        return ! $kind->isSanding() && ! in_array($kind, [StepKind::Coat, StepKind::Wipe, StepKind::LeakCheck], true);
    }
}
