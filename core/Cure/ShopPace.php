<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/**
 * The shop's own pace of one resin: a factor on the sheet's ages, learnt from checks. ln of the factor is normal
 * beforehand with sd 0.15; the posterior is summed on the grid −0.8, −0.798 … 0.8 of ln factor.
 */
final readonly class ShopPace
{
    /** Spread of ln factor before any check. */
    public const PRIOR_SIGMA = 0.15;

    /** Scatter of one coat, ln. */
    public const CHECK_SIGMA = 0.08;

    private function __construct(
        /** The sheet's ages times this are the shop's. */
        public float $factor,
        /** Doubt of ln factor. */
        public float $sigma,
        /** Doubt of one coat's ages, ln: takes the place of the sheet's 0.12. */
        public float $rateSigma,
    ) {
    }

    /**
     * @param list<PaceCheck> $checks
     *
     * @throws \OakGloss\Quantity\OutOfRange If a spread is not from 0.001 to 1.
     */
    public static function learnt(array $checks, float $priorSigma = self::PRIOR_SIGMA, float $checkSigma = self::CHECK_SIGMA): self
    {
        $evidence = PaceEvidence::none($priorSigma, $checkSigma);
        foreach ($checks as $check) {
            $evidence = $evidence->with($check);
        }

        return $evidence->pace();
    }

    /** From the mean and the doubt of ln factor. */
    public static function of(float $mean, float $sigma, float $checkSigma): self
    {
        return new self(exp($mean), $sigma, sqrt($sigma ** 2 + $checkSigma ** 2));
    }
}
