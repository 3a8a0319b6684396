<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** The ready check before hardener goes in. */
final readonly class Ready extends Content
{
    public const KIND = 'ready';

    public const IS_ACT = true;

    /** @param bool|null $short only what changes since the day's first check was asked */
    public function __construct(public ?bool $short = null)
    {
    }

    public static function fields(): array
    {
        return [Field::flag('short')->optional()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Ready check'];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::Coat || $kind === StepKind::Spray;
    }
}
