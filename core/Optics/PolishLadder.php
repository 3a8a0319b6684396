<?php

declare(strict_types=1);

namespace OakGloss\Optics;

use OakGloss\Quantity\Bounds;

/** From the last paper to gloss: each compound takes 1.25 times the scratch before it and leaves Rz = 8·rms of its own. */
final readonly class PolishLadder
{
    private const OVERCUT = 1.25;

    /** @param non-empty-list<array{compound: Compound, cutUm: float, leftUm: float, minutes: float, gloss: GlossExpected}> $steps */
    private function __construct(public float $fromUm, public array $steps)
    {
    }

    /**
     * @param float $scratchUm Rz of the last paper, 0 to 50 µm
     *
     * @throws \OakGloss\Quantity\OutOfRange If the scratch is out of range.
     */
    public static function from(float $scratchUm, float $areaM2, Compound $to = Compound::Finish): self
    {
        $before = Bounds::within($scratchUm, 0.0, 50.0, 'scratch', 'µm');
        $rms = $before / GlossAt60::RZ_OVER_RMS;
        $steps = [];
        foreach (Compound::cases() as $compound) {
            $cut = self::OVERCUT * $before;
            // What a compound can't reach stays under its own finish.
            $kept = max(0.0, $before - $compound->takesScratchUm());
            $rms = max($compound->rmsUm(), $kept / GlossAt60::RZ_OVER_RMS);
            $left = GlossAt60::RZ_OVER_RMS * $rms;
            $steps[] = [
                'compound' => $compound,
                'cutUm' => $cut,
                'leftUm' => $left,
                'minutes' => $areaM2 * $cut / $compound->speed(),
                'gloss' => GlossExpected::ofRms($rms),
            ];
            $before = $left;
            if ($compound === $to) {
                break;
            }
        }

        return new self($scratchUm, $steps);
    }

    public function totalCutUm(): float
    {
        return array_sum(array_column($this->steps, 'cutUm'));
    }

    public function minutes(): float
    {
        return array_sum(array_column($this->steps, 'minutes'));
    }

    public function gloss(): GlossExpected
    {
        return $this->steps[count($this->steps) - 1]['gloss'];
    }
}
