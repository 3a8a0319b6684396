<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\TackWindow;

/** When a step that is ahead is due, in minutes, and the window it must fall into where there is one. */
final readonly class StepTime
{
    public function __construct(public float $startMin, public float $endMin, public Way $way, public ?TackWindow $window = null)
    {
    }
}
