<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Targets;
use OakGloss\Quantity\Field;

/** An earlier fact was a mistake. */
final readonly class Struck extends Content implements Targets
{
    public const KIND = 'struck';

    public const IS_WORK = false;

    public function __construct(public int $target, public ?string $reason = null)
    {
    }

    public static function fields(): array
    {
        return [Field::whole('target'), Field::text('reason', 200)->optional()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Struck out'];
    }

    public function target(): int
    {
        return $this->target;
    }
}
