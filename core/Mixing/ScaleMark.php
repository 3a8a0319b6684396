<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/**
 * The mark that a jar is poured to, as a scale can hit it. Right is from half a step under the mark to one step over it, or
 * to half a percent over where that is more: a quarter of what the ratio bears. Slow is its last tenth, at least 2 g
 * (planning value): what falls within the second that a scale needs to follow.
 */
final readonly class ScaleMark
{
    private const OVER = 0.25 * Batch::TOLERANCE;

    private const SLOW = 0.1;

    private const SLOW_G = 2.0;

    /**
     * @param float $grams to pour, 0 to 20 000
     * @param float $stepG what the scale can tell apart, over 0 to 10
     *
     * @throws \OakGloss\Quantity\OutOfRange If it is none.
     */
    public function __construct(public float $grams, public float $stepG)
    {
        Bounds::within($grams, 0.0, 20000.0, 'a mark', 'g');
        Bounds::within($stepG, 0.001, 10.0, 'a scale\'s step', 'g');
    }

    public function slowFromG(): float
    {
        return max(0.0, $this->grams - max(self::SLOW_G, self::SLOW * $this->grams));
    }

    public function overFromG(): float
    {
        return $this->grams + max($this->stepG, self::OVER * $this->grams);
    }

    public function isRight(float $grams): bool
    {
        return $grams >= $this->grams - 0.501 * $this->stepG && ! $this->isOver($grams);
    }

    public function isOver(float $grams): bool
    {
        return $grams > $this->overFromG() + 1e-9;
    }
}
