<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\TackWindow;
use OakGloss\Material\Resin;
use OakGloss\Plan\PlannedStep;

/** What the window of a part's next step rests on: the coat below, its resin's sheet, its age and its pace. */
final readonly class WindowReasons
{
    /** A pace so near to 1 is the sheet's own. */
    private const SHEET_PACE = 0.001;

    private function __construct(
        public TackWindow $window,
        public PlannedStep $coat,
        public Resin $resin,
        public Kinetics $kinetics,
        public float $ageMin,
        public float $pace,
    ) {
    }

    /** Null where the step waits for no window. */
    public static function of(PlannedPart $planned): ?self
    {
        $coat = $planned->plan->step((string) $planned->next?->step->step->follow->coat);
        $window = $planned->next?->window;
        if ($coat === null || $window === null || $coat->doneAtMin === null) {
            return null;
        }
        $resin = $planned->plan->materials->resinFor($coat->step);
        $clocks = $planned->schedule->clocks;
        $age = $clocks->forecastOf($coat)->age($coat->doneAtMin, $planned->floor->nowMin);

        return new self($window, $coat, $resin, $resin->kinetics, $age, $clocks->paceOf($coat));
    }

    public function isPaced(): bool
    {
        return abs($this->pace - 1.0) > self::SHEET_PACE;
    }
}
