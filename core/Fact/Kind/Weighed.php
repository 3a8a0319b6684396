<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;
use OakGloss\Fact\Words;

/** Grams of one component went into the cup. */
final readonly class Weighed extends Content
{
    public const KIND = 'weighed';

    public function __construct(public string $component, public float $grams)
    {
    }

    public static function entries(): array
    {
        return [Entry::text('component', 20), Entry::number('grams', 0.0, 100000.0)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Weighed', 'record' => ':grams :component'];
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            ['grams' => $words->grams($this->grams), 'component' => $words->word('component', $this->component)],
        );
    }
}
