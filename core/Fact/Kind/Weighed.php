<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** Grams of one component went into the cup; by the scale, its moment is when the weight came to rest. */
final readonly class Weighed extends Content
{
    public const KIND = 'weighed';

    /**
     * @param string|null $by   scale, where it was taken from there; null where it was typed
     * @param float|null  $cupG of this jar in the whole cup, where parts share it; null where the cup is of one part
     */
    public function __construct(public string $component, public float $grams, public ?string $by = null, public ?float $cupG = null)
    {
    }

    public static function fields(): array
    {
        return [
            Field::text('component', 20),
            Field::number('grams', 0.0, 100000.0),
            Field::choice('by', ['scale'])->optional()->reckoned(),
            Field::number('cup_g', 0.0)->optional()->reckoned(),
        ];
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Weighed',
            'record' => ':grams :component',
            'scale' => ', by the scale',
            'shared' => ', of :cup in a shared cup',
        ];
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            ['grams' => $words->grams($this->grams), 'component' => $words->word('component', $this->component)],
        ).($this->by === null ? '' : $words->phrase($this, 'scale'))
            .($this->cupG === null ? '' : $words->phrase($this, 'shared', ['cup' => $words->grams($this->cupG)]));
    }
}
