<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;

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

    private const GRID_HALF = 400;
    private const GRID_STEP = 0.002;

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
        Bounds::within($priorSigma, 0.001, 1.0, 'spread before any check', '');
        Bounds::within($checkSigma, 0.001, 1.0, 'scatter of one coat', '');
        $logs = [];
        for ($i = -self::GRID_HALF; $i <= self::GRID_HALF; $i++) {
            $lnFactor = self::GRID_STEP * $i;
            $log = -0.5 * ($lnFactor / $priorSigma) ** 2;
            foreach ($checks as $check) {
                $log += log($check->likelihood($lnFactor, $checkSigma));
            }
            $logs[$i] = $log;
        }
        // Against the highest, so that many checks do not underflow.
        $highest = max($logs);
        $weight = $first = $second = 0.0;
        foreach ($logs as $i => $log) {
            $w = exp($log - $highest);
            $weight += $w;
            $first += $w * self::GRID_STEP * $i;
            $second += $w * (self::GRID_STEP * $i) ** 2;
        }
        $mean = $first / $weight;
        $sigma = sqrt(max(0.0, $second / $weight - $mean ** 2));

        return new self(exp($mean), $sigma, sqrt($sigma ** 2 + $checkSigma ** 2));
    }
}
