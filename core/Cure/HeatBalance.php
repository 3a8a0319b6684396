<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/**
 * A reacting mass of one temperature (Kamal & Sourour 1973 with a lumped heat balance):
 * dα/dt = e^(lnA − E/RT)(k0 + α^m)(1 − α)^n, m = 1, n = 2; dT/dt = heats·dα/dt − cools·(T − Tair). Integrated by the
 * method of Rosenbrock with the coefficients of Shampine (Kaps & Rentrop 1979; Shampine 1982), to 0.01 K a step: a thin
 * layer that follows the air within a second takes no more steps than a full cup. What lies between by Hermite's cubic.
 */
final readonly class HeatBalance
{
    private const TOLERANCE_K = 0.01;
    private const TOLERANCE_ALPHA = 1e-5;

    /** No step is longer than this, or than so small a share of the time that is followed. */
    private const LONGEST_STEP_S = 600.0;
    private const LONGEST_SHARE = 0.002;
    private const SHORTEST_STEP_S = 1e-9;

    /** A balance that needs more is none of a cup; what was reached by then stands. */
    private const MOST_STEPS = 20000;

    /**
     * @param float $logRate ln A, 1/s
     * @param float $energyK E/R, K
     * @param float $heats   K that all of the reaction would warm it by without loss
     * @param float $cools   1/s
     */
    public function __construct(private float $logRate, private float $energyK, private float $heats, private float $cools)
    {
    }

    /**
     * @param float $gel     the share reacted whose moment is wanted
     * @param bool  $gelOnly ends there
     *
     * @return array{gelS: float|null, peakK: float, peakAtS: float, curve: list<array{float, float}>} curve in s and K
     */
    public function run(float $startK, float $airK, float $untilS, float $gel, bool $gelOnly = false): array
    {
        [$t, $h, $alpha, $warm, $steps] = [0.0, 1.0, 0.0, $startK, 0];
        [$gelAt, $peak, $peakAt, $curve] = [null, $startK, 0.0, [[0.0, $startK]]];
        $first = $this->slopes($alpha, $warm, $airK);
        while ($t < $untilS) {
            $h = min($h, $untilS - $t, max(self::LONGEST_STEP_S, self::LONGEST_SHARE * $untilS));
            if (++$steps > self::MOST_STEPS) {
                break;
            }
            [$nextAlpha, $nextWarm, $last, $error] = $this->step($alpha, $warm, $airK, $h, $first);
            if ($error > 1.0 && $h > self::SHORTEST_STEP_S) {
                $h *= max(0.2, 0.9 * $error ** -0.25);
                continue;
            }
            if ($gelAt === null && $nextAlpha >= $gel) {
                $gelAt = $t + $h * self::crossing($alpha, $nextAlpha, $h * $first[0], $h * $last[0], $gel);
                if ($gelOnly) {
                    break;
                }
            }
            if ($first[1] > 0.0 && $last[1] <= 0.0) {
                $share = $first[1] / ($first[1] - $last[1]);
                $top = self::hermite($warm, $nextWarm, $h * $first[1], $h * $last[1], $share);
                [$peak, $peakAt] = $top > $peak ? [$top, $t + $share * $h] : [$peak, $peakAt];
            }
            [$t, $alpha, $warm, $first] = [$t + $h, $nextAlpha, $nextWarm, $last];
            [$peak, $peakAt] = $warm > $peak ? [$warm, $t] : [$peak, $peakAt];
            $curve[] = [$t, $warm];
            if ($gelAt !== null && $alpha > 0.9 && $warm - $airK < 0.5 * ($peak - $airK)) {
                break;
            }
            $h *= max(0.2, min(5.0, 0.9 * max(1e-4, $error) ** -0.25));
        }

        return ['gelS' => $gelAt, 'peakK' => $peak, 'peakAtS' => $peakAt, 'curve' => $curve];
    }

    /** @return array{float, float} of α and T, 1/s and K/s */
    private function slopes(float $alpha, float $warm, float $air): array
    {
        $alpha = max(0.0, min(1.0, $alpha));
        $rate = exp($this->logRate - $this->energyK / max(1.0, $warm)) * (CupHeat::SEED + $alpha) * (1.0 - $alpha) ** 2;

        return [$rate, $this->heats * $rate - $this->cools * ($warm - $air)];
    }

    /**
     * @param array{float, float} $first slopes at the beginning
     *
     * @return array{float, float, array{float, float}, float} α, T, slopes at the end, error over tolerance
     */
    private function step(float $alpha, float $warm, float $air, float $h, array $first): array
    {
        // The Jacobian of the slopes, and (I/γh − J)⁻¹ with γ = ½.
        $a = max(0.0, min(1.0, $alpha));
        $arrhenius = exp($this->logRate - $this->energyK / $warm);
        $byAlpha = $arrhenius * ((1.0 - $a) ** 2 - 2.0 * (CupHeat::SEED + $a) * (1.0 - $a));
        $byWarm = $first[0] * $this->energyK / $warm ** 2;
        $d = 2.0 / $h;
        [$m11, $m12, $m21, $m22] = [$d - $byAlpha, -$byWarm, -$this->heats * $byAlpha, $d - $this->heats * $byWarm + $this->cools];
        $det = $m11 * $m22 - $m12 * $m21;
        if (abs($det) < 1e-300) {
            return [$alpha, $warm, $first, INF];
        }
        $solve = fn (float $x, float $y): array => [($m22 * $x - $m12 * $y) / $det, ($m11 * $y - $m21 * $x) / $det];

        [$a1, $w1] = $solve($first[0], $first[1]);
        [$fa, $fw] = $this->slopes($alpha + 2.0 * $a1, $warm + 2.0 * $w1, $air);
        [$a2, $w2] = $solve($fa - 8.0 * $a1 / $h, $fw - 8.0 * $w1 / $h);
        [$fa, $fw] = $this->slopes($alpha + 1.92 * $a1 + 0.24 * $a2, $warm + 1.92 * $w1 + 0.24 * $w2, $air);
        [$a3, $w3] = $solve($fa + (14.88 * $a1 + 2.4 * $a2) / $h, $fw + (14.88 * $w1 + 2.4 * $w2) / $h);
        [$a4, $w4] = $solve($fa - (0.896 * $a1 + 0.432 * $a2 + 0.4 * $a3) / $h, $fw - (0.896 * $w1 + 0.432 * $w2 + 0.4 * $w3) / $h);

        $nextAlpha = min(1.0, $alpha + 19 / 9 * $a1 + 0.5 * $a2 + 25 / 108 * $a3 + 125 / 108 * $a4);
        $nextWarm = $warm + 19 / 9 * $w1 + 0.5 * $w2 + 25 / 108 * $w3 + 125 / 108 * $w4;
        if (! is_finite($nextWarm) || $nextWarm < 1.0) {
            return [$alpha, $warm, $first, INF];
        }
        $error = max(
            abs(17 / 54 * $a1 + 7 / 36 * $a2 + 125 / 108 * $a4) / self::TOLERANCE_ALPHA,
            abs(17 / 54 * $w1 + 7 / 36 * $w2 + 125 / 108 * $w4) / self::TOLERANCE_K,
        );

        return [$nextAlpha, $nextWarm, $this->slopes($nextAlpha, $nextWarm, $air), $error];
    }

    private static function hermite(float $from, float $to, float $slopeFrom, float $slopeTo, float $x): float
    {
        return (1.0 + 2.0 * $x) * (1.0 - $x) ** 2 * $from
            + $x ** 2 * (3.0 - 2.0 * $x) * $to
            + $x * (1.0 - $x) ** 2 * $slopeFrom
            - $x ** 2 * (1.0 - $x) * $slopeTo;
    }

    private static function crossing(float $from, float $to, float $slopeFrom, float $slopeTo, float $value): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 40; $i++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = self::hermite($from, $to, $slopeFrom, $slopeTo, $middle) < $value ? [$middle, $high] : [$low, $middle];
        }

        return $high;
    }
}
