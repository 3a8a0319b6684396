<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** A photo of a zone was read: how far the weave shows in its surface. */
final readonly class PrintRead extends Content
{
    public const KIND = 'print_read';

    public const IS_WORK = false;

    /**
     * @param float $telegraph relative amplitude of brightness at the cloth's pitch
     * @param float $doubt     of it
     * @param float $haze      relative deviation of what is finer than 1 mm
     * @param bool  $isBound   the photo had lost fine grain: haze is a lower bound
     */
    public function __construct(
        public string $zone,
        public float $telegraph,
        public float $doubt,
        public float $haze,
        public float $dotsShare,
        public bool $isBound = false,
        public ?int $photoId = null,
    ) {
    }

    public static function fields(): array
    {
        return [
            Field::text('zone', 40), Field::number('telegraph', 0.0, 10.0), Field::number('doubt', 0.0, 10.0),
            Field::number('haze', 0.0, 10.0), Field::number('dots_share', 0.0, 1.0), Field::flag('is_bound'),
            Field::whole('photo_id', 1.0)->optional(),
        ];
    }

    public static function phrases(): array
    {
        return ['label' => 'Photo read', 'record' => 'photo of :zone read, weave :weave %, haze :haze %, dots :dots %'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', [
            'zone' => $this->zone,
            'weave' => number_format(100.0 * $this->telegraph, 1),
            'haze' => number_format(100.0 * $this->haze, 1),
            'dots' => number_format(100.0 * $this->dotsShare, 2),
        ]);
    }
}
