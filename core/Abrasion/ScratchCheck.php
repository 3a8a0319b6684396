<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Optics\Compound;

/** Whether a scratch suits what comes over it, and the grit that cures it where it does not. */
final readonly class ScratchCheck
{
    /** Deepest scratch that the next layer hides, Rz in µm (ours). A resin coat of 75 g/m² wets one of 12 µm. */
    private const UNDER_RESIN_UM = 12.0;
    private const UNDER_CLEAR_UM = 5.0;

    private function __construct(public float $scratchUm, public float $mostUm, public ?Grit $cure)
    {
    }

    /** @param 'resin'|'clear'|'polish'|'paper' $next */
    public static function of(float $scratchUm, string $next, SandingMethod $driven): self
    {
        $most = match ($next) {
            'resin' => self::UNDER_RESIN_UM,
            'clear' => self::UNDER_CLEAR_UM,
            // A finer paper takes any scratch.
            'paper' => INF,
            'polish' => Compound::Cut->takesScratchUm(),
        };

        return new self($scratchUm, $most, $scratchUm <= $most + 1e-9 ? null : self::coarsestWithin($most, $driven));
    }

    public function suits(): bool
    {
        return $this->cure === null;
    }

    private static function coarsestWithin(float $mostUm, SandingMethod $driven): Grit
    {
        $grits = array_map(Grit::p(...), array_keys(Grit::MEAN_GRAIN_UM));
        foreach ($grits as $grit) {
            if ($driven->scratchUm($grit) <= $mostUm + 1e-9) {
                return $grit;
            }
        }

        return $grits[count($grits) - 1];
    }
}
