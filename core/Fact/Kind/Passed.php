<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** A zone was held against what was ordered: it passes, or it does not. */
final readonly class Passed extends Content
{
    public const KIND = 'passed';

    public const IS_WORK = false;

    public function __construct(public string $zone, public bool $passes, public string $because = '')
    {
    }

    public static function fields(): array
    {
        return [Field::text('zone', 40), Field::flag('passes'), Field::text('because', 200)->orEmpty()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Accepted', 'passes' => ':zone passes', 'fails' => ':zone does not pass', 'because' => ': :why'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, $this->passes ? 'passes' : 'fails', ['zone' => $this->zone])
            .($this->because === '' ? '' : $words->phrase($this, 'because', ['why' => $this->because]));
    }
}
