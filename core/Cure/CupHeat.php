<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * A mixed batch in its cup: it cures, heats itself, and cures the faster (Kamal & Sourour 1973 with a lumped heat
 * balance). dα/dt = A e^(−E/RT)(k0 + α)(1 − α)²; M cp dT/dt = M H dα/dt − h S (T − Tair). A is fitted so that the sheet's
 * pot life comes out for the sheet's mass and temperature in a cup of 80 mm. Planning values throughout.
 */
final readonly class CupHeat
{
    public const HEAT_J_G = 420.0;
    public const CAPACITY_J_GK = 1.9;

    /** Loss of heat in W/m²K: usual, in still air, in a draught. */
    public const LOSS = 12.0;
    public const LOSS_STILL = 8.0;
    public const LOSS_DRAUGHT = 25.0;

    /** Usable until this share has reacted. */
    public const GEL = 0.30;

    /** Of the cup that a sheet's pot life is taken to be measured in, mm. */
    public const SHEET_CUP_MM = 80.0;

    /** Warm enough to warn, and dangerous, °C. */
    public const WARM_C = 60.0;
    public const DANGER_C = 120.0;

    private const SEED = 0.2;
    private const STEP_S = 1.0;

    /** No cup is followed longer, minutes. */
    private const HORIZON_MIN = 4320.0;

    private function __construct(private float $logRate, private float $activation, private float $densityGCm3)
    {
    }

    /**
     * @param float $densityGCm3 mixed, 0.5 to 3
     * @param float $massG       of the sheet's pot life, 1 to 10 000
     * @param float $minutes     the sheet's pot life, 0.5 to 10 000
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public static function fitted(Activation $activation, float $densityGCm3, float $massG, Temperature $at, float $minutes): self
    {
        Bounds::within($densityGCm3, 0.5, 3.0, 'density', 'g/cm³');
        Bounds::within($massG, 1.0, 10000.0, 'mass of the pot life', 'g');
        Bounds::within($minutes, 0.5, 10000.0, 'pot life', 'min');
        $energy = $activation->joulePerMol / Activation::GAS_CONSTANT;
        // Without any heat of its own (1 − α)² and k0 + α take about this long; its own heat makes it faster.
        $guess = log(1.0 / (60.0 * $minutes)) + $energy / $at->inKelvin();
        [$low, $high] = [$guess - 6.0, $guess + 3.0];
        for ($i = 0; $i < 32; $i++) {
            $middle = 0.5 * ($low + $high);
            $gels = (new self($middle, $energy, $densityGCm3))->run($massG, $at, self::SHEET_CUP_MM, self::LOSS, 60.0 * $minutes, true)['gelMin'];
            // Too slow where it has not gelled in the sheet's time.
            [$low, $high] = $gels === null ? [$middle, $high] : [$low, $middle];
        }

        return new self(0.5 * ($low + $high), $energy, $densityGCm3);
    }

    /**
     * @param float $massG      0.1 to 20 000
     * @param float $diameterMm 10 to 2 000
     *
     * @return array{gelMin: float|null, peakC: float, peakAtMin: float, curve: list<array{float, float}>} minutes and °C
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function batch(float $massG, Temperature $air, float $diameterMm = self::SHEET_CUP_MM, float $lossWM2K = self::LOSS): array
    {
        Bounds::within($massG, 0.1, 20000.0, 'batch', 'g');
        Bounds::within($diameterMm, 10.0, 2000.0, 'cup', 'mm');
        Bounds::within($lossWM2K, 0.1, 500.0, 'loss of heat', 'W/m²K');

        return $this->run($massG, $air, $diameterMm, $lossWM2K, 60.0 * self::HORIZON_MIN, false);
    }

    /** @return array{gelMin: float|null, peakC: float, peakAtMin: float, curve: list<array{float, float}>} */
    private function run(float $massG, Temperature $air, float $diameterMm, float $loss, float $untilS, bool $gelOnly): array
    {
        $ambient = $air->inKelvin();
        $heats = self::HEAT_J_G / self::CAPACITY_J_GK;
        $cools = $loss * $this->surfaceM2($massG, $diameterMm) / ($massG * self::CAPACITY_J_GK);
        $speed = fn (float $a, float $t): float => exp($this->logRate - $this->activation / $t) * (self::SEED + $a) * (1.0 - $a) ** 2;
        [$alpha, $warm, $peak, $peakAt, $gel] = [0.0, $ambient, $ambient, 0.0, null];
        $curve = [[0.0, $ambient - 273.15]];
        $h = self::STEP_S;
        for ($s = 0.0; $s < $untilS; $s += $h) {
            $k1 = $speed($alpha, $warm);
            $q1 = $heats * $k1 - $cools * ($warm - $ambient);
            $k2 = $speed(min(1.0, $alpha + 0.5 * $h * $k1), $warm + 0.5 * $h * $q1);
            $q2 = $heats * $k2 - $cools * ($warm + 0.5 * $h * $q1 - $ambient);
            $k3 = $speed(min(1.0, $alpha + 0.5 * $h * $k2), $warm + 0.5 * $h * $q2);
            $q3 = $heats * $k3 - $cools * ($warm + 0.5 * $h * $q2 - $ambient);
            $k4 = $speed(min(1.0, $alpha + $h * $k3), $warm + $h * $q3);
            $q4 = $heats * $k4 - $cools * ($warm + $h * $q3 - $ambient);
            $before = $alpha;
            $alpha = min(1.0, $alpha + $h / 6.0 * ($k1 + 2.0 * $k2 + 2.0 * $k3 + $k4));
            $warm += $h / 6.0 * ($q1 + 2.0 * $q2 + 2.0 * $q3 + $q4);
            if ($gel === null && $alpha >= self::GEL) {
                $gel = ($s + $h * (self::GEL - $before) / max(1e-12, $alpha - $before)) / 60.0;
                if ($gelOnly) {
                    break;
                }
            }
            if ($warm > $peak) {
                [$peak, $peakAt] = [$warm, ($s + $h) / 60.0];
            } elseif ($gel !== null && $warm - $ambient < 0.8 * ($peak - $ambient)) {
                break;
            }
            if (! $gelOnly && fmod($s, 60.0) === 0.0) {
                $curve[] = [($s + $h) / 60.0, $warm - 273.15];
            }
        }

        return ['gelMin' => $gel, 'peakC' => $peak - 273.15, 'peakAtMin' => $peakAt, 'curve' => $curve];
    }

    /** Both ends and the wall of the cylinder that the batch fills. */
    private function surfaceM2(float $massG, float $diameterMm): float
    {
        $d = $diameterMm * 1e-3;
        $end = M_PI * $d ** 2 / 4.0;

        return 2.0 * $end + M_PI * $d * ($massG / $this->densityGCm3 * 1e-6) / $end;
    }
}
