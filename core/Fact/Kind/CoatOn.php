<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;

/** A coat is on. Where it went and how the part lay stay with it: a later change of the plan does not change what was done. */
final readonly class CoatOn extends Content
{
    public const KIND = 'coat_on';

    public const IS_ACT = true;

    /**
     * @param float|null        $grams  what the cup held; null if it was not weighed
     * @param list<string>|null $only   zones that it went over; null for all
     * @param bool|null         $tilted the part lay tilted
     */
    public function __construct(public ?float $grams = null, public ?array $only = null, public ?bool $tilted = null)
    {
    }

    public static function entries(): array
    {
        return [
            Entry::number('grams', 0.0, 100000.0)->optional()->reckoned(),
            Entry::names('only')->optional()->reckoned(),
            Entry::flag('tilted')->optional()->reckoned(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        return new self($now->inTheCupG(), $now->coatedOnly(), $now->isTilted() ? true : null);
    }

    public static function phrases(): array
    {
        return ['label' => 'Coat is on', 'record' => 'on', 'weighed' => 'on, :grams'];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::Coat;
    }

    public static function completes(StepKind $kind): bool
    {
        return $kind === StepKind::Coat;
    }

    public function record(Words $words): string
    {
        return $this->grams === null
            ? $words->phrase($this, 'record')
            : $words->phrase($this, 'weighed', ['grams' => $words->grams($this->grams)]);
    }
}
