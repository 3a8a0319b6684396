<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/**
 * What a shop's leftovers say of the next cup: on a log scale, with the shop's own number as prior N(ln prior, 0.5²), each
 * leftover known to 0.3 as one cup differs from the next, and weighing by how alike its size is, exp(−(ln m/mᵢ)²/(2·0.7²)).
 * By tool. The widths are ours.
 */
final readonly class CupLosses
{
    private const PRIOR_SIGMA = 0.5;
    private const CUP_SIGMA = 0.3;
    private const ALIKE = 0.7;

    /** Under this a leftover is a clean cup, and counts as so much, g. */
    private const LEAST_G = 0.2;

    /** @param list<array{atMin: float, grams: float, cupG: float, tool: Spreader}> $leftovers rising in time */
    public function __construct(private array $leftovers = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->leftovers === [];
    }

    /**
     * @param float      $priorG what the shop says, 0 to 200
     * @param float      $cupG   what the cup holds, above 0
     * @param float|null $atMin  by what was known then; null for now
     *
     * @throws \OakGloss\Quantity\OutOfRange If a weight is out of range.
     */
    public function of(float $priorG, float $cupG, Spreader $tool, ?float $atMin = null): CupLoss
    {
        Bounds::within($priorG, 0.0, 200.0, 'left in cup and brush', 'g');
        if ($this->leftovers === []) {
            return new CupLoss($priorG, self::PRIOR_SIGMA, 0);
        }
        $cupG = max(0.1, $cupG);
        $prior = log(max(self::LEAST_G, $priorG));
        [$precision, $sum, $measured] = [1.0 / self::PRIOR_SIGMA ** 2, $prior / self::PRIOR_SIGMA ** 2, 0];
        foreach ($this->leftovers as $left) {
            if ($left['tool'] === $tool && ($atMin === null || $left['atMin'] < $atMin)) {
                $alike = exp(-0.5 * (log($cupG / max(0.1, $left['cupG'])) / self::ALIKE) ** 2);
                $precision += $alike / self::CUP_SIGMA ** 2;
                $sum += $alike * log(max(self::LEAST_G, $left['grams'])) / self::CUP_SIGMA ** 2;
                $measured++;
            }
        }
        if ($measured === 0) {
            return new CupLoss($priorG, self::PRIOR_SIGMA, 0);
        }

        // A coat to come scatters too.
        return new CupLoss(exp($sum / $precision), sqrt(1.0 / $precision + self::CUP_SIGMA ** 2), $measured);
    }
}
