<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** The shop's numbers as they stood until a moment: what was done before it keeps them. */
final readonly class ShopNumbers
{
    /**
     * @param float                    $untilMin       minutes; others stand from then on
     * @param float                    $cupLossG       stayed in cup and brush, a coat
     * @param float                    $scaleStepG     what the scale could tell apart
     * @param float                    $partScaleStepG what the scale for whole parts could tell apart
     * @param array<string, list<int>> $papersBy       P numbers on the shelf by the way that they are driven; empty for today's
     */
    public function __construct(
        public float $untilMin,
        public float $cupLossG,
        public float $scaleStepG,
        public float $partScaleStepG,
        public array $papersBy = [],
    ) {
    }
}
