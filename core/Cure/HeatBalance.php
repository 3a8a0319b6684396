<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/**
 * A reacting mass of one temperature (Kamal & Sourour 1973 with a lumped heat balance):
 * dα/dt = e^(lnA − E/RT)(k0 + α^m)(1 − α)^n, m = 1, n = 2; dT/dt = heats·dα/dt − cools·(T − Tair). Integrated by the
 * embedded pair of Dormand & Prince 1980, to 0.01 K a step; what lies between steps by Hermite's cubic.
 */
final readonly class HeatBalance
{
    private const SEED = 0.2;
    private const TOLERANCE_K = 0.01;
    private const TOLERANCE_ALPHA = 1e-5;
    private const LONGEST_STEP_S = 600.0;
    private const STAGES = [
        [1 / 5],
        [3 / 40, 9 / 40],
        [44 / 45, -56 / 15, 32 / 9],
        [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
        [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
        [35 / 384, 0.0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
    ];
    /** The fifth order less the fourth. */
    private const ERROR = [71 / 57600, 0.0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40];

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
        [$t, $h, $alpha, $warm] = [0.0, 1.0, 0.0, $startK];
        [$gelAt, $peak, $peakAt, $curve] = [null, $startK, 0.0, [[0.0, $startK]]];
        $first = $this->slopes($alpha, $warm, $airK);
        while ($t < $untilS) {
            $h = min($h, $untilS - $t, self::LONGEST_STEP_S);
            [$nextAlpha, $nextWarm, $last, $error] = $this->step($alpha, $warm, $airK, $h, $first);
            if ($error > 1.0 && $h > 1e-3) {
                $h *= max(0.2, 0.9 * $error ** -0.2);
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
            $h *= min(5.0, 0.9 * max(1e-4, $error) ** -0.2);
        }

        return ['gelS' => $gelAt, 'peakK' => $peak, 'peakAtS' => $peakAt, 'curve' => $curve];
    }

    /** @return array{float, float} of α and T, 1/s and K/s */
    private function slopes(float $alpha, float $warm, float $air): array
    {
        $alpha = max(0.0, min(1.0, $alpha));
        $rate = exp($this->logRate - $this->energyK / $warm) * (self::SEED + $alpha) * (1.0 - $alpha) ** 2;

        return [$rate, $this->heats * $rate - $this->cools * ($warm - $air)];
    }

    /**
     * @param array{float, float} $first slopes at the beginning
     *
     * @return array{float, float, array{float, float}, float} α, T, slopes at the end, error over tolerance
     */
    private function step(float $alpha, float $warm, float $air, float $h, array $first): array
    {
        $k = [$first];
        [$a, $w] = [$alpha, $warm];
        foreach (self::STAGES as $weights) {
            [$a, $w] = [$alpha, $warm];
            foreach ($weights as $i => $weight) {
                [$da, $dw] = $k[$i] ?? $first;
                $a += $h * $weight * $da;
                $w += $h * $weight * $dw;
            }
            $k[] = $this->slopes($a, $w, $air);
        }
        [$ea, $ew] = [0.0, 0.0];
        foreach (self::ERROR as $i => $weight) {
            $ea += $h * $weight * $k[$i][0];
            $ew += $h * $weight * $k[$i][1];
        }

        return [min(1.0, $a), $w, $k[6], max(abs($ea) / self::TOLERANCE_ALPHA, abs($ew) / self::TOLERANCE_K)];
    }

    private static function hermite(float $from, float $to, float $slopeFrom, float $slopeTo, float $x): float
    {
        return (1.0 + 2.0 * $x) * (1.0 - $x) ** 2 * $from + $x ** 2 * (3.0 - 2.0 * $x) * $to + $x * (1.0 - $x) ** 2 * $slopeFrom - $x ** 2 * (1.0 - $x) * $slopeTo;
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
