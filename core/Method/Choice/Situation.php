<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Choices;

/** What of a plan its choices are offered by. */
final readonly class Situation
{
    /**
     * @param int        $buildCoats as planned
     * @param int        $mostPlies  that the method lays
     * @param bool       $isUneven   some show faces would be done with fewer coats than others
     * @param float|null $holdsGM2   of a build coat on the weakest line of faces; null where all of it is held
     * @param int        $passes     over single zones, as planned
     * @param bool       $canTilt    its shape can lie so that its faces are equally steep
     */
    public function __construct(
        public Choices $choices,
        public int $buildCoats,
        public int $mostPlies,
        public bool $isUneven,
        public ?float $holdsGM2,
        public bool $canTilt,
        public int $passes = 0,
    ) {
    }
}
