<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;
use OakGloss\Fact\Words;

/** Grams of one component went into the cup; by the scale, its moment is when the weight came to rest. */
final readonly class Weighed extends Content
{
    public const KIND = 'weighed';

    /** @param string|null $by scale, where it was taken from there; null where it was typed */
    public function __construct(public string $component, public float $grams, public ?string $by = null)
    {
    }

    public static function entries(): array
    {
        return [
            Entry::text('component', 20),
            Entry::number('grams', 0.0, 100000.0),
            Entry::choice('by', ['scale'])->optional()->reckoned(),
        ];
    }

    public static function phrases(): array
    {
        return ['label' => 'Weighed', 'record' => ':grams :component', 'scale' => ', by the scale'];
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            ['grams' => $words->grams($this->grams), 'component' => $words->word('component', $this->component)],
        ).($this->by === null ? '' : $words->phrase($this, 'scale'));
    }
}
