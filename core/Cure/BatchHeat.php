<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** What a batch does in its cup. Minutes and °C. */
final readonly class BatchHeat
{
    /**
     * @param float|null                $potLifeMin     null where it does not gel within 20 hours
     * @param float                     $peakInsulatedC the same left on wood or foam, which takes no heat
     * @param list<array{float, float}> $curve
     */
    public function __construct(
        public ?float $potLifeMin,
        public float $peakC,
        public float $peakAtMin,
        public float $peakInsulatedC,
        public array $curve,
    ) {
    }

    public function isHot(): bool
    {
        return $this->peakC > CupHeat::WARM_C;
    }

    public function isDangerous(): bool
    {
        return $this->peakC > CupHeat::DANGER_C;
    }

    /** Harmless on a bench that takes its heat, dangerous on one that does not. */
    public function wantsABench(): bool
    {
        return ! $this->isDangerous() && $this->peakInsulatedC > CupHeat::DANGER_C;
    }
}
