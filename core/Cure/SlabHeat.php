<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * A laminate that was laid in one go: it cures as its cup does, spread out, with fibre that takes heat and gives none.
 * (m_r cp + m_f c_f) dT/dt = m_r H dα/dt − (h_air + h_mould)(T − T_air), for a square metre, beginning at the air's
 * temperature, without conduction through it (Kamal & Sourour 1973, lumped). Planning values throughout.
 */
final readonly class SlabHeat
{
    public const FIBRE_CAPACITY_J_GK = 0.75;
    public const AIR_LOSS_W_M2K = 12.0;
    public const MOULD_LOSS_W_M2K = 4.0;
    /** More plies than these are never laid at once. */
    public const MOST_PLIES = 40;

    private const HORIZON_MIN = 1440.0;

    /**
     * @param float $plyGM2        fibre of a ply, 10 to 3 000 g/m²
     * @param float $resinPerFibre by weight, 0.1 to 5
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        private CupHeat $cup,
        private float $plyGM2,
        private float $resinPerFibre,
        private float $fibreCapacity = self::FIBRE_CAPACITY_J_GK,
        private float $airLoss = self::AIR_LOSS_W_M2K,
        private float $mouldLoss = self::MOULD_LOSS_W_M2K,
    ) {
        Bounds::within($plyGM2, 10.0, 3000.0, 'ply', 'g/m²');
        Bounds::within($resinPerFibre, 0.1, 5.0, 'resin over fibre', '');
        Bounds::within($airLoss + $mouldLoss, 0.1, 1000.0, 'loss', 'W/m²K');
    }

    /**
     * The hottest that so many plies get, laid at once.
     *
     * @return array{peakC: float, peakAtMin: float, curve: list<array{float, float}>} curve in min and °C
     *
     * @throws \OakGloss\Quantity\OutOfRange If there are not 1 to 200 plies.
     */
    public function of(int $plies, Temperature $air): array
    {
        Bounds::within($plies, 1, 200, 'plies', '');
        /** @var array<string, array{peakC: float, peakAtMin: float, curve: list<array{float, float}>}> $kept */
        static $kept = [];
        $key = implode('/', [
            $this->cup->logRate, $this->cup->energyK, $this->plyGM2, $this->resinPerFibre, $this->fibreCapacity,
            $this->airLoss + $this->mouldLoss, $plies, $air->inKelvin(),
        ]);
        if (isset($kept[$key])) {
            return $kept[$key];
        }
        $fibre = $plies * $this->plyGM2;
        $resin = $fibre * $this->resinPerFibre;
        $takes = $resin * CupHeat::CAPACITY_J_GK + $fibre * $this->fibreCapacity;
        $balance = new HeatBalance(
            $this->cup->logRate,
            $this->cup->energyK,
            $resin * CupHeat::HEAT_J_G / $takes,
            ($this->airLoss + $this->mouldLoss) / $takes,
        );
        $run = $balance->run($air->inKelvin(), $air->inKelvin(), 60.0 * self::HORIZON_MIN, CupHeat::GEL);
        $zero = Temperature::ZERO_CELSIUS_IN_KELVIN;

        return $kept[$key] = [
            'peakC' => $run['peakK'] - $zero,
            'peakAtMin' => $run['peakAtS'] / 60.0,
            'curve' => array_map(fn (array $p): array => [$p[0] / 60.0, $p[1] - $zero], $run['curve']),
        ];
    }

    /** The most plies at once that stay at or under what pattern, mould or core bears; 0 if one is too many. */
    public function liftPlies(Temperature $air, float $limitC): int
    {
        for ($plies = 0; $plies < self::MOST_PLIES; $plies++) {
            if ($this->of($plies + 1, $air)['peakC'] > $limitC) {
                break;
            }
        }

        return $plies;
    }

    /** How many lifts so many plies ask for; null where one ply is too many. */
    public function lifts(int $plies, Temperature $air, float $limitC): ?int
    {
        $lift = $this->liftPlies($air, $limitC);

        return $lift === 0 ? null : (int) ceil($plies / $lift);
    }
}
