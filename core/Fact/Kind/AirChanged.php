<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Climate\ClimateChange;
use OakGloss\Climate\ClimateKind;
use OakGloss\Fact\ChangesAir;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** The part is put into another air for a while. */
final readonly class AirChanged extends Content implements ChangesAir
{
    public const KIND = 'warmed';

    public const IS_DECISION = true;

    /**
     * @param float $from  minute
     * @param float $until minute
     * @param float $c     °C
     */
    public function __construct(public ClimateKind $kind, public float $from, public float $until, public float $c)
    {
    }

    public static function fields(): array
    {
        return [Field::choice('kind', ClimateKind::class), Field::number('from'), Field::number('until'), Field::number('c', -5.0, 130.0)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Other air', 'record' => ':climate at :c °C, :between'];
    }

    public function record(Words $words): string
    {
        return $words->phrase(
            $this,
            'record',
            [
                'climate' => lcfirst($words->word('climate', $this->kind->value)),
                'c' => (string) round($this->c, 1),
                'between' => $words->between($this->from, $this->until),
            ],
        );
    }

    public function change(): ClimateChange
    {
        return new ClimateChange($this->kind, $this->from, $this->until, $this->c);
    }
}
