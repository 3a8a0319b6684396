<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Cure\Kinetics;
use OakGloss\Cure\PaceCheck;

/** A check of the newest coat: it sets the coat's own pace, and the shop's pace of its resin. */
interface ChecksCoat
{
    /**
     * By which factors the coat may be slower than its sheet.
     *
     * @param float $age thermal age of the coat, minutes
     *
     * @return array{float, float}
     */
    public function paceRange(float $age, Kinetics $kinetics): array;

    /** Thermal age of the coat by its sheet when it was checked, minutes; null where it was not told. */
    public function ageMin(): ?float;

    /** The row of the resin that was checked. */
    public function resinId(): ?int;

    /** What was found: the value of the check's own list. */
    public function found(): string;

    /**
     * @param array{tack_from: float, tack_until: float, sandable: float} $sheet ages by the resin's sheet, minutes
     *
     * @throws \OakGloss\Quantity\OutOfRange If an age makes no sense.
     */
    public function paceCheck(float $age, array $sheet): PaceCheck;
}
