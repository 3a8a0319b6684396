<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** A part of a kept plan as it stands at a moment. */
final readonly class StandingPart
{
    /**
     * @param list<RunStep>         $steps  ahead, as they are now
     * @param list<PlacedStep>|null $placed where they stand, slid by less than a move; null where a rule is broken
     * @param list<PlacedStep>|null $told   the same as people are told it: lateness moves nothing until it is mended
     * @param PlacedStep|null       $inHand the first of them, where hands are at it by the plan
     * @param Breach|null           $breach why not
     */
    public function __construct(
        public array $steps,
        public Leniency $leniency,
        public ?array $placed,
        public ?array $told,
        public ?PlacedStep $inHand,
        public ?Breach $breach,
    ) {
    }
}
