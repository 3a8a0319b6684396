<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** A choice of the plan was changed; its step is the name of the choice. */
final readonly class Chosen extends Content
{
    public const KIND = 'chosen';

    public const IS_WORK = false;

    public const IS_DECISION = true;

    public function __construct(public ?string $from, public ?string $to)
    {
    }

    public static function fields(): array
    {
        return [Field::text('from', 200)->optional(), Field::text('to', 200)->optional()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Choice changed', 'record' => ':from → :to'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['from' => (string) $this->from, 'to' => (string) $this->to]);
    }
}
