<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** A coat is on. Where it went and how the part lay stay with it: a later change of the plan does not change what was done. */
final readonly class CoatOn extends Content
{
    public const KIND = 'coat_on';

    public const IS_ACT = true;

    /**
     * @param float|null        $grams  what the cup held; null if it was not weighed
     * @param list<string>|null $only   zones that it went over; null for all
     * @param bool|null         $tilted the part lay tilted
     * @param float|null        $mixOff hardener over what the sheet asks for, as a share of it, where the cup was no mix;
     *                                  −1 without any; null of a cup as it should be
     */
    public function __construct(
        public ?float $grams = null,
        public ?array $only = null,
        public ?bool $tilted = null,
        public ?float $mixOff = null,
    ) {
    }

    public static function fields(): array
    {
        return [
            Field::number('grams', 0.0, 100000.0)->optional()->reckoned(),
            Field::names('only')->optional()->reckoned(),
            Field::flag('tilted')->optional()->reckoned(),
            Field::number('mix_off', -1.0, 1000.0)->optional()->reckoned(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        return new self($now->inTheCupG(), $now->coatedOnly(), $now->isTilted() ? true : null, $now->mixOff());
    }

    public static function phrases(): array
    {
        return ['label' => 'Coat is on', 'record' => 'on', 'weighed' => 'on, :grams', 'off' => '; no mix: hardener :off'];
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
        $on = $this->grams === null
            ? $words->phrase($this, 'record')
            : $words->phrase($this, 'weighed', ['grams' => $words->grams($this->grams)]);

        return $this->mixOff === null ? $on : $on.$words->phrase($this, 'off', ['off' => $words->off($this->mixOff)]);
    }
}
