<?php

declare(strict_types=1);

namespace App\Inspection;

use OakGloss\Plan\RemedyOffer;

/** A way out with what it costs: this part, the others, hands and grams. */
final readonly class PricedWay
{
    /**
     * @param float|null   $readyMin  null where no place is found for its steps
     * @param float        $handsMin  besides what is planned
     * @param float        $grams     of resin, besides
     * @param float        $laterMin  by which the part is ready later than now
     * @param list<string> $steps
     * @param int          $costMinor of hands, resin, cloth and cups, besides; what is lost again included
     */
    public function __construct(
        public RemedyOffer $offer,
        public ?float $readyMin,
        public float $handsMin,
        public float $grams,
        public float $laterMin,
        public float $othersLaterMin,
        public array $steps,
        public int $costMinor = 0,
    ) {
    }

    public function fits(): bool
    {
        return $this->offer->fits() && $this->readyMin !== null;
    }

    /** Why it is not offered. */
    public function why(): string
    {
        return $this->offer->why ?? 'no_room';
    }
}
