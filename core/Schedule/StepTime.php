<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\CureEvent;
use OakGloss\Cure\TackWindow;

/** When a step that is ahead is due, in minutes, with the window it must fall into or the event it waits for, where there is one. */
final readonly class StepTime
{
    /** @param list<int> $people whose hands, counted in the crew */
    public function __construct(
        public float $startMin,
        public float $endMin,
        public Way $way,
        public ?TackWindow $window = null,
        public ?CureEvent $ready = null,
        public array $people = [],
    ) {
    }
}
