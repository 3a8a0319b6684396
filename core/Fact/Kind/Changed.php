<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** Water or paper was changed while sanding, dust wiped off, guide coat laid. */
final readonly class Changed extends Content
{
    public const KIND = 'changed';

    public const WHAT = ['water', 'paper', 'wipe', 'guide'];

    public function __construct(public string $what)
    {
    }

    public static function fields(): array
    {
        return [Field::choice('what', self::WHAT)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Changed'];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::Flat;
    }

    public function record(Words $words): string
    {
        return $words->word('sand_change', $this->what);
    }
}
