<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Normal;

/** One check of a coat at a thermal age: it says between which events the coat is, not when they happened. */
final readonly class PaceCheck
{
    /** No check rules anything out wholly. */
    private const LEAST = 1e-12;

    /**
     * @param float $ageMin   thermal age of the coat, above 0
     * @param float $fromMin  age at which the state begins by the sheet; 0 for the first
     * @param float $untilMin age at which it ends by the sheet; INF for the last
     */
    private function __construct(private float $ageMin, private float $fromMin, private float $untilMin)
    {
    }

    /**
     * A touch: wet, taking a print, or hard.
     *
     * @throws \OakGloss\Quantity\OutOfRange If an age is not above 0 or the window closes before it opens.
     */
    public static function ofTack(Touch $touch, float $ageMin, float $tackFromMin, float $tackUntilMin): self
    {
        self::age($tackFromMin);
        Bounds::within($tackUntilMin, $tackFromMin, 1e6, 'age at which it stops bonding', 'min');

        return match ($touch) {
            Touch::TooWet => new self(self::age($ageMin), 0.0, $tackFromMin),
            Touch::Print, Touch::Dents => new self(self::age($ageMin), $tackFromMin, $tackUntilMin),
            Touch::Hard => new self(self::age($ageMin), $tackUntilMin, INF),
        };
    }

    /**
     * A trial with paper: it dusts, or it clogs.
     *
     * @throws \OakGloss\Quantity\OutOfRange If an age is not above 0.
     */
    public static function ofSanding(bool $dusts, float $ageMin, float $sandableMin): self
    {
        return $dusts
            ? new self(self::age($ageMin), self::age($sandableMin), INF)
            : new self(self::age($ageMin), 0.0, self::age($sandableMin));
    }

    /** Likelihood of what was seen if the resin's ages are e^(lnFactor) times the sheet's and one coat scatters by $scatter. */
    public function likelihood(float $lnFactor, float $scatter): float
    {
        $passed = fn (float $threshold): float => match ($threshold) {
            0.0 => 1.0,
            INF => 0.0,
            default => Normal::below((log($this->ageMin / $threshold) - $lnFactor) / $scatter),
        };

        return max(self::LEAST, $passed($this->fromMin) - $passed($this->untilMin));
    }

    private static function age(float $minutes): float
    {
        return Bounds::within($minutes, 1e-6, 1e6, 'thermal age', 'min');
    }
}
