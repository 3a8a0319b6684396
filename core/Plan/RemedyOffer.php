<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Kind\WayOut;
use OakGloss\Inspection\Remedy;

/** One way out as it would be on this part: what it takes of the film there, whether that bears it, and how sure it is. */
final readonly class RemedyOffer
{
    /**
     * @param string|null          $why    it does not fit, in short; null where it does
     * @param array<string, float> $args   figures of that
     * @param float|null           $leftUm over the crowns at the place once it is sanded; null where nothing is sanded
     * @param float                $burn   share of the place that the sanding bares
     * @param float                $again  chance that it has to be done once more, or leaves a mark (ours)
     * @param list<int>            $papers P, coarse to fine
     */
    public function __construct(
        public Remedy $remedy,
        public WayOut $content,
        public ?string $why = null,
        public array $args = [],
        public ?float $leftUm = null,
        public float $burn = 0.0,
        public float $again = 0.0,
        public array $papers = [],
    ) {
    }

    public function fits(): bool
    {
        return $this->why === null;
    }

    /** Chance of making it worse or of doing it once more. */
    public function risk(): float
    {
        return 1.0 - (1.0 - min(1.0, $this->burn)) * (1.0 - $this->again);
    }
}
