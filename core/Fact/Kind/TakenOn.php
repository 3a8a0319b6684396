<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** Somebody is at a step, or has given it up again: so that no colleague begins it a second time. */
final readonly class TakenOn extends Content
{
    public const KIND = 'taken_on';

    public const IS_ACT = true;

    public const IS_WORK = false;

    /** @param bool $has whoever recorded it is at it; false where they gave it up */
    public function __construct(public bool $has)
    {
    }

    public static function fields(): array
    {
        return [Field::flag('has')];
    }

    public static function phrases(): array
    {
        return ['label' => 'I\'ve got it', 'give_up' => 'Give it up', 'record' => 'taken on', 'given_up' => 'given up'];
    }

    public static function fits(StepKind $kind): bool
    {
        return true;
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, $this->has ? 'record' : 'given_up');
    }
}
