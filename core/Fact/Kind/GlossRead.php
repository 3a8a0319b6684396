<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** Gloss at 60° was read. */
final readonly class GlossRead extends Content
{
    public const KIND = 'gloss_read';

    /**
     * @param float  $gu gloss units
     * @param string $by meter, or hand where it was typed
     */
    public function __construct(public float $gu, public string $by)
    {
    }

    public static function fields(): array
    {
        return [Field::number('gu', 0.0, 200.0), Field::text('by', 20)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Gloss read', 'record' => 'gloss :gu GU', 'meter' => ', by the meter'];
    }

    public function isByMeter(): bool
    {
        return $this->by === 'meter';
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            ['gu' => number_format($this->gu, 1)],
        ).($this->isByMeter() ? $words->phrase($this, 'meter') : '');
    }
}
