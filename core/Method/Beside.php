<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What an infusion fills before the part, and never gives back: flow mesh, feed lines, and what has to stay in the pot. */
final readonly class Beside
{
    /** Flow mesh holds so much, g/m² (planning value). */
    private const MESH_GM2 = 400.0;

    /** Bore of feed line and hoses, and what they run besides the part's length, m (planning values). */
    private const BORE_CM = 0.8;
    private const HOSE_M = 1.5;

    /** A pot that runs dry lets air in: so much of all that is mixed stays in it. */
    private const POT_SHARE = 0.10;

    private function __construct(public float $meshG, public float $linesG)
    {
    }

    /** @param float $lineM that the feed line runs along the part, m */
    public static function infusing(float $meshM2, float $lineM, float $densityGCm3): self
    {
        return new self(
            self::MESH_GM2 * $meshM2,
            100.0 * M_PI / 4.0 * self::BORE_CM ** 2 * ($lineM + self::HOSE_M) * $densityGCm3,
        );
    }

    /** Left in the pot, g, when the part has taken so much. */
    public function potG(float $partG): float
    {
        return self::POT_SHARE / (1.0 - self::POT_SHARE) * ($partG + $this->meshG + $this->linesG);
    }

    public function totalG(float $partG): float
    {
        return $this->meshG + $this->linesG + $this->potG($partG);
    }
}
