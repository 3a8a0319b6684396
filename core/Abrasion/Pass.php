<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Quantity\Bounds;

/** One paper over one zone, as it was sanded: how it was driven, for how long, and what was seen at its end. */
final readonly class Pass
{
    /**
     * @param float|null $minutes 0 to 600; null where nobody looked at the clock
     *
     * @throws \OakGloss\Quantity\OutOfRange If minutes are out of range.
     */
    public function __construct(
        public Grit $grit,
        public SandingMethod $driven,
        public ?float $minutes = null,
        public PassEnd $end = PassEnd::Matt,
    ) {
        Bounds::within($minutes ?? 0.0, 0.0, 600.0, 'minutes of a pass', 'min');
    }

    public function scratchUm(): float
    {
        return $this->driven->scratchUm($this->grit);
    }

    /** How deep the paper gets in its minutes on an area, µm; null without minutes. */
    public function reachUm(float $areaM2): ?float
    {
        return $this->minutes === null ? null : $this->minutes * $this->driven->speed($this->grit) / max(1e-6, $areaM2);
    }
}
