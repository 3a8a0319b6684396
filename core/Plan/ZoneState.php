<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Quantity\FilmThickness;

/** One zone's skin before and after a step. */
final readonly class ZoneState
{
    /** @param Flatting|null $flatting the cut of a flatting, null for other steps */
    public function __construct(
        public Zone $zone,
        public SkinSection $before,
        public SkinSection $after,
        public ?Flatting $flatting = null,
    ) {
    }

    /** What stays over the crowns after the flatting. */
    public function left(): FilmThickness
    {
        return $this->before->afterFlattingBy($this->flatting?->allowanceUm() ?? 0.0);
    }

    /** Share of the zone that the flatting burns through. */
    public function risk(): float
    {
        return $this->before->burnThrough($this->left());
    }

    public function isShow(): bool
    {
        return $this->zone->visibility === Visibility::Show;
    }
}
