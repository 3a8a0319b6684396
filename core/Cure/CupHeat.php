<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * A mixed batch in its cup: it cures, heats itself, and cures the faster. Top and wall lose to the air, the bottom to the
 * bench, half the depth conducts in series: (M cp + C) dT/dt = M H dα/dt − (U(h) B + h W + U(hb) B)(T − Tair),
 * U(w) = 1/(1/w + depth/2λ). A is fitted so that the sheet's pot life comes out for the sheet's mass and temperature in a
 * cup of 80 mm. Planning values throughout.
 */
final readonly class CupHeat
{
    public const HEAT_J_G = 420.0;
    public const CAPACITY_J_GK = 1.9;
    /** Loss to the air and to the bench, W/m²K; conduction, W/mK; heat that the vessel takes, J/K. */
    public const LOSS = 12.0;
    public const BENCH_LOSS = 20.0;
    public const CONDUCTION_W_MK = 0.2;
    public const VESSEL_J_K = 12.0;
    /** What a cure begins with, k0. */
    public const SEED = 0.2;
    /** Usable until this share has reacted. */
    public const GEL = 0.30;
    /** Of the cup that a sheet's pot life is taken to be measured in, mm. */
    public const SHEET_CUP_MM = 80.0;
    /** Warm enough to warn, and dangerous, °C. */
    public const WARM_C = 60.0;
    public const DANGER_C = 120.0;
    /** No cup is followed longer, minutes. */
    public const HORIZON_MIN = 1200.0;
    private const KEPT_BATCHES = 500;

    private function __construct(public float $logRate, public float $energyK, private float $densityGCm3)
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
        // The time to gel falls nearly as 1/A: a few steps along that slope, each kept in what is known to hold the answer.
        [$low, $high, $x] = [$guess - 8.0, $guess + 4.0, $guess - 1.0];
        for ($i = 0; $i < 60 && $high - $low > 1e-9; $i++) {
            $gels = (new self($x, $energy, $densityGCm3))->balance($massG, self::SHEET_CUP_MM, self::BENCH_LOSS)->run(
                $at->inKelvin(),
                $at->inKelvin(),
                1200.0 * $minutes,
                self::GEL,
                true,
            )['gelS'];
            $off = $gels === null ? INF : log($gels / (60.0 * $minutes));
            if (abs($off) < 1e-7) {
                break;
            }
            [$low, $high] = $off > 0.0 ? [$x, $high] : [$low, $x];
            $next = $x + $off;
            $x = $next > $low && $next < $high ? $next : 0.5 * ($low + $high);
        }

        return new self($x, $energy, $densityGCm3);
    }

    /**
     * @param float            $massG      0.1 to 20 000
     * @param float            $diameterMm 10 to 2 000
     * @param Temperature|null $start      of the mix; null where it is as warm as the air
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function batch(float $massG, Temperature $air, float $diameterMm = self::SHEET_CUP_MM, ?Temperature $start = null): BatchHeat
    {
        Bounds::within($massG, 0.1, 20000.0, 'batch', 'g');
        Bounds::within($diameterMm, 10.0, 2000.0, 'cup', 'mm');
        $startK = ($start ?? $air)->inKelvin();
        /** @var array<string, BatchHeat> $kept */
        static $kept = [];
        $key = implode('/', [$this->logRate, $this->energyK, $this->densityGCm3, $massG, $air->inKelvin(), $diameterMm, $startK]);
        if (isset($kept[$key])) {
            return $kept[$key];
        }
        $kept = count($kept) < self::KEPT_BATCHES ? $kept : [];
        $run = fn (float $bench): array => $this->balance($massG, $diameterMm, $bench)->run(
            $startK,
            $air->inKelvin(),
            60.0 * self::HORIZON_MIN,
            self::GEL,
        );
        $usual = $run(self::BENCH_LOSS);
        $zero = Temperature::ZERO_CELSIUS_IN_KELVIN;

        return $kept[$key] = new BatchHeat(
            $usual['gelS'] === null ? null : $usual['gelS'] / 60.0,
            $usual['peakK'] - $zero,
            $usual['peakAtS'] / 60.0,
            $run(0.0)['peakK'] - $zero,
            array_map(fn (array $p): array => [$p[0] / 60.0, $p[1] - $zero], $usual['curve']),
        );
    }

    private function balance(float $massG, float $diameterMm, float $benchLoss): HeatBalance
    {
        $d = $diameterMm * 1e-3;
        $end = M_PI * $d ** 2 / 4.0;
        $depth = $massG / $this->densityGCm3 * 1e-6 / $end;
        $through = fn (float $loss): float => $loss <= 0.0 ? 0.0 : 1.0 / (1.0 / $loss + $depth / (2.0 * self::CONDUCTION_W_MK));
        $takes = $massG * self::CAPACITY_J_GK + self::VESSEL_J_K;
        $loses = ($through(self::LOSS) + $through($benchLoss)) * $end + self::LOSS * M_PI * $d * $depth;

        return new HeatBalance($this->logRate, $this->energyK, $massG * self::HEAT_J_G / $takes, $loses / $takes);
    }
}
