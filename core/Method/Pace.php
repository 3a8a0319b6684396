<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How fast hands are: planning values in minutes. */
final readonly class Pace
{
    public function __construct(
        public float $wipeMin = 3.0,
        public float $wipePerM2 = 4.0,
        public float $keyPerM2 = 45.0,
        public float $layMin = 20.0,
        public float $layPerM2 = 40.0,
        public float $innerPlyMin = 2.0,
        public float $innerPlyPerM2 = 12.5,
        public float $mixMin = 4.0,
        public float $coatPerM2 = 18.0,
        public float $trimSetMin = 5.0,
        public float $trimPerM = 8.0,
        public float $maskSetMin = 3.0,
        public float $maskPerM = 4.0,
        public float $drillPerHole = 4.0,
        public float $sprayMin = 5.0,
        public float $sprayPerM2 = 8.0,
        public float $polishPerM2 = 60.0,
        public float $smoothMin = 10.0,
        public float $smoothPerM2 = 20.0,
        public float $stripMin = 15.0,
        public float $stripPerM2 = 240.0,
    ) {
    }

    /** A form felt over, its dents and pores closed. */
    public function smoothing(float $areaM2): float
    {
        return $this->smoothMin + $this->smoothPerM2 * $areaM2;
    }

    /** A cured skin off its part, down to what is sound. */
    public function stripping(float $areaM2): float
    {
        return $this->stripMin + $this->stripPerM2 * $areaM2;
    }

    /** Edges cut, trimmed and broken to a radius, by the running metre. */
    public function trimming(float $metres): float
    {
        return $this->trimSetMin + $this->trimPerM * $metres;
    }

    /** Tape along so many running metres. */
    public function masking(float $metres): float
    {
        return $this->maskSetMin + $this->maskPerM * $metres;
    }

    public function wiping(float $areaM2): float
    {
        return $this->wipeMin + $this->wipePerM2 * $areaM2;
    }

    public function keying(float $areaM2): float
    {
        return 5.0 + $this->keyPerM2 * $areaM2;
    }

    public function laying(float $areaM2): float
    {
        return $this->layMin + $this->layPerM2 * $areaM2;
    }

    /** A ply that nobody sees, dry or wet through with what is mixed: no line to keep, no window to save. */
    public function innerPly(float $areaM2): float
    {
        return max($this->innerPlyMin, $this->innerPlyPerM2 * $areaM2);
    }

    /** What is on a part, off it, and its sharp rims rounded. */
    public function uncovering(Covering $covering, float $areaM2): float
    {
        return $covering === Covering::Nothing ? 0.0 : $covering->stripMin() + $covering->stripPerM2() * $areaM2;
    }

    public function coating(float $areaM2): float
    {
        return $this->mixMin + max(3.0, $this->coatPerM2 * $areaM2);
    }

    public function spraying(float $areaM2): float
    {
        return $this->sprayMin + $this->sprayPerM2 * $areaM2;
    }
}
