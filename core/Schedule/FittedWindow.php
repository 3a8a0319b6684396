<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\ClimateChange;
use OakGloss\Cure\TackWindow;

/** A way to make a window land where hands are free. Minutes. */
final readonly class FittedWindow
{
    /**
     * @param list<float> $starts  of the coat, by part, one after the other
     * @param float       $nextMin when the next coat goes on
     * @param float       $sureMin how much of the sure part of the window the free hands cover
     * @param float       $margin  minutes between the next coat and the nearer end of the window
     */
    public function __construct(
        public HardenerChoice $hardener,
        public array $starts,
        public float $nextMin,
        public TackWindow $window,
        public ?ClimateChange $climate,
        public float $sureMin,
        public float $margin,
    ) {
    }
}
