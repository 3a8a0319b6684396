<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** A resin coat as it went on: weight, where, how it was spread and turned, and the warmth it flowed at. */
final readonly class Coat
{
    /** Share of the texture that a 90 µm film takes away (ours). */
    public const BRUSHED = 0.45;
    public const POURED = 0.60;
    /** More than this on one square metre is a spill, g/m². */
    public const HEAVIEST_GM2 = 3000.0;

    /**
     * @param float             $gM2      0 to 3 000 g/m²
     * @param float             $fillAt90 0 to 0.99
     * @param list<string>|null $only     faces that it went on alone; null for all
     * @param list<float>       $turns    shares of the flow at which the part was turned over, rising, between 0 and 1
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $gM2,
        public Temperature $at,
        public float $fillAt90 = self::BRUSHED,
        public ?array $only = null,
        public array $turns = [],
    ) {
        Bounds::within($gM2, 0.0, self::HEAVIEST_GM2, 'coat weight', 'g/m²');
        Bounds::within($fillAt90, 0.0, 0.99, 'fill at 90 µm', '');
        $before = 0.0;
        foreach ($turns as $turn) {
            $before = Bounds::within($turn, $before, 1.0, 'share of the flow at a turn', '');
        }
    }

    /** What goes on a face, g/m². */
    public function onto(Face $face): float
    {
        return $this->only === null || in_array($face->name, $this->only, true) ? $this->gM2 : 0.0;
    }
}
