<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Method\StepKind;

/** A step was wiped. */
final readonly class Wiped extends Content
{
    public const KIND = 'wiped';

    public const IS_ACT = true;

    public static function phrases(): array
    {
        return ['label' => 'Wiped'];
    }

    public static function fits(StepKind $kind): bool
    {
        return self::completes($kind);
    }

    public static function completes(StepKind $kind): bool
    {
        return $kind === StepKind::Wipe;
    }
}
